package mellowflare.core.gas.net;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** The stages of pressure of a network: what hangs together between regulators. */
final class Stages {
    private final GasNet net;
    private final Map<String, String> root = new HashMap<>();
    private final Map<String, GasNet.Pipe> byName = new HashMap<>();
    private final List<GasTrouble> troubles = new ArrayList<>();
    private final List<Stage> order = new ArrayList<>();

    /**
     * Pipes at one pressure.
     *
     * @param feeds regulators that feed it; none for the stage of the source
     * @param leaves regulators that are fed from it
     */
    record Stage(
            List<GasNet.Pipe> pipes, List<GasNet.Draw> draws, List<GasNet.Reduce> feeds, List<GasNet.Reduce> leaves) {}

    private Stages(GasNet net) {
        this.net = net;
    }

    static Stages of(GasNet net) {
        Stages s = new Stages(net);
        s.join();
        s.line();
        return s;
    }

    List<GasTrouble> troubles() {
        return troubles;
    }

    /** Stages that gas reaches, each after what feeds it; the source's first. */
    List<Stage> order() {
        return order;
    }

    GasNet.Pipe pipe(String name) {
        return byName.get(name);
    }

    private void join() {
        for (GasNet.Pipe p : net.pipes()) {
            if (byName.putIfAbsent(p.name(), p) != null) {
                troubles.add(new GasTrouble(GasTrouble.Kind.TWICE, p.name()));
            }
            root.put(find(p.from()), find(p.to()));
        }
    }

    private String find(String node) {
        String at = node;
        while (true) {
            String up = root.getOrDefault(at, at);
            if (up.equals(at)) {
                break;
            }
            root.put(at, root.getOrDefault(up, up));
            at = up;
        }
        return at;
    }

    private void line() {
        Map<String, List<GasNet.Pipe>> pipes = new HashMap<>();
        Map<String, List<GasNet.Draw>> draws = new HashMap<>();
        Map<String, List<GasNet.Reduce>> leaves = new HashMap<>();
        Map<String, List<GasNet.Reduce>> feeds = new LinkedHashMap<>();
        Set<String> names = new HashSet<>();
        for (GasNet.Pipe p : net.pipes()) {
            // Of two pipes of one name the first counts; the other is named as trouble.
            if (names.add(p.name())) {
                pipes.computeIfAbsent(find(p.from()), k -> new ArrayList<>()).add(p);
            }
        }
        net.draws()
                .forEach(d -> draws.computeIfAbsent(find(d.node()), k -> new ArrayList<>())
                        .add(d));
        String first = find(net.source());
        for (GasNet.Reduce r : net.regulators()) {
            String before = find(r.from());
            String behind = find(r.to());
            if (before.equals(behind) || behind.equals(first)) {
                troubles.add(new GasTrouble(GasTrouble.Kind.PAST_REGULATOR, r.name()));
            } else {
                leaves.computeIfAbsent(before, k -> new ArrayList<>()).add(r);
                feeds.computeIfAbsent(behind, k -> new ArrayList<>()).add(r);
            }
        }
        Set<String> done = new HashSet<>();
        List<String> next = new ArrayList<>(List.of(first));
        while (!next.isEmpty()) {
            String at = next.remove(0);
            done.add(at);
            List<GasNet.Reduce> out = leaves.getOrDefault(at, List.of());
            order.add(new Stage(
                    pipes.getOrDefault(at, List.of()),
                    draws.getOrDefault(at, List.of()),
                    feeds.getOrDefault(at, List.of()),
                    out));
            for (GasNet.Reduce r : out) {
                String behind = find(r.to());
                boolean ready = feeds.get(behind).stream().allMatch(f -> done.contains(find(f.from())));
                if (ready && !done.contains(behind) && !next.contains(behind)) {
                    next.add(behind);
                }
            }
        }
    }
}
