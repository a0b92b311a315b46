package mellowflare.core.flow.fault;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/**
 * A network that is solved as it stands.
 *
 * @param network with what runs in it
 * @param mostLeak more than this leaks nowhere
 * @param scatter what a reading may be off, as a standard deviation
 * @param words how a flow is said
 */
public record NetworkProbed(
        Network network, MassFlow mostLeak, PressureDifference scatter, Function<MassFlow, Figure> words)
        implements Probed {
    @Override
    public List<Stretch> stretches() {
        return network.pipes().stream()
                .map(p -> new Stretch(p.name(), p.from(), p.to(), p.bore()))
                .toList();
    }

    @Override
    public List<String> places() {
        Set<String> all = new LinkedHashSet<>(fed());
        network.pipes().forEach(p -> {
            all.add(p.from());
            all.add(p.to());
        });
        return List.copyOf(all);
    }

    @Override
    public List<String> fed() {
        return network.supplies().stream().map(Network.Supply::node).distinct().toList();
    }

    @Override
    public Probed at(Map<String, GaugePressure> read) {
        List<Network.Supply> supplies = network.supplies().stream()
                .map(s -> read.containsKey(s.node()) ? new Network.Supply(s.node(), read.get(s.node())) : s)
                .toList();
        return new NetworkProbed(
                new Network(
                        network.pipes(),
                        supplies,
                        network.demands(),
                        network.heights(),
                        network.law(),
                        network.barometer()),
                mostLeak,
                scatter,
                words);
    }

    @Override
    public Map<String, GaugePressure> pressures(Optional<Fault> fault) {
        NetworkFlow flow = NetworkSolver.solve(fault.map(this::with).orElse(network));
        Map<String, GaugePressure> all = new LinkedHashMap<>();
        flow.nodes().forEach((name, at) -> all.put(name, at.pressure().gauge(network.barometer())));
        return all;
    }

    private Network with(Fault fault) {
        if (fault instanceof Fault.Leaking leak) {
            List<Network.Demand> demands = new ArrayList<>(network.demands());
            demands.add(new Network.Demand(leak.at(), leak.flow()));
            return network.with(demands);
        }
        Fault.Choked choked = (Fault.Choked) fault;
        List<Network.Pipe> pipes = network.pipes().stream()
                .map(p -> p.name().equals(choked.at())
                        ? new Network.Pipe(
                                p.name(), p.from(), p.to(), p.length(), p.bore(), p.roughness(), p.k() + choked.k())
                        : p)
                .toList();
        return new Network(
                pipes, network.supplies(), network.demands(), network.heights(), network.law(), network.barometer());
    }

    @Override
    public Figure flow(MassFlow flow) {
        return words.apply(flow);
    }
}
