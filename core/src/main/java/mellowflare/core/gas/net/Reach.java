package mellowflare.core.gas.net;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.Length;

/**
 * What the code's two methods count for every pipe: its flow, the length to the outlet farthest from the regulator or meter (longest-length method), and the length to the farthest outlet that hangs on
 * this very pipe (branch-length method). Lengths include fittings and begin anew behind every regulator. Only for pipes of a tree.
 */
public final class Reach {
    private final Map<String, Counted> pipes;
    private final boolean tree;

    private Reach(Map<String, Counted> pipes, boolean tree) {
        this.pipes = pipes;
        this.tree = tree;
    }

    /**
     * What counts for a pipe.
     *
     * @param flow all that hangs on it
     * @param longest length of the longest-length method
     * @param branch length of the branch-length method
     */
    public record Counted(GasFlow flow, Length longest, Length branch) {}

    /** Empty where the pipe carries nothing, or lies in a loop. */
    public Optional<Counted> of(String pipe) {
        return Optional.ofNullable(pipes.get(pipe));
    }

    /** Whether no pipes form a loop: both methods know only trees. */
    public boolean tree() {
        return tree;
    }

    public static Reach of(GasNet net) {
        Walker w = new Walker(net);
        Map<String, Counted> counted = new LinkedHashMap<>();
        boolean tree = w.walk(net.source(), counted);
        return new Reach(counted, tree);
    }

    private static final class Walker {
        private final Map<String, List<GasNet.Pipe>> at = new HashMap<>();
        private final Map<String, List<GasNet.Reduce>> leaves = new HashMap<>();
        private final Map<String, Double> drawn = new HashMap<>();
        private final Set<String> seen = new HashSet<>();
        private final Map<String, Double> totals = new HashMap<>();

        Walker(GasNet net) {
            for (GasNet.Pipe p : net.pipes()) {
                at.computeIfAbsent(p.from(), k -> new ArrayList<>()).add(p);
                at.computeIfAbsent(p.to(), k -> new ArrayList<>()).add(p);
            }
            net.regulators()
                    .forEach(r -> leaves.computeIfAbsent(r.from(), k -> new ArrayList<>())
                            .add(r));
            net.draws().forEach(d -> drawn.merge(d.node(), d.flow().cubicMetresPerHour(), Double::sum));
        }

        /** One stage from where it is fed; the stages behind it are walked for what they draw. */
        boolean walk(String source, Map<String, Counted> into) {
            List<Step> order = new ArrayList<>();
            order.add(new Step(source, null, -1, 0));
            seen.add(source);
            boolean tree = true;
            Set<String> used = new HashSet<>();
            for (int i = 0; i < order.size(); i++) {
                Step s = order.get(i);
                for (GasNet.Pipe p : at.getOrDefault(s.node, List.of())) {
                    if (!used.add(p.name())) {
                        continue;
                    }
                    String other = p.from().equals(s.node) ? p.to() : p.from();
                    if (!seen.add(other)) {
                        tree = false;
                        continue;
                    }
                    order.add(new Step(other, p, i, s.length + p.counts().mm()));
                }
            }
            double[] flow = new double[order.size()];
            double[] far = new double[order.size()];
            double longest = 0;
            for (int i = order.size() - 1; i >= 0; i--) {
                Step s = order.get(i);
                double here = drawn.getOrDefault(s.node, 0.0);
                for (GasNet.Reduce r : leaves.getOrDefault(s.node, List.of())) {
                    if (!seen.contains(r.to())) {
                        Map<String, Counted> behind = new LinkedHashMap<>();
                        tree &= walk(r.to(), behind);
                        into.putAll(behind);
                        here += total(r.to());
                    }
                }
                flow[i] += here;
                if (here > 0) {
                    far[i] = Math.max(far[i], s.length);
                }
                longest = Math.max(longest, far[i]);
                if (s.before >= 0) {
                    flow[s.before] += flow[i];
                    far[s.before] = Math.max(far[s.before], far[i]);
                }
            }
            totals.put(source, flow[0]);
            if (!tree) {
                return false;
            }
            for (int i = 1; i < order.size(); i++) {
                if (flow[i] > 0) {
                    into.put(
                            order.get(i).pipe.name(),
                            new Counted(
                                    GasFlow.ofCubicMetresPerHour(flow[i]), Length.ofMm(longest), Length.ofMm(far[i])));
                }
            }
            return true;
        }

        private double total(String source) {
            return totals.getOrDefault(source, 0.0);
        }

        private record Step(String node, GasNet.Pipe pipe, int before, double length) {}
    }
}
