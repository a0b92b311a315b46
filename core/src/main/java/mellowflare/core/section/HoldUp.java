package mellowflare.core.section;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.identify.Candidate;
import mellowflare.core.identify.Identification;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.thread.Pitch;

/** What to show at true size for a part to be held against: combs of the likeliest pitches and rings of the likeliest diameters. */
public final class HoldUp {
    /** Card of the ISO/IEC 7810 ID-1 size: 85.60 by 53.98 mm. */
    public static final Length CARD_WIDTH = Length.ofMm(85.60);

    public static final Length CARD_HEIGHT = Length.ofMm(53.98);
    private static final int SHOWN = 3;
    private static final double GAP = 8;
    /** Leaves to begin with while nothing is known: they tell the commonest families apart. */
    private static final List<Pitch> FIRST = List.of(Pitch.ofPerInch(14), Pitch.ofPerInch(18), Pitch.ofMm(1.5));

    private HoldUp() {}

    /** The outline of the card, to bring the screen to true size. */
    public static Drawing card() {
        double w = CARD_WIDTH.mm();
        double h = CARD_HEIGHT.mm();
        return new Drawing.Sheet()
                .rect(Pen.OUTLINE, Fill.PAPER, 0, 0, w, h)
                .label(
                        new Point(w / 2, h / 2),
                        Say.it("hold-up.lay-card-on-this"),
                        "85.6 by 54 mm",
                        Shape.Role.NAME,
                        Shape.Anchor.MIDDLE)
                .done(0, 0, w, h);
    }

    /** Combs and rings for the likeliest ends of an answer. */
    public static Drawing of(Identification answer, UnitSystem units) {
        Set<Pitch> pitches = new LinkedHashSet<>();
        Set<Length> diameters = new LinkedHashSet<>();
        for (Candidate c : answer.candidates()) {
            if (pitches.size() < SHOWN) {
                c.end().thread().ifPresent(t -> pitches.add(t.pitch()));
            }
            if (diameters.size() < SHOWN) {
                c.end().across().ifPresent(a -> diameters.add(a.middle()));
            }
        }
        return draw(pitches.isEmpty() ? FIRST : List.copyOf(pitches), List.copyOf(diameters), units);
    }

    private static Drawing draw(List<Pitch> pitches, List<Length> diameters, UnitSystem units) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        double x = 0;
        for (Pitch pitch : pitches) {
            double p = pitch.length().mm();
            GaugeCard.comb(sheet, pitch, x, 6);
            sheet.label(new Point(x, 1), pitch.text(), "", Shape.Role.NAME, Shape.Anchor.START);
            x += Math.floor(GaugeCard.COMB / p) * p + GAP;
        }
        double right = x - GAP;
        double top = 16;
        double largest = diameters.stream().mapToDouble(Length::mm).max().orElse(0);
        x = 0;
        List<Double> ends = new ArrayList<>();
        for (Length d : diameters) {
            double r = d.mm() / 2;
            Point centre = new Point(x + r, top + 6 + r);
            sheet.add(new Shape.Disc(centre, r, Pen.OUTLINE, Fill.NONE));
            sheet.label(
                    new Point(x + r, top + 2), LengthFormat.figure(d, units), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
            x += d.mm() + GAP;
            ends.add(x - GAP);
        }
        double wide = Math.max(
                right, ends.stream().mapToDouble(Double::doubleValue).max().orElse(0));
        return sheet.done(0, -1, wide, top + (diameters.isEmpty() ? 0 : 7 + largest));
    }
}
