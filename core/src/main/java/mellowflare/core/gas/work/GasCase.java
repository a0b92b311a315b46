package mellowflare.core.gas.work;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.gas.fuel.AppliancePressure;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.layout.Connector;
import mellowflare.core.gas.layout.GasWalk;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.line.GasLine;
import mellowflare.core.gas.net.CheapestSizes;
import mellowflare.core.gas.net.GasFlows;
import mellowflare.core.gas.net.GasNet;
import mellowflare.core.gas.net.GasSolver;
import mellowflare.core.gas.stock.Cylinder;
import mellowflare.core.gas.stock.GasCode;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.measure.Volume;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.run.walk.Joints;
import mellowflare.core.run.walk.Walked;

/**
 * A gas line with everything looked up and worked out: what the rules look at.
 *
 * @param line as the job keeps it
 * @param walk where it lies
 * @param joints what sits at each place
 * @param gas what runs in it; empty while it is not said
 * @param code what rules there
 * @param appliancePressure what appliances are made for
 * @param system kind of pipe
 * @param runs every stretch with its size
 * @param feed pressure at the beginning of the walk; empty while it is not known
 * @param net the network with all that burns in the worst case; empty while nothing can flow
 * @param flows of that network
 * @param inlets of all appliances
 * @param sections every stretch that carries gas
 * @param boiling what the cylinders can give; empty where none feed it
 * @param setting what else the job says
 */
@RecordBuilder
public record GasCase(
        GasLine line,
        GasWalk walk,
        Joints joints,
        Optional<FuelGas> gas,
        Optional<GasCode> code,
        Optional<AppliancePressure> appliancePressure,
        Optional<GasSystem> system,
        List<GasRun> runs,
        Optional<GaugePressure> feed,
        Optional<GasNet> net,
        Optional<GasFlows> flows,
        List<Inlet> inlets,
        List<Section> sections,
        Optional<Boiling> boiling,
        Setting setting)
        implements GasCaseBuilder.With {
    /** Least pressure in a cylinder for an appliance that hangs on it without a regulator. */
    static final GaugePressure CYLINDER_LEAST = GaugePressure.ofBar(0.3);

    /** Cylinders in the sun. */
    private static final Temperature WARM = Temperature.ofCelsius(40);

    /** Gas in pipes is taken to be as warm as this (15 °C), as the code's equations do. */
    static final Temperature IN_PIPES = Temperature.ofCelsius(15);

    public GasCase {
        runs = List.copyOf(runs);
        inlets = List.copyOf(inlets);
        sections = List.copyOf(sections);
    }

    /** Looks a gas line up and works it out. */
    public static GasCase of(GasLine line, Setting setting) {
        return new GasWork(line, setting).get();
    }

    public UnitSystem units() {
        return setting.units();
    }

    public ReferenceData data() {
        return setting.data();
    }

    /** Air pressure at the place, by the standard atmosphere (ISO 2533): 1.01325 (1 - 2.25577e-5 h)^5.25588 bar. */
    public static AbsolutePressure barometer(Length altitude) {
        return AbsolutePressure.ofBar(1.01325 * Math.pow(1 - 2.25577e-5 * altitude.mm() / 1000, 5.25588));
    }

    public AbsolutePressure barometer() {
        return barometer(line.site().altitude());
    }

    /** What the drop from regulator or meter may be; empty where the code leaves it to the place and nobody said. */
    public Optional<PressureDifference> allowedDrop() {
        return line.drop().or(() -> code.flatMap(GasCode::drop));
    }

    /** The heating value that plates count on. */
    public HeatBasis basis() {
        return code.map(GasCode::basis).orElse(HeatBasis.GROSS);
    }

    /** The regulator at the source. */
    public Optional<Regulator> sourceRegulator() {
        return line.source().regulator().flatMap(stock()::regulator);
    }

    public Optional<Cylinder> cylinder() {
        return line.source().cylinder().flatMap(stock()::cylinder);
    }

    public GasStock stock() {
        return data().get(GasStock.KEY);
    }

    /** All that burns in the worst case. */
    public Power load() {
        return gas.map(g -> g.power(total(), basis())).orElse(Power.ofKilowatts(0));
    }

    /** The flow of all that burns in the worst case. */
    public GasFlow total() {
        return net.map(GasSolver::total).orElse(GasFlow.ofCubicMetresPerHour(0));
    }

    /** Sum of the plates, whether they burn together or not. */
    public Power plates() {
        return inlets.stream().flatMap(i -> i.input().stream()).reduce(Power.ofKilowatts(0), Power::plus);
    }

    public Optional<Inlet> inlet(String appliance) {
        return inlets.stream().filter(i -> i.name().equals(appliance)).findFirst();
    }

    /** The inlet that has least to spare over what it needs; of those that say nothing, the one with the least pressure. */
    public Optional<Inlet> tightest() {
        return inlets.stream()
                .filter(i -> i.pressure().isPresent())
                .min(Comparator.comparingDouble(i -> i.pressure().get().bar()
                        - i.least().map(GaugePressure::bar).orElse(0.0)));
    }

    /** Whether something is new, so that before and after are worth showing. */
    public boolean grows() {
        return inlets.stream().anyMatch(i -> i.appliance().added())
                && inlets.stream().anyMatch(i -> !i.appliance().added());
    }

    /** Volume of gas in the pipes and hoses. */
    public Volume volume() {
        Volume v = Volume.ofLitres(0);
        for (GasRun r : runs) {
            if (r.bore().isPresent()) {
                v = v.plus(Volume.ofBore(r.bore().get(), r.run().length()));
            }
        }
        return v;
    }

    /** Pressure that the line is tested with: the code's times the working pressure, and never less than its least; empty where the code leaves it to the place. */
    public Optional<GaugePressure> testPressure() {
        return code.flatMap(c -> c.testLeast()
                .flatMap(least -> feed.map(f -> {
                    GaugePressure times = f.times(c.testTimes());
                    return times.compareTo(least) > 0 ? times : least;
                })));
    }

    /** The pressure hold; empty while there are no two readings, or nothing is shut in. */
    public Optional<HoldTest> heldTest() {
        if (line.test().readings().size() < 2 || !(volume().litres() > 0)) {
            return Optional.empty();
        }
        return Optional.of(new HoldTest(
                line.test().readings(),
                volume(),
                barometer(),
                line.test().gaugeStep(),
                line.test().allowed()));
    }

    /** Total length of rigid pipe, centre to centre. */
    public Length pipeLength() {
        return Length.ofMm(walk.walked().runs().stream()
                .filter(r -> r.kind() != Walked.Kind.HOSE)
                .mapToDouble(r -> r.length().mm())
                .sum());
    }

    /** Ends of pipe where neither appliance, regulator nor cap sits. */
    public List<String> openEnds() {
        Set<String> used =
                walk.appliances().values().stream().map(GasWalk.At::place).collect(Collectors.toSet());
        return joints.all().stream()
                .filter(j -> j.meeting().size() == 1 && !j.spot().cap())
                .map(j -> j.spot().name())
                .filter(s -> !used.contains(s) && !s.equals(walk.walked().start()))
                .toList();
    }

    /** All hoses by name: in the line, and to appliances. */
    public Map<String, Connector> hoses() {
        Map<String, Connector> hoses = new LinkedHashMap<>();
        line.pieces().forEach(p -> {
            if (p instanceof Piece.Hose h) {
                hoses.put(h.name(), h.hose());
            } else if (p instanceof Piece.Appliance a) {
                a.hose().ifPresent(h -> hoses.put(Say.it("gas-case.hose-of", "appliance", a.name()), h));
            }
        });
        return hoses;
    }

    /** Whether a shut-off valve stands where a hose, by its name among {@link #hoses}, leaves. */
    public boolean valveBefore(String hose) {
        return walk.walked().runs().stream()
                .filter(r -> r.name().equals(hose)
                        || Say.it("gas-case.hose-of", "appliance", r.name()).equals(hose))
                .findFirst()
                .flatMap(r -> walk.walked().spot(r.from()))
                .filter(Walked.Spot::valve)
                .isPresent();
    }

    /** The most that stands before the regulator at the source: cylinders at 40 °C, or the house connection; empty while it is not known. */
    public Optional<GaugePressure> atRest() {
        return switch (line.source().feed()) {
            case UNSAID, METER -> Optional.empty();
            case CYLINDER ->
                gas.flatMap(g -> data().get(GasTable.KEY).boiling(g.family(), WARM))
                        .map(p -> p.gauge(barometer()));
        };
    }

    /** The pressure that the stage before a regulator of the walk locks up at; empty while nothing is known of it. */
    public Optional<GaugePressure> stageBefore(String regulator) {
        return walk.reduces().stream()
                .filter(r -> r.piece().name().equals(regulator))
                .findFirst()
                .flatMap(r -> net.flatMap(n -> n.regulators().stream()
                        .filter(x -> x.name().equals(regulator))
                        .findFirst()
                        .flatMap(x -> flows.flatMap(f -> f.behind(x.from()))
                                .flatMap(this::plateOf)
                                .or(this::sourceRegulator)
                                .map(Regulator::lockUp)
                                .or(() -> feed))));
    }

    private Optional<Regulator> plateOf(GasNet.Reduce reduce) {
        return walk.reduces().stream()
                .filter(w -> w.piece().name().equals(reduce.name()))
                .findFirst()
                .flatMap(w -> stock().regulator(w.piece().regulator()));
    }

    /** The pressure that the stage of a stretch is set to; empty while nothing feeds it. */
    public Optional<GaugePressure> stageOf(String run) {
        return net.flatMap(n -> n.pipes().stream()
                .filter(p -> p.name().equals(run))
                .findFirst()
                .flatMap(p -> flows.filter(f -> f.at(p.from()).isPresent())
                        .flatMap(f -> f.behind(p.from()).map(GasNet.Reduce::out).or(() -> feed))));
    }

    /** The least pressure that a stretch must keep at its far end: the most that any appliance of its stage needs at least, or where nobody knows that, what the drop allowed leaves. */
    public Optional<GaugePressure> leastOf(String run) {
        Optional<GaugePressure> set = stageOf(run);
        Optional<GaugePressure> needed = inlets.stream()
                .filter(i -> i.stage().equals(set))
                .flatMap(i -> i.least().stream())
                .max(Comparator.naturalOrder());
        return needed.or(() -> set.flatMap(s -> allowedDrop().map(s::less)));
    }

    /** Every joint that is soaped, in order from the source. */
    public List<SoapJoint> soapList() {
        return SoapJoint.of(this);
    }

    /**
     * The cheapest sizes with which every inlet keeps its least pressure and the allowed drop; pipe that stands costs nothing as it is, so that only as much of it is renewed as must be.
     *
     * @return empty while the network is not known, where pipes form a loop, and where even the widest sizes do not serve
     */
    public Optional<CheapestSizes.Found> cheapest() {
        return net.flatMap(n -> system.flatMap(s -> Sizer.of(this, n, s)));
    }

    /** The same line with other pieces, for drawing while it is typed. */
    public GasCase sketched(GasLine other) {
        return of(other, setting);
    }
}
