package mellowflare.core.gas.net;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mellowflare.core.flow.BuoyantGasLaw;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/**
 * Finds flows and pressures by Darcy's law: stage by stage, from the burners back to the source for what flows, and from the source on for the pressures. A regulator that gets less than it needs
 * lets through what stands before it, at most what it is set to.
 */
public final class GasSolver {
    private final GasNet net;
    private final Stages stages;
    private final List<GasTrouble> troubles = new ArrayList<>();
    private final Map<String, GaugePressure> nodes = new HashMap<>();
    private final Map<String, GasFlows.InPipe> pipes = new HashMap<>();
    private final Map<String, Optional<GasNet.Reduce>> stageOf = new HashMap<>();
    private final Map<GasNet.Reduce, MassFlow> through = new HashMap<>();
    private final Map<GasNet.Reduce, GaugePressure> behind = new HashMap<>();

    private GasSolver(GasNet net) {
        this.net = net;
        this.stages = Stages.of(net);
    }

    /** Works one network out. Never refuses. */
    public static GasFlows solve(GasNet net) {
        return new GasSolver(net).solve();
    }

    private GasFlows solve() {
        troubles.addAll(stages.troubles());
        List<Stages.Stage> order = stages.order();
        for (int i = order.size() - 1; i > 0; i--) {
            asked(order.get(i));
        }
        order.forEach(this::run);
        Set<String> reached = new HashSet<>(nodes.keySet());
        net.draws().stream()
                .filter(d -> !reached.contains(d.node()))
                .forEach(d -> troubles.add(new GasTrouble(GasTrouble.Kind.NOT_REACHED, d.name())));
        Map<String, GaugePressure> inOrder = new LinkedHashMap<>();
        if (nodes.containsKey(net.source())) {
            inOrder.put(net.source(), nodes.get(net.source()));
        }
        List<GasFlows.InPipe> flows = new ArrayList<>();
        for (GasNet.Pipe p : net.pipes()) {
            Optional.ofNullable(pipes.get(p.name())).ifPresent(flows::add);
            for (String end : List.of(p.from(), p.to())) {
                Optional.ofNullable(nodes.get(end)).ifPresent(x -> inOrder.put(end, x));
            }
        }
        nodes.forEach(inOrder::putIfAbsent);
        List<GasFlows.AtRegulator> regulators = net.regulators().stream()
                .filter(r -> behind.containsKey(r) && nodes.containsKey(r.from()))
                .map(r -> new GasFlows.AtRegulator(
                        r,
                        net.gas().volume(through.getOrDefault(r, MassFlow.ofKgPerSecond(0))),
                        nodes.get(r.from()),
                        behind.get(r)))
                .toList();
        return new GasFlows(inOrder, stageOf, flows, regulators, troubles);
    }

    /** What a stage draws through its regulators: all that is asked in it, if one feeds it, and what the network says if several do. */
    private void asked(Stages.Stage stage) {
        List<GasNet.Reduce> feeds = stage.feeds();
        if (feeds.size() == 1) {
            double sum = demands(stage).stream()
                    .mapToDouble(d -> d.flow().kgPerSecond())
                    .sum();
            through.put(feeds.get(0), MassFlow.ofKgPerSecond(sum));
            return;
        }
        NetworkFlow flow = flow(stage, supplies(stage, GasNet.Reduce::out));
        feeds.forEach(r ->
                through.put(r, flow.node(r.to()).map(NetworkFlow.AtNode::fed).orElse(MassFlow.ofKgPerSecond(0))));
    }

    private void run(Stages.Stage stage) {
        for (GasNet.Reduce r : stage.feeds()) {
            GaugePressure before = nodes.get(r.from());
            GaugePressure out = before == null || before.compareTo(r.out()) >= 0 ? r.out() : before;
            behind.put(r, out);
        }
        List<Network.Supply> supplies = stage.feeds().isEmpty()
                ? List.of(new Network.Supply(net.source(), net.feed()))
                : supplies(stage, behind::get);
        NetworkFlow flow = flow(stage, supplies);
        BuoyantGasLaw law = net.law(supplies.get(0).pressure());
        flow.nodes().values().forEach(n -> nodes.put(n.name(), n.pressure().gauge(net.barometer())));
        supplies.forEach(s -> nodes.putIfAbsent(s.node(), s.pressure()));
        Optional<GasNet.Reduce> fedBy = stage.feeds().stream().findFirst();
        flow.nodes().keySet().forEach(n -> stageOf.put(n, fedBy));
        supplies.forEach(s -> stageOf.put(s.node(), fedBy));
        flow.pipes().forEach(p -> pipes.put(p.pipe().name(), inPipe(p, flow, law)));
        flow.troubles().forEach(this::trouble);
    }

    private GasFlows.InPipe inPipe(NetworkFlow.InPipe p, NetworkFlow flow, BuoyantGasLaw law) {
        Network.Pipe pipe = p.pipe();
        double[] lost = {0, 0};
        if (pipe.length().mm() > 0) {
            law.pipe(pipe.length(), pipe.bore(), pipe.roughness(), 0)
                    .lost(p.flow().kgPerSecond(), lost);
        }
        double both = pascal(flow, pipe.from()) + pascal(flow, pipe.to());
        return new GasFlows.InPipe(
                stages.pipe(pipe.name()),
                p.forward(),
                net.gas().volume(p.flow()),
                PressureDifference.ofBar(both > 0 ? Math.abs(lost[0]) / both / 1e5 : 0),
                p.metresPerSecond(),
                p.reynolds());
    }

    private double pascal(NetworkFlow flow, String node) {
        return flow.node(node)
                .map(n -> n.pressure().pascal())
                .orElseGet(() -> net.barometer().pascal());
    }

    private void trouble(Network.Trouble t) {
        GasTrouble.Kind kind = switch (t.kind()) {
            case ISLAND, NO_PLACE -> GasTrouble.Kind.NOT_REACHED;
            case NO_LENGTH -> GasTrouble.Kind.NO_LENGTH;
            case TO_ITSELF -> GasTrouble.Kind.TO_ITSELF;
            case TWICE -> GasTrouble.Kind.TWICE;
            case STARVED -> GasTrouble.Kind.STARVED;
            case CHOKED -> GasTrouble.Kind.CHOKED;
            case TWO_PRESSURES, UNSETTLED -> GasTrouble.Kind.UNSETTLED;
        };
        GasTrouble found = new GasTrouble(kind, t.piece());
        if (!troubles.contains(found)) {
            troubles.add(found);
        }
    }

    private static List<Network.Supply> supplies(Stages.Stage stage, Function<GasNet.Reduce, GaugePressure> pressure) {
        return stage.feeds().stream()
                .map(r -> new Network.Supply(r.to(), pressure.apply(r)))
                .toList();
    }

    private NetworkFlow flow(Stages.Stage stage, List<Network.Supply> supplies) {
        List<Network.Pipe> all = stage.pipes().stream()
                .map(p -> new Network.Pipe(p.name(), p.from(), p.to(), p.counts(), p.bore(), p.rough(), 0))
                .toList();
        return NetworkSolver.solve(new Network(
                all,
                supplies,
                demands(stage),
                net.heights(),
                net.law(supplies.get(0).pressure()),
                net.barometer()));
    }

    private List<Network.Demand> demands(Stages.Stage stage) {
        List<Network.Demand> demands = new ArrayList<>();
        for (GasNet.Draw d : stage.draws()) {
            demands.add(new Network.Demand(d.node(), net.gas().mass(d.flow())));
        }
        for (GasNet.Reduce r : stage.leaves()) {
            demands.add(new Network.Demand(r.from(), through.getOrDefault(r, MassFlow.ofKgPerSecond(0))));
        }
        return demands;
    }

    /** All that is asked of the source. */
    public static GasFlow total(GasNet net) {
        return net.draws().stream().map(GasNet.Draw::flow).reduce(GasFlow.ofCubicMetresPerHour(0), GasFlow::plus);
    }
}
