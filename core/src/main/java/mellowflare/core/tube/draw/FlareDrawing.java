package mellowflare.core.tube.draw;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.end.FlareBand;
import mellowflare.core.tube.flare.FlareBench;
import mellowflare.core.tube.flare.FlareMade;
import mellowflare.core.tube.flare.FlareSetting;

/**
 * A flare in section, to scale of its tube: at the left the tube in the bar with its stick-out, at the right the flare that comes of it on its seat, which glows. What goes wrong is drawn: a rim wider on one side, a
 * second rim, a split. Dashed stands the band that the diameter must lie in.
 */
public final class FlareDrawing {
    /** The drawn tube is this wide on paper, whatever its size. */
    private static final double TUBE_WIDE = 56;

    private static final double BAR = 34;
    private static final double RIGHT = 262;

    private final FlareBench bench;
    private final FlareSetting setting;
    private final FlareMade made;
    private final Optional<FlareBand> band;
    private final UnitSystem units;
    private final double scale;
    private final double r;
    private final double wall;
    private final Drawing.Sheet sheet = new Drawing.Sheet();

    private FlareDrawing(
            FlareBench bench, FlareSetting setting, FlareMade made, Optional<FlareBand> band, UnitSystem units) {
        this.bench = bench;
        this.setting = setting;
        this.made = made;
        this.band = band;
        this.units = units;
        this.scale = TUBE_WIDE / bench.tube().outside().mm();
        this.r = TUBE_WIDE / 2;
        this.wall = Math.max(2.5, bench.tube().wall().mm() * scale);
    }

    /**
     * Draws a setting and the flare that comes of it.
     *
     * @param bench tube, kind and tool
     * @param setting how it is made
     * @param made what comes of it
     * @param band what its diameter must be
     * @param units for the figures
     */
    public static Drawing of(
            FlareBench bench, FlareSetting setting, FlareMade made, Optional<FlareBand> band, UnitSystem units) {
        return new FlareDrawing(bench, setting, made, band, units).draw();
    }

    private Drawing draw() {
        inTheBar();
        onTheSeat();
        return sheet.done(-20, -86, 392, 98);
    }

    private static List<Point> mirrored(List<Point> points) {
        return points.stream().map(Point::mirrored).toList();
    }

    private void both(Pen pen, Fill fill, List<Point> upper) {
        sheet.path(pen, fill, true, upper);
        sheet.path(pen, fill, true, mirrored(upper));
    }

    /** The tube lies along x, its mouth to the right; bar halves above and below; the cone waits. */
    private void inTheBar() {
        double face = 92;
        double stick = setting.stickOut().mm() * scale;
        double half = Math.toRadians(bench.kind().halfAngle().degrees());
        double sink = Math.max(
                2,
                (made.onCone().mm() * bench.kind().layers() - setting.stickOut().mm()) * scale);
        double depth = sink * Math.cos(half);
        double open = r + depth * Math.tan(half);
        both(
                Pen.OUTLINE,
                Fill.METAL_CUT,
                List.of(
                        new Point(face - BAR, r),
                        new Point(face - depth, r),
                        new Point(face, open),
                        new Point(face, r + 30),
                        new Point(face - BAR, r + 30)));
        both(
                Pen.OUTLINE,
                Fill.SOFT,
                List.of(
                        new Point(0, r - wall),
                        new Point(0, r),
                        new Point(face + stick, r),
                        new Point(face + stick, r - wall)));
        double tip = face + stick + 20;
        double back = tip + 26;
        double wide = (back - tip) * Math.tan(half);
        double off = setting.offCentre().mm() * scale;
        sheet.path(
                Pen.OUTLINE,
                Fill.METAL,
                true,
                List.of(
                        new Point(tip, off),
                        new Point(back, off + wide),
                        new Point(back + 12, off + wide),
                        new Point(back + 12, off - wide),
                        new Point(back, off - wide)));
        sheet.line(Pen.CENTRE_LINE, new Point(-14, 0), new Point(back + 22, 0));
        if (off > 0.4) {
            sheet.line(Pen.MEASURED, new Point(tip - 6, off), new Point(back + 22, off));
        }
        sheet.add(new Shape.Dimension(
                new Point(face, -r - 32),
                new Point(face + Math.max(stick, 0.1), -r - 32),
                -1,
                Say.it("flare-drawing.out", "stickOut", figure(setting.stickOut())),
                true));
        sheet.label(
                new Point(-14, r + 58),
                Say.it("flare-drawing.bar"),
                bench.kind().name(),
                Shape.Role.NAME,
                Shape.Anchor.START);
    }

    /** The flare in section on its cone; its upper rim wider when it is lop-sided. */
    private void onTheSeat() {
        double angle = Math.toRadians(made.angle().degrees());
        double more = made.lopSided().mm() * scale / 2;
        double slant = made.onCone().mm() * scale;
        double root = RIGHT;
        List<Point> upper = lip(root, slant + more / Math.sin(angle), angle);
        List<Point> lower = mirrored(lip(root, Math.max(1, slant - more / Math.sin(angle)), angle));
        seat(root, slant, Math.toRadians(bench.kind().halfAngle().degrees()));
        sheet.path(Pen.OUTLINE, Fill.SOFT, true, upper);
        sheet.path(Pen.OUTLINE, Fill.SOFT, true, lower);
        if (bench.kind().layers() == 2) {
            inner(root, slant, angle);
        }
        if (made.rimStep().mm() * scale > 1) {
            step(root, slant, angle);
        }
        if (made.crackRisk() > 0.5) {
            Point rim = upper.get(2);
            sheet.path(Pen.STOP, Fill.NONE, false, List.of(rim, rim.plus(-4, -1), rim.plus(-5, -6), rim.plus(-10, -7)));
        }
        sheet.line(Pen.CENTRE_LINE, new Point(root - 100, 0), new Point(root + 92, 0));
        double x = root + slant * Math.cos(angle) + 6;
        double top = upper.get(2).y();
        double bottom = lower.get(2).y();
        band.ifPresent(b -> {
            for (Length l : List.of(b.low(), b.high())) {
                double y = l.mm() * scale / 2;
                sheet.line(Pen.HIDDEN, new Point(x - 8, y), new Point(root + 90, y));
                sheet.line(Pen.HIDDEN, new Point(x - 8, -y), new Point(root + 90, -y));
            }
        });
        sheet.add(new Shape.Dimension(
                new Point(root + 92, bottom), new Point(root + 92, top), -1, figure(made.diameter()), false));
        sheet.label(
                new Point(root - 34, r + 58),
                Say.it("flare-drawing.on-its-seat"),
                band.map(b -> Say.it("flare-drawing.text", "low", figure(b.low()), "high", figure(b.high())))
                        .orElse(Say.it("flare-drawing.band-not-known")),
                Shape.Role.NAME,
                Shape.Anchor.MIDDLE);
    }

    /** Upper half of the flare: tube from the left, bent out along the cone. The outer surface keeps its length; the wall thins to the rim. */
    private List<Point> lip(double root, double slant, double angle) {
        double rim = Math.max(1.6, made.lipWallLow().mm() * scale);
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        Point outer = new Point(root + slant * cos, r + slant * sin);
        Point inner = outer.plus(rim * sin, -rim * cos);
        List<Point> lip = new ArrayList<>(List.of(
                new Point(root - 90, r),
                new Point(root, r),
                outer,
                inner,
                new Point(root + wall * Math.tan(angle / 2), r - wall),
                new Point(root - 90, r - wall)));
        return lip;
    }

    /** The folded-in layer of a double flare or bubble. */
    private void inner(double root, double slant, double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double t = Math.max(1.6, made.lipWallHigh().mm() * scale);
        Point rim = new Point(root + slant * cos, r + slant * sin);
        Point a = rim.plus(t * sin, -t * cos);
        Point b = a.plus(-slant * 0.85 * cos, -slant * 0.85 * sin);
        both(Pen.FINE, Fill.SOFT, List.of(a, a.plus(t * sin, -t * cos), b.plus(t * sin, -t * cos), b));
    }

    private void step(double root, double slant, double angle) {
        double cos = Math.cos(angle);
        double sin = Math.sin(angle);
        double at = slant * 0.6;
        double t = Math.max(1.6, made.lipWallLow().mm() * scale);
        Point p = new Point(root + at * cos + t * sin, r + at * sin - t * cos);
        both(
                Pen.STOP,
                Fill.NONE,
                List.of(
                        p,
                        p.plus(3 * sin, -3 * cos),
                        p.plus(3 * sin + 5 * cos, -3 * cos + 5 * sin),
                        p.plus(5 * cos, 5 * sin)));
    }

    /** The cone of the port against the inside of the flare, and its contact glowing. */
    private void seat(double root, double slant, double half) {
        double cos = Math.cos(half);
        double sin = Math.sin(half);
        double t = wall * (bench.kind().layers() == 2 ? 2 : 1);
        Point foot = new Point(root + t * Math.tan(half / 2), r - t);
        Point rim = foot.plus(slant * cos, slant * sin);
        Point end = foot.plus((slant + 10) * cos, (slant + 10) * sin);
        Point nose = foot.plus(-8 * cos, -8 * sin);
        double bore = Math.max(3, nose.y() - 9);
        both(
                Pen.OUTLINE,
                Fill.METAL_CUT,
                List.of(
                        new Point(nose.x(), bore),
                        nose,
                        end,
                        new Point(root + 84, end.y()),
                        new Point(root + 84, bore)));
        sheet.glow(foot, rim);
        sheet.glow(foot.mirrored(), rim.mirrored());
    }

    private String figure(Length l) {
        return LengthFormat.figure(l, units);
    }
}
