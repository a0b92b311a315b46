package mellowflare.core.gas;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.flow.fault.Fault;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.net.GasSolver;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/**
 * Gas pipes in which pressures are read. What is fed is the source and whatever stands behind a regulator.
 *
 * @param net with what burns now
 */
public record GasProbed(GasNet net) implements Probed {
    /** A water manometer read to two tenths of a millibar (house figure). */
    private static final PressureDifference MANOMETER = PressureDifference.ofBar(0.0002);

    /** A velocity head as length of pipe: its bores at a friction factor of 0.02. */
    private static final double BORES = 50;

    /** More than this leaks nowhere, when little is burned (m3/h, house figure). */
    private static final double LEAST_MOST = 1;

    @Override
    public List<Stretch> stretches() {
        return net.pipes().stream()
                .map(p -> new Stretch(p.name(), p.from(), p.to(), p.bore()))
                .toList();
    }

    @Override
    public List<String> places() {
        Set<String> all = new LinkedHashSet<>(fed());
        net.pipes().forEach(p -> {
            all.add(p.from());
            all.add(p.to());
        });
        return List.copyOf(all);
    }

    @Override
    public List<String> fed() {
        Set<String> all = new LinkedHashSet<>();
        all.add(net.source());
        net.regulators().forEach(r -> all.add(r.to()));
        return List.copyOf(all);
    }

    @Override
    public Probed at(Map<String, GaugePressure> read) {
        List<GasNet.Reduce> regulators = net.regulators().stream()
                .map(r -> new GasNet.Reduce(r.name(), r.from(), r.to(), read.getOrDefault(r.to(), r.out()), r.least()))
                .toList();
        return new GasProbed(new GasNet(
                net.gas(),
                net.source(),
                read.getOrDefault(net.source(), net.feed()),
                net.pipes(),
                regulators,
                net.draws(),
                net.heights(),
                net.temperature(),
                net.barometer()));
    }

    @Override
    public Map<String, GaugePressure> pressures(Optional<Fault> fault) {
        return GasSolver.solve(fault.map(this::with).orElse(net)).nodes();
    }

    private GasNet with(Fault fault) {
        if (fault instanceof Fault.Leaking leak) {
            List<GasNet.Draw> draws = new ArrayList<>(net.draws());
            draws.add(new GasNet.Draw(
                    Say.it("gas-probed.leak"), leak.at(), net.gas().volume(leak.flow()), Optional.empty()));
            return net.with(draws);
        }
        Fault.Choked choked = (Fault.Choked) fault;
        return net.withPipes(net.pipes().stream()
                .map(p -> p.name().equals(choked.at())
                        ? p.with(p.bore(), p.fittings().plus(longer(p.bore(), choked.k())), p.rough())
                        : p)
                .toList());
    }

    private static Length longer(Length bore, double k) {
        return bore.times(BORES * k);
    }

    @Override
    public MassFlow mostLeak() {
        return net.gas()
                .mass(GasFlow.ofCubicMetresPerHour(
                        Math.max(LEAST_MOST, GasSolver.total(net).cubicMetresPerHour())));
    }

    @Override
    public PressureDifference scatter() {
        return MANOMETER;
    }

    @Override
    public Figure flow(MassFlow flow) {
        return Figure.of(net.gas().volume(flow));
    }
}
