package mellowflare.core.hose.draw;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.LengthFormat;

/** Two elbows pictured as a clock: looked at from end A along the hose, elbow A at 12 o'clock, clockwise to elbow B. */
public final class ClockDial {
    private static final double RADIUS = 30;
    private static final double HOSE = 9;
    private static final int ARC = 48;

    private ClockDial() {}

    /** The dial with both elbows and the angle between them. */
    public static Drawing of(Angle clock) {
        Drawing.Sheet sheet = new Drawing.Sheet();
        for (int hour = 0; hour < 12; hour++) {
            double at = hour * 30.0;
            sheet.line(Pen.FINE, place(at, RADIUS), place(at, RADIUS + (hour % 3 == 0 ? 4 : 2)));
        }
        elbow(sheet, clock.degrees(), Pen.SELECTED);
        elbow(sheet, 0, Pen.OUTLINE);
        sheet.add(new Shape.Disc(new Point(0, 0), HOSE, Pen.OUTLINE, Fill.WIRE));
        List<Point> sweep = new ArrayList<>();
        for (int i = 0; i <= ARC; i++) {
            sweep.add(place(clock.degrees() * i / ARC, RADIUS * 0.62));
        }
        sheet.path(Pen.MEASURED, Fill.NONE, false, sweep);
        arrow(sheet, clock.degrees());
        sheet.label(place(0, RADIUS + 8), Say.it("clock-dial.elbow-a-12-o"), "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
        Point b = place(clock.degrees(), RADIUS + 8);
        Shape.Anchor side =
                Math.abs(b.x()) < 8 ? Shape.Anchor.MIDDLE : b.x() > 0 ? Shape.Anchor.START : Shape.Anchor.END;
        boolean nearTop = clock.degrees() < 25 || clock.degrees() > 335;
        sheet.label(
                nearTop ? new Point(b.x() < 0 ? -RADIUS : RADIUS, RADIUS * 0.6) : b,
                Say.it("clock-dial.elbow-b-at", "degrees", LengthFormat.decimal(clock.degrees(), 1, 0)),
                Say.it("clock-dial.clockwise-seen-from-a"),
                Shape.Role.NAME,
                nearTop ? (b.x() < 0 ? Shape.Anchor.END : Shape.Anchor.START) : side);
        return sheet.done(-RADIUS - 60, -RADIUS - 18, RADIUS + 60, RADIUS + 16);
    }

    /** Clockwise from 12 o'clock. */
    private static Point place(double degrees, double radius) {
        double a = Math.toRadians(degrees);
        return new Point(radius * Math.sin(a), radius * Math.cos(a));
    }

    private static void elbow(Drawing.Sheet sheet, double degrees, Pen pen) {
        double half = 5;
        double a = Math.toRadians(degrees);
        double ux = Math.sin(a);
        double uy = Math.cos(a);
        sheet.path(
                pen,
                Fill.METAL,
                true,
                List.of(
                        new Point(-half * uy, half * ux),
                        new Point(-half * uy + RADIUS * ux, half * ux + RADIUS * uy),
                        new Point(half * uy + RADIUS * ux, -half * ux + RADIUS * uy),
                        new Point(half * uy, -half * ux)));
        // The outlet is where the elbow seals.
        sheet.glow(
                new Point(-half * uy + RADIUS * ux, half * ux + RADIUS * uy),
                new Point(half * uy + RADIUS * ux, -half * ux + RADIUS * uy));
    }

    private static void arrow(Drawing.Sheet sheet, double degrees) {
        if (degrees > 4) {
            Point tip = place(degrees, RADIUS * 0.62);
            Point in = place(degrees - 6, RADIUS * 0.55);
            Point out = place(degrees - 6, RADIUS * 0.69);
            sheet.path(Pen.MEASURED, Fill.NONE, false, List.of(in, tip, out));
        }
    }
}
