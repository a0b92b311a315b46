package mellowflare.core.air.work;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.demand.Need;
import mellowflare.core.air.demand.Scenario;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.air.water.Water;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.flow.network.Network;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Sized;
import mellowflare.core.run.walk.Walked;

/**
 * A main with everything looked up and worked out: what the rules look at.
 *
 * @param main as the job keeps it
 * @param walked where it lies
 * @param joints what sits at each place
 * @param fall how it hangs
 * @param system what it is made of
 * @param sized every run with its size
 * @param feeds compressors by place; the first at {@link AirWalk#START}
 * @param choices who may do what
 * @param together the worst that can run together, as far as it was looked for
 * @param need what the compressor must deliver
 * @param water where water falls out
 * @param work pieces, parts and hangers; empty while the system is not known
 * @param setting what else the job says
 */
@RecordBuilder
public record AirCase(
        AirMain main,
        Walked walked,
        Joints joints,
        Fall fall,
        Optional<PipeSystem> system,
        List<Sized> sized,
        Map<String, Compressor> feeds,
        Map<String, List<Scenario.Choice>> choices,
        Together together,
        Need need,
        Optional<Water> water,
        Optional<CutWork> work,
        Setting setting)
        implements AirCaseBuilder.With {
    /** On every change so many cases are looked at as keep runs times cases below this; the rest when it is asked for. */
    private static final int RUNS_TIMES_CASES = 1200;

    private static final long MOST_CASES = 100_000;

    public AirCase {
        sized = List.copyOf(sized);
    }

    /** Looks a main up and works it out. */
    public static AirCase of(AirMain main, Setting setting) {
        ReferenceData data = setting.data();
        Walked walked = AirWalk.of(main.station(), main.pieces());
        Joints joints = Joints.of(walked);
        Fall fall = Fall.of(walked, joints, way(setting.method(MethodTopic.AIR_FALL)), main.fall());
        PipeSystems systems = data.get(PipeSystems.KEY);
        Optional<PipeSystem> system = main.system().flatMap(systems::find);
        List<Sized> sized = sized(main, walked, systems);
        Map<String, Compressor> feeds = feeds(main, walked, data);
        Map<String, List<Scenario.Choice>> choices = Scenario.choices(walked, data);
        MainNetwork net = new MainNetwork(main, walked, joints, systems, system);
        Function<Map<String, AirTool>, NetworkFlow> solver = net.solver(sized, feeds);
        Together.Search search = new Together.Search(
                choices, s -> solver.apply(s.running()), main.shop().barometer());
        Together together = atOnce(search, walked.runs().size());
        Need need = Need.of(choices, main.use(), setting.method(MethodTopic.AIR_DEMAND), data);
        Optional<Water> water = feeds.isEmpty()
                ? Optional.empty()
                : Optional.of(Water.of(main, walked, joints, fall, sized, system, feeds, solver.apply(mean(choices))));
        Optional<CutWork> work = system.filter(PipeSystem::rated)
                .map(s -> CutWork.of(main, walked, joints, fall, sized, s, data, setting.units())
                        .with(s, setting.shelf()));
        return new AirCase(
                main, walked, joints, fall, system, sized, feeds, choices, together, need, water, work, setting);
    }

    public UnitSystem units() {
        return setting.units();
    }

    public ReferenceData data() {
        return setting.data();
    }

    private static Together atOnce(Together.Search search, int runs) {
        int most = Math.max(1, RUNS_TIMES_CASES / Math.max(1, runs));
        // Where they are too many, the rest is looked at once the hands rest: what is shown while they move need not
        // hold them up.
        return search.cases() <= most ? search.every(most, p -> {}, () -> false) : search.quick(Math.max(1, most / 2));
    }

    /**
     * The main with another walk, for drawing while it is typed: where it lies, how it hangs and what is odd in it. What runs, and with which pressures, is taken over from this case.
     */
    public AirCase sketched(AirMain other) {
        Walked w = AirWalk.of(other.station(), other.pieces());
        Joints j = Joints.of(w);
        return with().main(other)
                .walked(w)
                .joints(j)
                .fall(Fall.of(w, j, fall.way(), other.fall()))
                .sized(sized(other, w, data().get(PipeSystems.KEY)))
                .feeds(feeds(other, w, data()))
                .water(Optional.empty())
                .work(Optional.empty())
                .build();
    }

    /** Every run with its own size, or the usual one of the main or of the drops. */
    private static List<Sized> sized(AirMain main, Walked walked, PipeSystems systems) {
        Optional<PipeSize> usual = size(main, main.size(), systems);
        Optional<PipeSize> drops = size(main, main.dropSize().or(main::size), systems);
        List<Sized> sized = new ArrayList<>(walked.runs().size());
        for (Walked.Run r : walked.runs()) {
            sized.add(new Sized(
                    r,
                    r.kind() == Walked.Kind.HOSE
                            ? Optional.empty()
                            : r.size().isPresent()
                                    ? size(main, r.size(), systems)
                                    : r.piece() instanceof Piece.Drop ? drops : usual));
        }
        return sized;
    }

    private static Optional<PipeSize> size(AirMain main, Optional<String> size, PipeSystems systems) {
        return size.flatMap(z -> main.system().flatMap(s -> systems.size(s, z)));
    }

    private static Map<String, Compressor> feeds(AirMain main, Walked walked, ReferenceData data) {
        AirHouse house = data.get(AirHouse.KEY);
        Map<String, Compressor> feeds = new LinkedHashMap<>();
        main.plant().compressor().flatMap(house::compressor).ifPresent(c -> feeds.put(AirWalk.START, c));
        walked.spots().forEach((name, s) -> s.feed().flatMap(house::compressor).ifPresent(c -> feeds.put(name, c)));
        return feeds;
    }

    /** Everybody at what uses most on the average, with that average. */
    private static Map<String, AirTool> mean(Map<String, List<Scenario.Choice>> choices) {
        Map<String, AirTool> mean = new HashMap<>();
        choices.values()
                .forEach(c -> c.stream()
                        .reduce((a, b) -> b.tool().mean().litresPerMinute()
                                        > a.tool().mean().litresPerMinute()
                                ? b
                                : a)
                        .ifPresent(x -> mean.put(x.outlet(), x.tool().averaged())));
        return mean;
    }

    private static Fall.Way way(Method fall) {
        return fall.is("back") ? Fall.Way.BACK : fall.is("level") ? Fall.Way.LEVEL : Fall.Way.FAR;
    }

    /** The method that a topic follows. */
    public Method method(MethodTopic topic) {
        return setting.method(topic);
    }

    /** The network of this main under a scenario. */
    public Network network(Scenario scenario) {
        return net().network(sized, feeds, scenario.running());
    }

    /** The network with other sizes. */
    public Network network(List<Sized> others, Scenario scenario) {
        return net().network(others, feeds, scenario.running());
    }

    private MainNetwork net() {
        return new MainNetwork(main, walked, joints, data().get(PipeSystems.KEY), system);
    }

    /** Name in the network of the place at the end of an outlet's hose. */
    public static String toolAt(String outlet) {
        return MainNetwork.tool(outlet);
    }

    /** Looks through every case of what may run together. */
    public Together worstOfAll(DoubleConsumer progress, BooleanSupplier cancelled) {
        return new Together.Search(
                        choices,
                        s -> NetworkSolver.solve(network(s)),
                        main.shop().barometer())
                .every(MOST_CASES, progress, cancelled);
    }

    /** The worst of all cases with other sizes. */
    public Together worstOfAll(List<Sized> others, BooleanSupplier cancelled) {
        return worst(others).every(MOST_CASES, p -> {}, cancelled);
    }

    private Together.Search worst(List<Sized> sizes) {
        Function<Map<String, AirTool>, NetworkFlow> solver = net().solver(sizes, feeds);
        return new Together.Search(
                choices, s -> solver.apply(s.running()), main.shop().barometer());
    }

    /** Whether all runs that carry air have a size, and a compressor feeds them. */
    public boolean flows() {
        return !feeds.isEmpty()
                && !sized.isEmpty()
                && sized.stream().allMatch(s -> s.bore().isPresent() || s.run().kind() == Walked.Kind.LEG);
    }

    /** What a run one size larger would give at the tightest tool; empty where there is no larger one, or nothing runs. */
    public Optional<PressureDifference> oneSizeUp(String run) {
        PipeSystems systems = data().get(PipeSystems.KEY);
        Optional<Sized> it = sized.stream().filter(s -> s.name().equals(run)).findFirst();
        Optional<PipeSize> larger = it.flatMap(Sized::size).flatMap(systems::above);
        if (larger.isEmpty() || together.tight().isEmpty() || !flows()) {
            return Optional.empty();
        }
        List<Sized> others = sized.stream()
                .map(s -> s.name().equals(run) ? new Sized(s.run(), larger) : s)
                .toList();
        NetworkFlow flow = NetworkSolver.solve(network(others, together.scenario()));
        String tight = together.tight().get();
        return Together.margin(
                        tight,
                        together.scenario().running().get(tight),
                        flow,
                        main.shop().barometer())
                .map(m -> PressureDifference.ofBar(m.bar() - together.margin().bar()));
    }

    /** Pipes of the main that lose most in the worst case, the heaviest loss first; hoses are left out. */
    public List<NetworkFlow.InPipe> heaviest(int most) {
        Set<String> rigid = sized.stream()
                .filter(s -> s.run().kind() != Walked.Kind.HOSE)
                .map(Sized::name)
                .collect(Collectors.toSet());
        return together.flow().pipes().stream()
                .filter(p -> rigid.contains(p.pipe().name()))
                .sorted(Comparator.comparing((NetworkFlow.InPipe p) -> p.drop()).reversed())
                .limit(most)
                .toList();
    }

    /** The compressor at the beginning of the walk. */
    public Optional<Compressor> compressor() {
        return Optional.ofNullable(feeds.get(AirWalk.START));
    }

    /** What compressors and further receivers store. */
    public Volume stored() {
        Volume v = Volume.ofLitres(0);
        for (Compressor k : feeds.values()) {
            v = v.plus(k.receiver());
        }
        for (Piece p : main.pieces()) {
            v = p instanceof Piece.Tank t ? v.plus(t.volume()) : v;
        }
        return v;
    }

    /** What all compressors deliver together. */
    public FreeAir delivered() {
        return feeds.values().stream().map(Compressor::delivers).reduce(FreeAir.ofLitresPerMinute(0), FreeAir::plus);
    }

    /** Gauge pressure at a place in the worst case. */
    public Optional<GaugePressure> pressure(String spot) {
        return together.flow()
                .node(spot)
                .map(n -> n.pressure().gauge(main.shop().barometer()));
    }

    /** What is shut in when the main is held: its pipes and hoses, and the receivers where they are not shut off. */
    public Volume shutIn() {
        Volume v = Volume.ofLitres(0);
        for (Sized s : sized) {
            if (s.bore().isPresent()) {
                v = v.plus(Volume.ofBore(s.bore().get(), s.run().length()));
            }
        }
        if (main.held().receiver()) {
            v = v.plus(stored());
        }
        return v;
    }

    /** The hold test; empty while there are no two readings, or nothing is shut in. */
    public Optional<HoldTest> heldTest() {
        if (main.held().readings().size() < 2 || !(shutIn().litres() > 0)) {
            return Optional.empty();
        }
        return Optional.of(new HoldTest(
                main.held().readings(),
                shutIn(),
                main.shop().barometer(),
                main.held().gaugeStep(),
                main.held().allowed()));
    }

    /** What came of the hold test. */
    public Optional<HoldTest.Result> heldResult() {
        return heldTest().map(HoldTest::result);
    }

    /** What a leak costs in a year of standing under pressure day and night, in the catalogue's money; empty without a compressor. */
    public Optional<Double> yearly(FreeAir leak) {
        return compressor()
                .map(k -> leak.in(AirReference.ISO1217).litresPerMinute()
                        * 0.06
                        * 8760
                        * k.kilowattHoursPerCubicMetre()
                        * main.use().kilowattHour());
    }

    /** Total length of rigid pipe, centre to centre. */
    public Length pipeLength() {
        return Length.ofMm(walked.runs().stream()
                .filter(r -> r.kind() != Walked.Kind.HOSE)
                .mapToDouble(r -> r.length().mm())
                .sum());
    }
}
