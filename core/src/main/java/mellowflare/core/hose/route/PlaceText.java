package mellowflare.core.hose.route;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.CoordinateText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;

/**
 * Places as a fitter types them: three figures parted by blanks or commas ({@code 300 -50 120}), places by semicolons, boxes as
 * {@code name 380 -80 20 to 520 120 260}. Mixed inches are joined by a hyphen: {@code 2-7/16}.
 */
public final class PlaceText {

    private PlaceText() {}

    /** Places parted by semicolons; an empty text gives none. */
    public static Read<List<Vector>> places(String text, UnitSystem units) {
        List<Vector> all = new ArrayList<>();
        for (String each : text.split(";")) {
            if (!each.isBlank()) {
                Read<Vector> place = place(each.strip(), units);
                if (place.value().isEmpty()) {
                    return Read.refuse(Refusal.NOT_A_NUMBER, place.refusal().orElseThrow());
                }
                all.add(place.value().get());
            }
        }
        return atMost(all, RouteSketch.MOST_PLACES, Say.it("place-text.places"));
    }

    private static Read<Vector> place(String text, UnitSystem units) {
        String[] parts = text.split("[\\s,]+");
        if (parts.length != 3) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("place-text.no-place-three-figures", "text", text));
        }
        double[] xyz = new double[3];
        for (int i = 0; i < 3; i++) {
            Read<Double> c = CoordinateText.read(parts[i], units);
            if (c.value().isEmpty()) {
                return Read.refuse(Refusal.NOT_A_NUMBER, c.refusal().orElseThrow());
            }
            xyz[i] = c.value().get();
        }
        return Read.of(new Vector(xyz[0], xyz[1], xyz[2]));
    }

    /** Boxes parted by semicolons; an empty text gives none. */
    public static Read<List<KeepOut>> boxes(String text, UnitSystem units) {
        List<KeepOut> all = new ArrayList<>();
        for (String each : text.split(";")) {
            if (!each.isBlank()) {
                Read<KeepOut> box = box(each.strip(), units);
                if (box.value().isEmpty()) {
                    return Read.refuse(Refusal.NOT_A_NUMBER, box.refusal().orElseThrow());
                }
                all.add(box.value().get());
            }
        }
        return atMost(all, RouteSketch.MOST_BOXES, Say.it("place-text.boxes"));
    }

    private static <T> Read<List<T>> atMost(List<T> all, int most, String what) {
        return all.size() > most
                ? Read.refuse(
                        Refusal.OUT_OF_RANGE,
                        Say.it("place-text.at-most-taken-not", "most", most, "what", what, "size", all.size()))
                : Read.of(List.copyOf(all));
    }

    private static Read<KeepOut> box(String text, UnitSystem units) {
        String[] sides = text.split("(?i)\\s+to\\s+");
        if (sides.length != 2) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("place-text.no-box-name-corner", "text", text));
        }
        int digit = 0;
        while (digit < sides[0].length()
                && !Character.isDigit(sides[0].charAt(digit))
                && sides[0].charAt(digit) != '-') {
            digit++;
        }
        String name = sides[0].substring(0, digit).strip();
        Read<Vector> low = place(sides[0].substring(digit).strip(), units);
        Read<Vector> high = place(sides[1].strip(), units);
        if (low.value().isEmpty() || high.value().isEmpty()) {
            return Read.refuse(
                    Refusal.NOT_A_NUMBER, low.refusal().or(high::refusal).orElseThrow());
        }
        Vector a = low.value().get();
        Vector b = high.value().get();
        if (a.x() == b.x() || a.y() == b.y() || a.z() == b.z()) {
            return Read.refuse(Refusal.OUT_OF_RANGE, Say.it("place-text.a-box-has-extent", "text", text));
        }
        return Read.of(KeepOut.between(name.isEmpty() ? "keep-out" : name, a, b));
    }

    /** Places as they are typed again. */
    public static String text(List<Vector> places, UnitSystem units) {
        return String.join("; ", places.stream().map(v -> text(v, units)).toList());
    }

    /** Boxes as they are typed again. */
    public static String boxText(List<KeepOut> boxes, UnitSystem units) {
        return String.join(
                "; ",
                boxes.stream()
                        .map(k -> k.name() + " " + text(k.low(), units) + " to " + text(k.high(), units))
                        .toList());
    }

    private static String text(Vector v, UnitSystem units) {
        return CoordinateText.text(v.x(), units) + " " + CoordinateText.text(v.y(), units) + " "
                + CoordinateText.text(v.z(), units);
    }
}
