package mellowflare.core.hose.route;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;

/**
 * The way as measured on the job: where the ports sit, what is in between. Becomes a task once hose and ends are chosen.
 *
 * @param a near port
 * @param b far port, where it stands at rest
 * @param straight free straight hose wanted behind each socket; empty takes one outside diameter (house rule)
 * @param clamps that the hose passes, in order (mm)
 * @param keepOuts what it must stay out of
 * @param motion how far the far port moves, one for each position (mm)
 */
public record RouteSketch(
        PortAt a,
        PortAt b,
        Optional<Length> straight,
        List<Vector> clamps,
        List<KeepOut> keepOuts,
        List<Vector> motion) {
    /** As many clamps, and positions of the far end, as one hose has. */
    public static final int MOST_PLACES = 50;

    /** As many boxes as a way is found round. */
    public static final int MOST_BOXES = 20;

    /** Free space wanted between a hose's skin and what it must stay out of (mm, house rule). */
    private static final double CLEAR_MM = 10;

    public RouteSketch {
        clamps = List.copyOf(clamps);
        keepOuts = List.copyOf(keepOuts);
        motion = List.copyOf(motion);
        if (!clamps.stream().allMatch(PortAt::near) || !motion.stream().allMatch(PortAt::near)) {
            throw new IllegalArgumentException("A hose is clamped and moves within 100 m");
        }
        if (clamps.size() > MOST_PLACES || motion.size() > MOST_PLACES || keepOuts.size() > MOST_BOXES) {
            throw new IllegalArgumentException("A hose has at most " + MOST_PLACES + " clamps, " + MOST_PLACES
                    + " positions and " + MOST_BOXES + " boxes to stay out of");
        }
    }

    /** Two ports and nothing between them. */
    public static RouteSketch of(PortAt a, PortAt b) {
        return new RouteSketch(a, b, Optional.empty(), List.of(), List.of(), List.of());
    }

    public RouteSketch withA(PortAt p) {
        return new RouteSketch(p, b, straight, clamps, keepOuts, motion);
    }

    public RouteSketch withB(PortAt p) {
        return new RouteSketch(a, p, straight, clamps, keepOuts, motion);
    }

    public RouteSketch withStraight(Optional<Length> s) {
        return new RouteSketch(a, b, s, clamps, keepOuts, motion);
    }

    public RouteSketch withClamps(List<Vector> points) {
        return new RouteSketch(a, b, straight, points, keepOuts, motion);
    }

    public RouteSketch withKeepOuts(List<KeepOut> boxes) {
        return new RouteSketch(a, b, straight, clamps, boxes, motion);
    }

    public RouteSketch withMotion(List<Vector> positions) {
        return new RouteSketch(a, b, straight, clamps, keepOuts, positions);
    }

    /** The task for a hose with its ends; the sockets are stiff, so the straights count from the sealing points to behind them. */
    public RouteTask task(HosePart hose, Optional<HoseEndPart> partA, Optional<HoseEndPart> partB) {
        Pose start = a.axis(partA, b.at());
        Pose end = b.axis(partB, a.at());
        Length free = straight.orElse(hose.outside());
        return RouteTask.of(start, end, hose.centreLineBendRadius())
                .withStraights(stiff(partA).plus(free), stiff(partB).plus(free))
                .through(clamps)
                .withElbows(
                        partA.filter(HoseEndPart::elbow).map(p -> a.out().times(-1)),
                        partB.filter(HoseEndPart::elbow).map(p -> b.out().times(-1)))
                .moving(motion)
                .around(keepOuts, Length.ofMm(hose.outside().mm() / 2 + CLEAR_MM));
    }

    private static Length stiff(Optional<HoseEndPart> part) {
        return part.map(p -> p.cutOff().plus(p.insertion().orElse(Length.ZERO))).orElse(Length.ZERO);
    }
}
