package mellowflare.core.tube.form;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/**
 * What rounding the marks to the rule, and bends and rotations to the degree, does to the far end when end A is held as it should be.
 *
 * @param path the tube as it would come out
 * @param along by how much the far end comes too far (plus) or too short along the last leg
 * @param across how far it stands beside
 * @param askew how far its direction is off
 */
public record Rounded(BentPath path, Length along, Length across, Angle askew) {
    private static final double DEGREE = Math.toRadians(1);

    /**
     * Rounds a path.
     *
     * @param path exact
     * @param ahead tube before its start, as the marks are counted from the end of the straight tube
     * @param units whole millimetres or sixteenths
     */
    public static Rounded of(BentPath path, Length ahead, UnitSystem units) {
        List<BentPath.Bend> bends = new ArrayList<>();
        List<BendMark> marks = BendMark.of(path, ahead);
        double at = ahead.mm();
        for (int i = 0; i < path.bends().size(); i++) {
            BentPath.Bend b = path.bends().get(i);
            double start = round(marks.get(i).start().mm(), units);
            double angle = Math.max(DEGREE, Math.rint(b.angle() / DEGREE) * DEGREE);
            double rotation = i == 0 ? 0 : Math.rint(b.rotation() / DEGREE) * DEGREE;
            bends.add(new BentPath.Bend(
                    Math.max(0, start - at), rotation, Math.min(angle, Math.toRadians(179)), b.radius()));
            at = start + b.radius() * angle;
        }
        double end = round(ahead.mm() + path.developed(), units);
        BentPath rounded = new BentPath(bends, Math.max(0, end - at));
        List<Vector> was = path.corners();
        List<Vector> is = rounded.corners();
        Vector way = last(was);
        Vector error = is.get(is.size() - 1).minus(was.get(was.size() - 1));
        double along = error.dot(way);
        double across = error.minus(way.times(along)).length();
        double askew = Math.atan2(last(is).cross(way).length(), last(is).dot(way));
        return new Rounded(rounded, Length.ofMm(along), Length.ofMm(across), Angle.ofDegrees(Math.toDegrees(askew)));
    }

    private static double round(double mm, UnitSystem units) {
        return units == UnitSystem.METRIC
                ? Math.floor(mm + 0.5)
                : Math.floor(mm / Length.MM_PER_INCH * LengthFormat.SHOP_DENOMINATOR + 0.5)
                        / LengthFormat.SHOP_DENOMINATOR
                        * Length.MM_PER_INCH;
    }

    /** Direction of the last leg. */
    private static Vector last(List<Vector> corners) {
        for (int i = corners.size() - 1; i > 0; i--) {
            Vector leg = corners.get(i).minus(corners.get(i - 1));
            if (leg.length() > 1e-9) {
                return leg.unit();
            }
        }
        return new Vector(1, 0, 0);
    }

    /** How far the far end misses its place. */
    public Length off() {
        return Length.ofMm(Math.hypot(along.mm(), across.mm()));
    }
}
