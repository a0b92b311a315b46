package mellowflare.core.section;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.TreeMap;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.ThreadProfile;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.thread.Pitch;
import mellowflare.core.thread.ThreadForm;
import mellowflare.core.thread.ThreadSize;

/**
 * A card to print at true size and hold a part against: pitch combs, slots as wide as a thread over its crests, wedges for seats, and a ruler
 * that shows whether the printer kept the size. Every drawing is in millimetres of paper, {@link #WIDTH} wide.
 */
public final class GaugeCard {
    /** Width of every drawing (mm); fits A4 and Letter. */
    public static final double WIDTH = 180;

    private static final double RULER = 100;
    /** Length of a comb (mm), to the last whole tooth. */
    static final double COMB = 38;

    private static final double SLOT_MOST = 36;
    private static final double SLOT_DEPTH = 24;
    private static final double WEDGE_SIDE = 30;

    private GaugeCard() {}

    /** The drawings of the card, in the order in which they stand on paper. */
    public static List<Drawing> drawings(ReferenceData data) {
        List<Drawing> all = new ArrayList<>();
        all.add(ruler());
        all.add(combs(data));
        all.add(wedges());
        all.addAll(slots(data));
        return List.copyOf(all);
    }

    /** A hundred millimetres and four inches: what they measure on paper tells whether the card may be used. */
    static Drawing ruler() {
        Drawing.Sheet sheet = new Drawing.Sheet();
        for (int mm = 0; mm <= RULER; mm++) {
            double tick = mm % 10 == 0 ? 5 : mm % 5 == 0 ? 3.5 : 2;
            sheet.line(Pen.FINE, new Point(mm, 10), new Point(mm, 10 + tick));
        }
        sheet.line(Pen.OUTLINE, new Point(0, 10), new Point(RULER, 10));
        for (int sixteenths = 0; sixteenths <= 64; sixteenths++) {
            double x = sixteenths * Length.MM_PER_INCH / 16;
            double tick = sixteenths % 16 == 0 ? 5 : sixteenths % 4 == 0 ? 3.5 : 2;
            sheet.line(Pen.FINE, new Point(x, 10), new Point(x, 10 - tick));
        }
        sheet.line(Pen.OUTLINE, new Point(0, 10), new Point(4 * Length.MM_PER_INCH, 10));
        name(sheet, 108, 13, Say.it("gauge-card.this-ruler-must-measure"), Say.it("gauge-card.if-does-not-print"));
        return sheet.done(0, 2, WIDTH, 18);
    }

    /** One comb for every pitch of the tables, inch before metric: lay the thread on it, the right one shows no light. */
    static Drawing combs(ReferenceData data) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        List<Pitch> leaves = data.get(EndTable.KEY).all().stream()
                .flatMap(e -> e.thread().map(ThreadSize::pitch).stream())
                .distinct()
                .sorted(Comparator.comparing(Pitch::perInch).reversed().thenComparing(Pitch::marking))
                .toList();
        int columns = 4;
        double column = WIDTH / columns;
        double row = 12.5;
        int rows = (leaves.size() + columns - 1) / columns;
        for (int i = 0; i < leaves.size(); i++) {
            double x = i % columns * column;
            double y = (rows - 1 - i / columns) * row;
            comb(sheet, leaves.get(i), x, y + 4);
            name(sheet, x, y + 1, leaves.get(i).text(), "");
        }
        return sheet.done(0, -1, WIDTH, rows * row);
    }

    /** A comb of about 30 to 40 mm on its baseline. */
    static void comb(Drawing.Sheet sheet, Pitch pitch, double x, double y) {
        double p = pitch.length().mm();
        int turns = (int) (COMB / p);
        double depth = ThreadForm.UNIFIED.depth(pitch).mm();
        ThreadProfile profile = new ThreadProfile(x, turns, p, depth, 30, y + 4, 0, false);
        List<Point> outline = new ArrayList<>();
        outline.add(new Point(x, y));
        outline.addAll(profile.outline());
        outline.add(new Point(profile.end(), y));
        sheet.path(Pen.OUTLINE, Fill.METAL_CUT, true, outline);
    }

    /** Notches to lay a cone into, one for every seat that has an angle. */
    static Drawing wedges() {
        Drawing.Sheet sheet = new Drawing.Sheet();
        List<Seat> seats = List.of(Seat.CONE24, Seat.CONE60, Seat.CONE37, Seat.INVERTED42, Seat.CONE45);
        double each = WIDTH / seats.size();
        for (int i = 0; i < seats.size(); i++) {
            double half = Math.toRadians(seats.get(i).halfAngleDegrees().orElseThrow());
            double x = i * each + each / 2 - 2;
            Point tip = new Point(x, 6);
            Point left = new Point(x - WEDGE_SIDE * Math.sin(half) * 0.55, 6 + WEDGE_SIDE * Math.cos(half) * 0.55);
            Point right = new Point(2 * x - left.x(), left.y());
            sheet.path(Pen.OUTLINE, Fill.NONE, false, List.of(left, tip, right));
            sheet.line(Pen.CENTRE_LINE, tip, new Point(x, left.y() + 1));
            name(sheet, x - 14, 1.5, seats.get(i).words(), "");
        }
        return sheet.done(0, -1, WIDTH, 26);
    }

    /** A slot for every male thread that fits between its lines, narrow ones first, with the ends it may be. */
    static List<Drawing> slots(ReferenceData data) {
        TreeMap<Double, List<End>> byWidth = new TreeMap<>();
        for (End end : data.get(EndTable.KEY).of(Gender.MALE)) {
            double mm = end.across()
                    .map(a -> Math.round(a.middle().mm() * 20) / 20.0)
                    .orElse(Double.MAX_VALUE);
            if (mm <= SLOT_MOST) {
                byWidth.computeIfAbsent(mm, w -> new ArrayList<>()).add(end);
            }
        }
        List<Drawing> rows = new ArrayList<>();
        Drawing.Sheet sheet = new Drawing.Sheet();
        double x = 0;
        for (var slot : byWidth.entrySet()) {
            double wide = Math.max(slot.getKey() + 3, 34);
            if (x + wide > WIDTH) {
                rows.add(sheet.done(0, -1, WIDTH, SLOT_DEPTH));
                sheet = new Drawing.Sheet();
                x = 0;
            }
            sheet.path(
                    Pen.OUTLINE,
                    Fill.NONE,
                    false,
                    List.of(
                            new Point(x, SLOT_DEPTH - 1),
                            new Point(x, 9),
                            new Point(x + slot.getKey(), 9),
                            new Point(x + slot.getKey(), SLOT_DEPTH - 1)));
            name(
                    sheet,
                    x,
                    5.5,
                    Say.it("gauge-card.mm", "key", LengthFormat.decimal(slot.getKey(), 2, 0)),
                    ends(slot.getValue()));
            x += wide;
        }
        rows.add(sheet.done(0, -1, WIDTH, SLOT_DEPTH));
        return rows;
    }

    private static String ends(List<End> ends) {
        String first = ends.get(0).brief();
        return ends.size() == 1 ? first : Say.it("gauge-card.more", "first", first, "count", ends.size() - 1);
    }

    private static void name(Drawing.Sheet sheet, double x, double y, String text, String under) {
        sheet.label(new Point(x, y), text, under, Shape.Role.NAME, Shape.Anchor.START);
    }
}
