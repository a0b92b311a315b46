package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * The true outline of a thread in half-section, crest toward larger radius (external) or smaller (internal).
 *
 * @param start where the first turn begins on the axis (mm)
 * @param turns whole turns
 * @param pitch (mm)
 * @param depth crest to root (mm)
 * @param flankHalfAngle half the included flank angle (degrees)
 * @param crestAtEnd crest radius at the far end (mm)
 * @param slope change of radius along the axis, 1/32 for 1 in 16 on diameter, 0 for straight
 * @param internal whether the crest points to the axis
 */
public record ThreadProfile(
        double start,
        int turns,
        double pitch,
        double depth,
        double flankHalfAngle,
        double crestAtEnd,
        double slope,
        boolean internal) {

    public double end() {
        return start + turns * pitch;
    }

    /** Radius over the crests at a place along the axis. */
    public double crest(double x) {
        return crestAtEnd - (end() - x) * slope;
    }

    /** Radius at the roots at a place along the axis. */
    public double root(double x) {
        return crest(x) + (internal ? depth : -depth);
    }

    /** Where a crest stands, counted from 0. */
    public Point crestPoint(int turn) {
        double x = start + (turn + 0.5) * pitch;
        return new Point(x, crest(x));
    }

    /** The outline from start to end in the upper half; flats at crest and root share what the flanks leave of the pitch. */
    public List<Point> outline() {
        double flank = depth * Math.tan(Math.toRadians(flankHalfAngle));
        double flat = Math.max(0, (pitch - 2 * flank) / 2);
        List<Point> points = new ArrayList<>();
        for (int i = 0; i < turns; i++) {
            double x = start + i * pitch;
            points.add(rootPoint(x));
            points.add(rootPoint(x + flat / 2));
            points.add(crestPointAt(x + flat / 2 + flank));
            points.add(crestPointAt(x + flat * 1.5 + flank));
            points.add(rootPoint(x + flat * 1.5 + 2 * flank));
        }
        points.add(rootPoint(end()));
        return points;
    }

    private Point rootPoint(double x) {
        return new Point(x, root(x));
    }

    private Point crestPointAt(double x) {
        return new Point(x, crest(x));
    }
}
