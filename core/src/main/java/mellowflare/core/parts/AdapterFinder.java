package mellowflare.core.parts;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.ReferenceData;
import org.jgrapht.GraphPath;
import org.jgrapht.alg.shortestpath.AllDirectedPaths;
import org.jgrapht.graph.DirectedPseudograph;

/** Finds the shortest sensible chains of adapters between two ends: a graph whose points are open ends and whose lines are adapters. */
public final class AdapterFinder {
    /** More adapters than these in a row are not sensible. */
    public static final int MOST = 3;

    private static final int SHOWN = 5;

    private final EndTable ends;
    private final AdapterTable adapters;
    private final Map<EndId, Set<EndId>> goOn = new HashMap<>();

    /**
     * @param data must hold {@link EndTable#KEY} and {@link AdapterTable#KEY}
     */
    public AdapterFinder(ReferenceData data) {
        this.ends = data.get(EndTable.KEY);
        this.adapters = data.get(AdapterTable.KEY);
    }

    /** One way of putting an adapter on an open end. */
    private record Use(AdapterChain.Link link, EndId on) {}

    /** The ends that are made to go together with one: its mate, and ends of other families made for it. */
    private Set<EndId> goOn(EndId id) {
        return goOn.computeIfAbsent(id, this::madeFor);
    }

    private Set<EndId> madeFor(EndId id) {
        return ends.find(id).stream()
                .flatMap(e -> ends.goOn(e).stream())
                .map(End::id)
                .collect(Collectors.toSet());
    }

    /** Whether the two ends need no adapter. */
    public boolean direct(AdapterAsk ask) {
        return goOn(ask.to().id()).contains(ask.from().id());
    }

    /** The most sensible chains, best first; empty when there is none of up to {@link #MOST} adapters. */
    public List<AdapterChain> find(AdapterAsk ask) {
        return chains(ask, graph(ask), MOST).limit(SHOWN).toList();
    }

    /**
     * For each of several ends, as hose ends that a shop has, the best chain from one port, if there is any of up to two adapters.
     *
     * @param ask the port; its other end does not matter
     * @param ends the ends of which any will do
     * @return best first
     */
    public List<ToEnd> toAny(AdapterAsk ask, List<End> ends) {
        DirectedPseudograph<EndId, Use> graph = graph(ask);
        List<ToEnd> found = new ArrayList<>();
        for (End end : ends) {
            chains(ask.to(end), graph, MOST - 1).findFirst().ifPresent(c -> found.add(new ToEnd(end, c)));
        }
        found.sort(Comparator.comparing(ToEnd::chain, AdapterChain.SENSIBLE));
        return List.copyOf(found);
    }

    /** A chain with the end that it leads to. */
    public record ToEnd(End end, AdapterChain chain) {}

    private Stream<AdapterChain> chains(AdapterAsk ask, DirectedPseudograph<EndId, Use> graph, int most) {
        EndId from = ask.from().id();
        Set<EndId> targets = new HashSet<>(goOn(ask.to().id()));
        targets.retainAll(graph.vertexSet());
        targets.remove(from);
        if (!graph.containsVertex(from) || targets.isEmpty()) {
            return Stream.empty();
        }
        List<AdapterChain> chains = new ArrayList<>();
        for (GraphPath<EndId, Use> path :
                new AllDirectedPaths<>(graph).getAllPaths(Set.of(from), targets, true, most)) {
            if (turnsAsAsked(path.getEdgeList(), ask)) {
                chains.add(chain(path.getEdgeList(), ask.to().id()));
            }
        }
        return chains.stream().distinct().sorted(AdapterChain.SENSIBLE);
    }

    private DirectedPseudograph<EndId, Use> graph(AdapterAsk ask) {
        DirectedPseudograph<EndId, Use> graph = new DirectedPseudograph<>(Use.class);
        for (AdapterPart part : best(ask)) {
            put(graph, part, false);
            put(graph, part, true);
        }
        return graph;
    }

    private record Alike(EndId a, EndId b, double angle) {}

    /** Of adapters that do the same the most sensible one, so that a catalogue of ten thousand asks no more of the search than one of hundreds. */
    private List<AdapterPart> best(AdapterAsk ask) {
        Map<Alike, List<AdapterPart>> alike = new LinkedHashMap<>();
        for (AdapterPart part : adapters.all()) {
            if (ask.admits(part)) {
                alike.computeIfAbsent(new Alike(part.a(), part.b(), part.angle().degrees()), k -> new ArrayList<>())
                        .add(part);
            }
        }
        Comparator<AdapterPart> sensible = Comparator.comparingDouble(
                        (AdapterPart p) -> -p.rating().bar())
                .thenComparingDouble(AdapterPart::price)
                .thenComparing(AdapterPart::part);
        return alike.values().stream()
                .flatMap(all -> all.stream().min(sensible).stream())
                .toList();
    }

    private void put(DirectedPseudograph<EndId, Use> graph, AdapterPart part, boolean turned) {
        EndId in = turned ? part.b() : part.a();
        EndId out = turned ? part.a() : part.b();
        for (EndId on : goOn(in)) {
            graph.addVertex(on);
            graph.addVertex(out);
            graph.addEdge(on, out, new Use(new AdapterChain.Link(part, turned), on));
        }
    }

    /** One part turns by the angle that was asked for; without one all are straight. */
    private static boolean turnsAsAsked(List<Use> uses, AdapterAsk ask) {
        long elbows = uses.stream().filter(u -> !u.link().part().straight()).count();
        return elbows == (ask.angle().isPresent() ? 1 : 0);
    }

    private AdapterChain chain(List<Use> uses, EndId to) {
        List<AdapterChain.Meeting> meetings = new ArrayList<>();
        for (Use use : uses) {
            meetings.add(meeting(
                    use.on(),
                    use.link().turned()
                            ? use.link().part().b()
                            : use.link().part().a()));
        }
        AdapterChain.Link last = uses.get(uses.size() - 1).link();
        meetings.add(meeting(last.turned() ? last.part().a() : last.part().b(), to));
        return new AdapterChain(uses.stream().map(Use::link).toList(), meetings);
    }

    private AdapterChain.Meeting meeting(EndId one, EndId other) {
        return new AdapterChain.Meeting(
                ends.find(one).orElseThrow(), ends.find(other).orElseThrow());
    }
}
