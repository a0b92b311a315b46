package mellowflare.core.pipe.assemble;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.cut.Pieces;
import mellowflare.core.pipe.cut.RunCuts;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.Way;
import mellowflare.core.pipe.makeup.PartKey;
import mellowflare.core.pipe.makeup.PartKind;
import mellowflare.core.pipe.makeup.TakeOffs;
import mellowflare.core.pipe.stock.HouseSize;

/**
 * Where unions must stand: in every ring of threaded joints, what is there already counted as one. The pipes that are dearest to part are joined first; each that then closes a ring is the cheapest of its ring.
 */
final class Unions {
    /** Catalogue money for a minute at the bench (house figure). */
    private static final double MINUTE = 0.8;

    private final RunAsk ask;
    private final Map<String, PieceCut> cuts = new HashMap<>();
    private final Set<String> called = new HashSet<>();
    private final TakeOffs take;
    private final Pieces make;

    Unions(RunAsk ask, RunCuts cuts, TakeOffs take, Pieces make) {
        this.ask = ask;
        this.take = take;
        cuts.pieces().forEach(p -> this.cuts.put(p.name(), p));
        ask.pieces().stream().filter(Piece.Pipe.class::isInstance).forEach(p -> called.add(p.name()));
        this.make = make;
    }

    /**
     * What is wanted.
     *
     * @param places a union each
     * @param nowhere rings in which no pipe is long enough for one, each by the pipe that closes it
     */
    record Wanted(List<UnionPlace> places, List<String> nowhere) {}

    private record Edge(int a, int b, String name) {}

    Wanted wanted(Bodies run) {
        int[] root = new int[run.bodies.size()];
        for (int i = 0; i < root.length; i++) {
            root[i] = i;
        }
        List<Edge> edges = new ArrayList<>();
        List<List<Integer>> threads = new ArrayList<>();
        run.bodies.forEach(b -> threads.add(new ArrayList<>(3)));
        for (Bond b : run.bonds) {
            if (b.kind() == Bond.Kind.THREAD) {
                threads.get(b.a()).add(b.b());
                threads.get(b.b()).add(b.a());
            }
        }
        for (int i = 1; i < run.bodies.size(); i++) {
            Body body = run.bodies.get(i);
            List<Integer> ends = threads.get(i);
            if (body.kind() == Body.Kind.PIPE && ends.size() == 2) {
                edges.add(new Edge(ends.get(0), ends.get(1), body.name()));
            }
        }
        for (Bond b : run.bonds) {
            if (b.kind() == Bond.Kind.THREAD
                    && run.bodies.get(b.a()).kind() != Body.Kind.PIPE
                    && run.bodies.get(b.b()).kind() != Body.Kind.PIPE) {
                join(root, b.a(), b.b());
            }
        }
        int[] trial = root.clone();
        // What a union costs is asked only where something closes a ring.
        if (edges.stream().allMatch(e -> join(trial, e.a(), e.b()))) {
            return new Wanted(List.of(), List.of());
        }
        Map<String, Double> costs = new HashMap<>();
        edges.forEach(e -> costs.put(e.name(), cost(e.name())));
        edges.sort(Comparator.comparingDouble((Edge e) -> costs.get(e.name())).reversed());
        List<UnionPlace> places = new ArrayList<>();
        List<String> nowhere = new ArrayList<>();
        RunAsk with = ask;
        for (Edge e : edges) {
            if (!join(root, e.a(), e.b())) {
                double cost = costs.get(e.name());
                Optional<RunAsk> parted = Double.isInfinite(cost) ? Optional.empty() : parted(with, e.name());
                if (parted.isPresent()) {
                    with = parted.get();
                    places.add(new UnionPlace(e.name(), cost, false, with));
                } else {
                    nowhere.add(e.name());
                }
            }
        }
        return new Wanted(places, nowhere);
    }

    private static int root(int[] root, int i) {
        int at = i;
        while (root[at] != at) {
            root[at] = root[root[at]];
            at = root[at];
        }
        return at;
    }

    private static boolean join(int[] root, int a, int b) {
        int x = root(root, a);
        int y = root(root, b);
        root[x] = y;
        return x != y;
    }

    /** What a union in a pipe costs; infinite where none goes in. Of two that cost the same the longer pipe is parted. */
    private double cost(String pipe) {
        Optional<PieceCut> piece = Optional.ofNullable(cuts.get(pipe)).filter(p -> !p.bought());
        Optional<Length> room = piece.flatMap(p -> p.exact()
                .flatMap(e -> take.takeOff(PartKey.of(PartKind.UNION, p.size()), p.size())
                        .flatMap(t -> make.least(p.size(), 2)
                                .map(l -> e.minus(t.length().times(2)).minus(l.times(2))))));
        if (room.filter(r -> r.mm() >= 0).isEmpty() || !called.contains(pipe)) {
            return Double.POSITIVE_INFINITY;
        }
        HouseSize h = take.parts().house(piece.get().size()).orElseThrow();
        double work = h.minutes(HouseSize.Work.CUT_MIN)
                + 2 * h.minutes(HouseSize.Work.THREAD_MIN)
                + 2 * h.minutes(HouseSize.Work.JOINT_MIN);
        double factor = take.parts().system().map(s -> s.price()).orElse(1.0);
        return h.price(HouseSize.Item.UNION) * factor
                + work * MINUTE
                - room.get().mm() * 1e-6;
    }

    /** The run with a union in the middle of a pipe. */
    static Optional<RunAsk> parted(RunAsk ask, String pipe) {
        for (int i = 0; i < ask.pieces().size(); i++) {
            if (ask.pieces().get(i) instanceof Piece.Pipe p
                    && p.name().equals(pipe)
                    && p.measure() == Piece.Measure.CENTRES) {
                Length half = p.length().times(0.5);
                Piece.Pipe second =
                        new Piece.Pipe(ask.freeName(), Way.ON, p.length().minus(half), p.measure(), false);
                RunAsk parted = ask.replace(i, p.withLength(half))
                        .insert(
                                i + 1,
                                new Piece.InLine(
                                        Say.it("unions.union-in", "pipe", pipe),
                                        Piece.Fitting.UNION,
                                        Optional.empty()));
                return Optional.of(parted.insert(i + 2, second));
            }
        }
        return Optional.empty();
    }
}
