package mellowflare.core.tube.form;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.stock.Bender;

/**
 * The marks of one bend on the straight tube.
 *
 * @param bend which, counted from 0 along the path
 * @param start where the bend begins
 * @param middle its middle
 * @param leg the leg mark: sum of the legs up to its corner less the gains before it
 * @param ambient how far its plane is turned from the first bend's, for a line drawn along the tube, right-hand rule about the direction of travel, above -180 to 180 degrees
 * @param angle deflection
 */
public record BendMark(int bend, Length start, Length middle, Length leg, Angle ambient, Angle angle) {

    /**
     * The marks of a path, measured from its start.
     *
     * @param path the tube
     * @param ahead length of tube before the start of the path: what flaring takes and what reaches into a fitting
     */
    public static List<BendMark> of(BentPath path, Length ahead) {
        List<BendMark> marks = new ArrayList<>(path.bends().size());
        double at = ahead.mm();
        double ambient = 0;
        for (int i = 0; i < path.bends().size(); i++) {
            BentPath.Bend b = path.bends().get(i);
            ambient = BentPath.plusMinusPi(ambient + (i == 0 ? 0 : b.rotation()));
            double start = at + b.straight();
            // Legs less gains before it: the start of the bend and its own setback.
            marks.add(new BendMark(
                    i,
                    Length.ofMm(start),
                    Length.ofMm(start + b.arc() / 2),
                    Length.ofMm(start + b.setback()),
                    Angle.ofDegrees(Math.toDegrees(ambient)),
                    Angle.ofDegrees(Math.toDegrees(b.angle()))));
            at = start + b.arc();
        }
        return marks;
    }

    /** The same marks for a bend that the line counts otherwise, as when it is measured from the other end. */
    public BendMark numbered(int as) {
        return new BendMark(as, start, middle, leg, ambient, angle);
    }

    /** The mark that a bender wants. */
    public Length at(Bender.Mark mark) {
        return switch (mark) {
            case START -> start;
            case MIDDLE -> middle;
            case LEG -> leg;
        };
    }
}
