package mellowflare.core.run.walk;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.PriorityQueue;
import java.util.Set;
import mellowflare.core.measure.Length;

/**
 * The fall of the level runs: how much every place hangs lower (or higher) than walked, and where water stays.
 *
 * @param way which way the line falls
 * @param heights above the floor with fall (mm), by place
 * @param holding places lower than all that they hang together with on the level, without a drip leg or drop: water stays there
 */
public record Fall(Way way, Map<String, Double> heights, List<String> holding) {
    public Fall {
        heights = Map.copyOf(heights);
        holding = List.copyOf(holding);
    }

    /** Methods of fall. */
    public enum Way {
        /** With the flow, to a drain at the far end. */
        FAR,
        /** Against the flow, back to the drip leg at the source. */
        BACK,
        /** Level: water is let to stand, knowingly. */
        LEVEL
    }

    private record Step(String spot, double along) {}

    /**
     * Hangs a walk.
     *
     * @param perMetre fall (mm per m)
     */
    public static Fall of(Walked walked, Joints joints, Way way, double perMetre) {
        Map<String, Double> along = along(walked.start(), joints);
        double sign = way == Way.FAR ? -1 : way == Way.BACK ? 1 : 0;
        Map<String, Double> heights = new HashMap<>(2 * walked.spots().size());
        walked.spots()
                .forEach((name, s) ->
                        heights.put(name, s.at().z() + sign * perMetre / 1000 * along.getOrDefault(name, 0.0)));
        return new Fall(way, heights, holding(walked, joints, heights));
    }

    /** How far every place lies from the nearest feed, counted along level runs only (mm). */
    private static Map<String, Double> along(String start, Joints joints) {
        Map<String, Double> best = new HashMap<>();
        PriorityQueue<Step> open = new PriorityQueue<>(Comparator.comparingDouble(Step::along));
        open.add(new Step(start, 0));
        while (!open.isEmpty()) {
            Step s = open.poll();
            if (best.putIfAbsent(s.spot, s.along) != null) {
                continue;
            }
            for (Walked.Run r : joints.meeting(s.spot)) {
                String other = r.from().equals(s.spot) ? r.to() : r.from();
                if (!best.containsKey(other)) {
                    open.add(new Step(other, s.along + (level(r) ? r.length().mm() : 0)));
                }
            }
        }
        return best;
    }

    private static List<String> holding(Walked walked, Joints joints, Map<String, Double> heights) {
        List<String> holding = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (String name : walked.spots().keySet()) {
            // Water stays on the level only; most places of a shop are feet of drops and legs.
            if (seen.contains(name) || !level(name, joints)) {
                continue;
            }
            Set<String> pool = pool(name, joints, heights);
            seen.addAll(pool);
            if (holds(pool, joints, heights)) {
                holding.add(name);
            }
        }
        return holding;
    }

    /** Places at one height that hang together on the level. */
    private static Set<String> pool(String start, Joints joints, Map<String, Double> heights) {
        Set<String> pool = new HashSet<>();
        List<String> open = new ArrayList<>(List.of(start));
        while (!open.isEmpty()) {
            String spot = open.remove(open.size() - 1);
            if (pool.add(spot)) {
                for (Walked.Run r : joints.meeting(spot)) {
                    String other = other(r, spot);
                    if (level(r) && Math.abs(heights.get(other) - heights.get(spot)) < 0.05) {
                        open.add(other);
                    }
                }
            }
        }
        return pool;
    }

    private static boolean holds(Set<String> pool, Joints joints, Map<String, Double> heights) {
        for (String spot : pool) {
            for (Walked.Run r : joints.meeting(spot)) {
                String other = other(r, spot);
                boolean down = heights.get(other) < heights.get(spot) - 0.05;
                // Water leaves by a lower level run, a pipe that goes down, or a leg; a drop over the top lets none in.
                if (down && !r.overTheTop()) {
                    return false;
                }
            }
        }
        return true;
    }

    private static boolean level(String spot, Joints joints) {
        for (Walked.Run r : joints.meeting(spot)) {
            if (level(r)) {
                return true;
            }
        }
        return false;
    }

    private static boolean level(Walked.Run r) {
        return r.kind() == Walked.Kind.MAIN && r.level();
    }

    private static String other(Walked.Run r, String spot) {
        return r.from().equals(spot) ? r.to() : r.from();
    }

    /** Height of a place with its fall. */
    public Length height(String spot) {
        return Length.ofMm(heights.getOrDefault(spot, 0.0));
    }

    /** Whether water runs from one place down to a neighbouring one. */
    public boolean drops(String from, String to) {
        return heights.getOrDefault(to, 0.0) < heights.getOrDefault(from, 0.0) - 0.05;
    }

    /**
     * A level run of the main as it hangs.
     *
     * @param run which one
     * @param first height over the floor where it begins
     * @param second the same at its end
     */
    public record Section(Walked.Run run, Length first, Length second) {
        /** How much it falls from its beginning to its end; below zero where it rises. */
        public Length falls() {
            return first.minus(second);
        }
    }

    /** The level runs of the main in the order of the walk, with the heights at which they are hung. */
    public List<Section> sections(Walked walked) {
        List<Section> all = new ArrayList<>();
        for (Walked.Run r : walked.runs()) {
            if (level(r)) {
                all.add(new Section(r, height(r.from()), height(r.to())));
            }
        }
        return all;
    }
}
