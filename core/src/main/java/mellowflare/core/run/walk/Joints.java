package mellowflare.core.run.walk;

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
    private static final Vector UP = new Vector(0, 0, 1);

    private final Map<String, Joint> joints = new LinkedHashMap<>();
    private final Map<String, List<Walked.Run>> runs = new HashMap<>();
    private final List<Joint> all;
    private final String start;

    private Joints(Walked walked) {
        start = walked.start();
        for (Walked.Run r : walked.runs()) {
            runs.computeIfAbsent(r.from(), k -> new ArrayList<>(3)).add(r);
            runs.computeIfAbsent(r.to(), k -> new ArrayList<>(3)).add(r);
        }
        walked.spots().values().forEach(s -> joints.put(s.name(), joint(s)));
        all = List.copyOf(joints.values());
    }

    /** What sits at a place. */
    public enum Kind {
        /** The end of the main at its source, an outlet or a drain valve. */
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
        Vector way = run.way().orElse(UP);
        return run.from().equals(spot) ? way : way.times(-1);
    }

    /** Works out every place of a walk. */
    public static Joints of(Walked walked) {
        return new Joints(walked);
    }

    private Joint joint(Walked.Spot spot) {
        List<Walked.Run> meeting = runs.getOrDefault(spot.name(), List.of());
        List<Walked.Run> rigid = new ArrayList<>(meeting.size());
        for (Walked.Run r : meeting) {
            if (r.kind() != Walked.Kind.HOSE) {
                rigid.add(r);
            }
        }
        boolean hose = rigid.size() < meeting.size();
        boolean fed = spot.feed().isPresent() || spot.name().equals(start);
        // A hose, an outlet and a source that feeds in take a mouth of a fitting where two pipes meet already.
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

    private Kind end(Walked.Spot spot, List<Walked.Run> meeting, boolean fed, boolean hose) {
        return fed || outlet(spot, meeting) || spot.cap() || hose ? Kind.END : Kind.OPEN;
    }

    private static boolean outlet(Walked.Spot spot, List<Walked.Run> meeting) {
        for (Walked.Run r : meeting) {
            if (r.kind() == Walked.Kind.DROP && r.to().equals(spot.name())) {
                return true;
            }
        }
        return false;
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
        Walked.Run last = null;
        for (Walked.Run r : meeting) {
            if (alone(r, meeting, spot)) {
                if (r.kind() != Walked.Kind.MAIN) {
                    return Optional.of(r);
                }
                last = r;
            }
        }
        return Optional.ofNullable(last);
    }

    private static boolean alone(Walked.Run r, List<Walked.Run> meeting, String spot) {
        Vector way = outward(r, spot);
        for (Walked.Run o : meeting) {
            if (o != r && outward(o, spot).dot(way) < STRAIGHT) {
                return false;
            }
        }
        return true;
    }

    public Optional<Joint> at(String spot) {
        return Optional.ofNullable(joints.get(spot));
    }

    /** Every place's fitting, in the order of the walk. */
    public List<Joint> all() {
        return all;
    }

    /** The runs that meet at a place. */
    public List<Walked.Run> meeting(String spot) {
        return runs.getOrDefault(spot, List.of());
    }

    /** Of one walk there is one answer. */
    @Override
    public boolean equals(Object other) {
        return other instanceof Joints j && start.equals(j.start) && all.equals(j.all);
    }

    @Override
    public int hashCode() {
        return all.hashCode();
    }
}
