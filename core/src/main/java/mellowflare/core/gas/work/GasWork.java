package mellowflare.core.gas.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.gas.fuel.AppliancePressure;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.layout.GasWalk;
import mellowflare.core.gas.layout.Plate;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.net.GasFlows;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.net.GasSolver;
import mellowflare.core.gas.net.Reach;
import mellowflare.core.gas.net.Resistance;
import mellowflare.core.gas.net.SizingEquation;
import mellowflare.core.gas.stock.Cylinder;
import mellowflare.core.gas.stock.GasCode;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.stock.UsualAppliance;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Walked;

/** Works a line out, step by step. */
final class GasWork {
    private final GasLine line;
    private final Setting setting;
    private final GasStock stock;
    private final GasTable gases;
    private final GasWalk walk;
    private final Joints joints;
    private final Optional<FuelGas> gas;
    private final Optional<GasCode> code;
    private final Optional<AppliancePressure> pressure;
    private final Optional<GasSystem> system;
    private final List<GasRun> runs;
    private final AbsolutePressure barometer;
    private final NetBuilder builder;
    private final Map<String, Power> inputs = new LinkedHashMap<>();

    GasWork(GasLine line, Setting setting) {
        this.line = line;
        this.setting = setting;
        stock = setting.data().get(GasStock.KEY);
        gases = setting.data().get(GasTable.KEY);
        walk = GasWalk.of(line.station(), line.pieces());
        joints = Joints.of(walk.walked());
        gas = gases.mixture(line.shares()).map(g -> line.heating().map(g::with).orElse(g));
        code = line.code().flatMap(stock::code);
        pressure = line.pressure().flatMap(gases::pressure);
        system = line.system().flatMap(stock::system);
        runs = walk.walked().runs().stream().map(this::sized).toList();
        barometer = GasCase.barometer(line.site().altitude());
        builder = new NetBuilder(walk, joints, stock, system.map(GasSystem::rough));
        walk.appliances().forEach((name, a) -> input(a.appliance().plate()).ifPresent(p -> inputs.put(name, p)));
    }

    private GasRun sized(Walked.Run r) {
        return new GasRun(
                r,
                r.kind() == Walked.Kind.HOSE
                        ? Optional.empty()
                        : r.size().or(line::size).flatMap(z -> line.system().flatMap(s -> stock.size(s, z))));
    }

    private Optional<Power> input(Plate plate) {
        return plate.input().or(() -> plate.usual().flatMap(stock::appliance).map(UsualAppliance::input));
    }

    /** What stands at the beginning of the walk. */
    private Optional<GaugePressure> feed() {
        GasSource s = line.source();
        Optional<Regulator> regulator = s.regulator().flatMap(stock::regulator);
        return switch (s.feed()) {
            case UNSAID -> Optional.empty();
            case CYLINDER ->
                regulator
                        .map(Regulator::out)
                        .or(() -> s.regulator().isPresent()
                                ? Optional.empty()
                                : gas.flatMap(g -> gases.boiling(g.family(), GasCase.IN_PIPES))
                                        .map(p -> p.gauge(barometer)));
            case METER -> s.pressure().or(() -> regulator.map(Regulator::out));
        };
    }

    GasCase get() {
        Optional<GaugePressure> feed = feed();
        Optional<GasNet> all = feed.filter(f -> f.bar() > 0)
                .filter(f ->
                        gas.isPresent() && runs.stream().anyMatch(r -> r.bore().isPresent()))
                .map(f -> builder.net(gas.get(), f, runs, List.of(), GasCase.IN_PIPES, barometer));
        Map<String, Double> kilowatts = new HashMap<>();
        inputs.forEach((name, p) -> kilowatts.put(name, p.kilowatts()));
        Optional<Worst> worst =
                all.filter(n -> !inputs.isEmpty()).map(n -> worst(n, Cases.of(walk.appliances(), kilowatts), Set.of()));
        Set<String> added = walk.appliances().values().stream()
                .filter(a -> a.appliance().added())
                .map(a -> a.appliance().name())
                .collect(Collectors.toUnmodifiableSet());
        Optional<Worst> before = added.isEmpty() || added.containsAll(inputs.keySet())
                ? Optional.empty()
                : all.map(n -> worst(n, Cases.of(walk.appliances(), kilowatts), added));
        Optional<GasNet> net = worst.map(w -> w.net).or(() -> all);
        Optional<GasFlows> flows = worst.map(w -> w.flows).or(() -> all.map(GasSolver::solve));
        List<Inlet> inlets = new ArrayList<>();
        walk.appliances().values().forEach(a -> inlets.add(inlet(a, feed, flows, worst, before)));
        return new GasCase(
                line,
                walk,
                joints,
                gas,
                code,
                pressure,
                system,
                runs,
                feed,
                net,
                flows,
                inlets,
                net.flatMap(n -> flows.map(f -> sections(n, f))).orElse(List.of()),
                boiling(),
                setting);
    }

    /** The least pressure of each inlet over all cases, and the case with the greatest flow. */
    private record Worst(GasNet net, GasFlows flows, Map<String, GaugePressure> least) {}

    private Worst worst(GasNet bare, List<Set<String>> cases, Set<String> without) {
        Map<String, GaugePressure> least = new HashMap<>();
        Worst greatest = null;
        double most = -1;
        for (Set<String> together : cases) {
            List<GasNet.Draw> draws = new ArrayList<>();
            inputs.forEach((name, p) -> {
                if (together.contains(name) && !without.contains(name)) {
                    GasWalk.At a = walk.appliances().get(name);
                    draws.add(new GasNet.Draw(
                            name,
                            builder.at(a),
                            gas.orElseThrow().flow(p, basis()),
                            least(a.appliance().plate())));
                }
            });
            GasNet net = bare.with(draws);
            GasFlows flows = GasSolver.solve(net);
            for (GasNet.Draw d : draws) {
                flows.at(d.node()).ifPresent(p -> least.merge(d.name(), p, (a, b) -> a.compareTo(b) < 0 ? a : b));
            }
            double sum = GasSolver.total(net).cubicMetresPerHour();
            if (sum > most) {
                most = sum;
                greatest = new Worst(net, flows, least);
            }
        }
        return greatest;
    }

    private HeatBasis basis() {
        return code.map(GasCode::basis).orElse(HeatBasis.GROSS);
    }

    private Optional<GaugePressure> least(Plate plate) {
        return plate.least().or(() -> pressure.flatMap(AppliancePressure::least));
    }

    private Inlet inlet(
            GasWalk.At a,
            Optional<GaugePressure> feed,
            Optional<GasFlows> flows,
            Optional<Worst> worst,
            Optional<Worst> before) {
        String name = a.appliance().name();
        Optional<Regulator> behind = flows.flatMap(f -> f.behind(builder.at(a))).flatMap(this::plateOf);
        boolean fed = flows.flatMap(f -> f.at(builder.at(a))).isPresent();
        boolean regulated = behind.isPresent()
                || line.source().feed() == GasSource.Feed.METER
                || sourceRegulator().isPresent();
        Optional<GaugePressure> stage = fed ? behind.map(Regulator::out).or(() -> feed) : Optional.empty();
        Optional<GaugePressure> shut =
                fed ? behind.or(this::sourceRegulator).map(Regulator::lockUp).or(() -> feed) : Optional.empty();
        Plate plate = a.appliance().plate();
        Optional<Power> input = Optional.ofNullable(inputs.get(name));
        return new Inlet(
                a,
                input,
                input.flatMap(p -> gas.map(g -> g.flow(p, basis()))),
                stage,
                regulated,
                worst.map(w -> w.least.get(name)),
                before.map(w -> w.least.get(name)),
                shut,
                least(plate),
                plate.greatest().or(() -> pressure.flatMap(AppliancePressure::greatest)));
    }

    private Optional<Regulator> plateOf(GasNet.Reduce reduce) {
        return walk.reduces().stream()
                .filter(w -> w.piece().name().equals(reduce.name()))
                .findFirst()
                .flatMap(w -> stock.regulator(w.piece().regulator()));
    }

    private Optional<Regulator> sourceRegulator() {
        return line.source().regulator().flatMap(stock::regulator);
    }

    private List<Section> sections(GasNet net, GasFlows flows) {
        Reach reach = Reach.of(net);
        Optional<PressureDifference> drop = line.drop().or(() -> code.flatMap(GasCode::drop));
        Map<String, GasRun> byName = new HashMap<>();
        runs.forEach(r -> byName.put(r.name(), r));
        List<Section> all = new ArrayList<>();
        for (GasFlows.InPipe p : flows.pipes()) {
            Length bore = p.pipe().bore();
            Optional<Reach.Counted> counted = reach.of(p.pipe().name());
            all.add(new Section(
                    byName.get(p.pipe().name()),
                    p.pipe().fittings(),
                    p.flow(),
                    net.gas().power(p.flow(), basis()),
                    counted.flatMap(c -> drop.filter(d -> c.longest().mm() > 0)
                            .map(d -> SizingEquation.capacity(Resistance.of(net.gas()), d, c.longest(), bore))),
                    counted.flatMap(c -> drop.filter(d -> c.branch().mm() > 0)
                            .map(d -> SizingEquation.capacity(Resistance.of(net.gas()), d, c.branch(), bore))),
                    SizingEquation.drop(
                            Resistance.of(net.gas()), p.flow(), p.pipe().counts(), bore),
                    p.drop(),
                    p.metresPerSecond()));
        }
        return all;
    }

    private Optional<Boiling> boiling() {
        GasSource s = line.source();
        Optional<Cylinder> cylinder = s.cylinder().flatMap(stock::cylinder);
        if (s.feed() != GasSource.Feed.CYLINDER || cylinder.isEmpty() || gas.isEmpty()) {
            return Optional.empty();
        }
        GaugePressure least = sourceRegulator().map(Regulator::leastIn).orElse(GasCase.CYLINDER_LEAST);
        return Boiling.of(
                gas.get(), gases, stock, cylinder.get(), s, least, line.site().coldest(), barometer);
    }
}
