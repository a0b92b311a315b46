package mellowflare.core.air.layout;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.geometry.Vector;

/** Which fitting each place needs, from the ways that meet there. */
public final class Joints {
    private static final double STRAIGHT = -0.999;
    private static final double SQUARE = 0.01;

    private final Map<String, Joint> joints = new LinkedHashMap<>();
    private final Map<String, List<Walked.Run>> runs = new HashMap<>();

    private Joints() {}

    /** What sits at a place. */
    public enum Kind {
        /** The end of the main at the compressor, an outlet or a drain valve. */
        END,
        /** One end hangs open: neither outlet nor cap nor drain. */
        OPEN,
        /** Two pipes in line: nothing, unless size or bar length wants a joint. */
        THROUGH,
        ELBOW,
        TEE,
        /** Two tees close together, as four pipes meet. */
        TWO_TEES,
        /** More pipes meet than fittings can take, or they meet at an angle that no fitting has. */
        NONE
    }

    /**
     * The fitting at a place.
     *
     * @param spot the place
     * @param kind what sits there
     * @param meeting runs that meet there
     * @param branch the run that leaves a tee square to the other two
     * @param flexible whether a hose is among them, so that one joint is a hose's end
     */
    public record Joint(
            Walked.Spot spot, Kind kind, List<Walked.Run> meeting, Optional<Walked.Run> branch, boolean flexible) {
        public Joint {
            meeting = List.copyOf(meeting);
        }
    }

    /** The direction in which a run leaves a place. */
    public static Vector outward(Walked.Run run, String spot) {
        Vector way = run.way().orElse(new Vector(0, 0, 1));
        return run.from().equals(spot) ? way : way.times(-1);
    }

    /** Works out every place of a walk. */
    public static Joints of(Walked walked) {
        Joints all = new Joints();
        for (Walked.Run r : walked.runs()) {
            all.runs.computeIfAbsent(r.from(), k -> new ArrayList<>(3)).add(r);
            all.runs.computeIfAbsent(r.to(), k -> new ArrayList<>(3)).add(r);
        }
        walked.spots().values().forEach(s -> all.joints.put(s.name(), all.joint(s)));
        return all;
    }

    private Joint joint(Walked.Spot spot) {
        List<Walked.Run> meeting = runs.getOrDefault(spot.name(), List.of());
        boolean hose = meeting.stream().anyMatch(r -> r.kind() == Walked.Kind.HOSE);
        List<Walked.Run> rigid =
                meeting.stream().filter(r -> r.kind() != Walked.Kind.HOSE).toList();
        boolean fed = spot.feed().isPresent() || spot.name().equals(Walked.START);
        // A hose, an outlet and a compressor that feeds in take a mouth of a fitting where two pipes meet already.
        boolean more = rigid.size() > 1;
        int mouths = more
                ? meeting.size() + (spot.feed().isPresent() ? 1 : 0) + (outlet(spot, meeting) ? 1 : 0)
                : rigid.size();
        return switch (mouths) {
            case 0 -> new Joint(spot, fed || spot.cap() ? Kind.END : Kind.OPEN, meeting, Optional.empty(), hose);
            case 1 -> new Joint(spot, end(spot, meeting, fed, hose), meeting, Optional.empty(), hose);
            case 2 -> new Joint(spot, two(rigid, spot.name()), meeting, Optional.empty(), hose);
            case 3 -> new Joint(spot, Kind.TEE, meeting, branch(meeting, spot.name()), hose);
            case 4 -> new Joint(spot, Kind.TWO_TEES, meeting, branch(meeting, spot.name()), hose);
            default -> new Joint(spot, Kind.NONE, meeting, Optional.empty(), hose);
        };
    }

    private static Kind end(Walked.Spot spot, List<Walked.Run> meeting, boolean fed, boolean hose) {
        return fed || outlet(spot, meeting) || spot.cap() || hose ? Kind.END : Kind.OPEN;
    }

    private static boolean outlet(Walked.Spot spot, List<Walked.Run> meeting) {
        return meeting.stream().anyMatch(r -> r.kind() == Walked.Kind.DROP && r.to().equals(spot.name()));
    }

    private static Kind two(List<Walked.Run> rigid, String spot) {
        double cos = outward(rigid.get(0), spot).dot(outward(rigid.get(1), spot));
        return cos < STRAIGHT ? Kind.THROUGH : Math.abs(cos) < SQUARE ? Kind.ELBOW : Kind.NONE;
    }

    /** The run that none of the others goes straight on from; a drop or leg where all are square to each other. */
    private static Optional<Walked.Run> branch(List<Walked.Run> meeting, String spot) {
        if (meeting.size() < 3) {
            return Optional.empty();
        }
        List<Walked.Run> alone = meeting.stream()
                .filter(r -> meeting.stream()
                        .noneMatch(o -> o != r && outward(o, spot).dot(outward(r, spot)) < STRAIGHT))
                .toList();
        return alone.stream()
                .filter(r -> r.kind() != Walked.Kind.MAIN)
                .findFirst()
                .or(() -> alone.stream().reduce((a, b) -> b));
    }

    public Optional<Joint> at(String spot) {
        return Optional.ofNullable(joints.get(spot));
    }

    /** Every place's fitting, in the order of the walk. */
    public List<Joint> all() {
        return List.copyOf(joints.values());
    }

    /** The runs that meet at a place. */
    public List<Walked.Run> meeting(String spot) {
        return runs.getOrDefault(spot, List.of());
    }
}
