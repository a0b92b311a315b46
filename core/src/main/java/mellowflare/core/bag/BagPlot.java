package mellowflare.core.bag;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.UnitSystem;

/** The chance that a bag finishes the job, over the number of its parts: a stair, the bag that is packed as a filled dot, the chance wanted as a line across. */
public final class BagPlot {
    private static final double WIDE = 300;
    private static final double HIGH = 120;

    private BagPlot() {}

    /** Empty axes while there is no bag. */
    public static Drawing of(Packed packed, UnitSystem units) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.line(Pen.OUTLINE, new Point(0, 0), new Point(WIDE, 0));
        sheet.line(Pen.OUTLINE, new Point(0, 0), new Point(0, HIGH));
        for (int percent = 25; percent <= 100; percent += 25) {
            double y = HIGH * percent / 100;
            sheet.line(Pen.FINE, new Point(0, y), new Point(WIDE, y));
            sheet.label(new Point(-4, y - 3), percent + " %", "", Shape.Role.NAME, Shape.Anchor.END);
        }
        sheet.label(new Point(WIDE, -22), Say.it("bag-plot.parts"), "", Shape.Role.NAME, Shape.Anchor.END);
        List<Bag> curve = packed.curve();
        if (curve.isEmpty()) {
            return sheet.done(-34, -28, WIDE + 12, HIGH + 18);
        }
        int most = curve.get(curve.size() - 1).parts().size() + 1;
        List<Point> stair = new ArrayList<>();
        double last = 0;
        for (Bag b : curve) {
            double x = WIDE * b.parts().size() / most;
            stair.add(new Point(x, HIGH * last));
            stair.add(new Point(x, HIGH * b.chance()));
            last = b.chance();
        }
        stair.add(new Point(WIDE, HIGH * last));
        sheet.path(Pen.SELECTED, Fill.NONE, false, stair);
        double wanted = HIGH * packed.wanted();
        sheet.line(Pen.MEASURED, new Point(0, wanted), new Point(WIDE, wanted));
        for (Bag b : curve) {
            boolean taken = packed.bag().filter(b::equals).isPresent();
            Point p = new Point(WIDE * b.parts().size() / most, HIGH * b.chance());
            sheet.add(new Shape.Disc(p, taken ? 3.4 : 1.8, Pen.OUTLINE, taken ? Fill.BLACK : Fill.PAPER));
            sheet.label(
                    new Point(p.x(), -9), Integer.toString(b.parts().size()), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
            if (taken) {
                sheet.label(
                        p.plus(-6, 5),
                        new Figure.OfShare(b.chance()).text(units),
                        "",
                        Shape.Role.OVER,
                        Shape.Anchor.END);
            }
        }
        return sheet.done(-34, -28, WIDE + 12, HIGH + 18);
    }
}
