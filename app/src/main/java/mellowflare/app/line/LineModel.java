package mellowflare.app.line;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Collectors;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Which;
import mellowflare.core.flow.PipeFriction;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Surroundings;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.HoseLine;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.LineEnd;
import mellowflare.core.hose.PortTried;
import mellowflare.core.hose.Side;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.LineKind;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.AdapterAsk;
import mellowflare.core.parts.AdapterCase;
import mellowflare.core.parts.AdapterFinder;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKind;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.HosePart;

/** What Line does, without a window. */
public final class LineModel {
    private static final int HINTS = 3;
    private final Map<List<Object>, List<Hint>> hints = new HashMap<>();
    private final Desk desk;
    private final FieldState<GaugePressure> working = pressure();
    private final FieldState<GaugePressure> peak = pressure();
    private final FieldState<Temperature> temperature = new FieldState<>(
            (t, u) -> QuantityText.temperature(t, Optional.of(u == UnitSystem.METRIC ? "C" : "F")),
            (v, u) -> Figure.of(v).text(u.other()));
    private final FieldState<Temperature> air = new FieldState<>(
            (t, u) -> QuantityText.temperature(t, Optional.of(u == UnitSystem.METRIC ? "C" : "F")),
            (v, u) -> Figure.of(v).text(u.other()));
    private final FieldState<FlowRate> flow = new FieldState<>(
            (t, u) -> QuantityText.flow(t, Optional.of(u == UnitSystem.METRIC ? "L/min" : "gal/min")),
            (v, u) -> Figure.of(v).text(u.other()));
    private final FieldState<Length> finished = new FieldState<>(LineModel::readFinished, LineModel::otherShop);
    private final FieldState<Length> bend =
            new FieldState<>(LineModel::readBend, (v, u) -> LengthFormat.figure(v, u.other()));
    private final FieldState<Angle> clocking = FieldState.of(LineModel::readClock, a -> "clockwise, seen from end A");

    private final Map<Which, FieldState<Length>> mouths =
            new EnumMap<>(Map.of(Which.A, AboveZero.field(), Which.B, AboveZero.field()));

    public LineModel(Desk desk) {
        this.desk = desk;
        working.onChange(() -> service("working pressure", s -> s.withWorking(working.value())));
        peak.onChange(() -> service("peak pressure", s -> s.withPeak(peak.value())));
        temperature.onChange(() -> service("temperature", s -> s.withFluidTemperature(temperature.value())));
        air.onChange(() -> around(x -> x.withAir(air.value())));
        flow.onChange(() -> service("flow", s -> s.withFlow(flow.value())));
        finished.onChange(this::finishedTyped);
        bend.onChange(() -> line("bend radius", l -> l.withBendRadius(bend.value())));
        clocking.onChange(() -> line("clock angle", l -> l.withClocking(clocking.value())));
        mouths.forEach((w, f) -> f.onChange(() -> tried(w, "mouth of port " + w, t -> t.withMouth(f.value()))));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static FieldState<GaugePressure> pressure() {
        return new FieldState<>(
                (t, u) -> QuantityText.pressure(t, Optional.of(u == UnitSystem.METRIC ? "bar" : "psi")),
                (v, u) -> Figure.of(v).text(u.other()));
    }

    private static Read<Length> readFinished(String text, UnitSystem units) {
        return LengthText.read(text, units)
                .then(l -> l.mm() >= 20 && l.mm() <= 100_000
                        ? Read.of(l)
                        : Read.refuse(
                                Refusal.OUT_OF_RANGE,
                                LengthFormat.figure(l, units)
                                        + " is no length of a hose line: expected 20 mm to 100 m."));
    }

    private static Read<Length> readBend(String text, UnitSystem units) {
        return LengthText.read(text, units)
                .then(l -> l.mm() >= 1
                        ? Read.of(l)
                        : Read.refuse(
                                Refusal.OUT_OF_RANGE,
                                LengthFormat.figure(l, units)
                                        + " is no bend of a hose: give the radius of its curve."));
    }

    private static String otherShop(Length length, UnitSystem units) {
        return LengthFormat.shop(length, units.other());
    }

    private static Read<Angle> readClock(String text) {
        return QuantityText.angle(text, Optional.of("deg"));
    }

    /** What the line is made of. */
    public LineKind kind() {
        return desk.job().kind();
    }

    public void kind(LineKind kind) {
        desk.change("made of " + kind.word(), "", j -> j.withKind(kind));
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    public HosePlan plan() {
        return desk.current().plan();
    }

    public UnitSystem units() {
        return desk.units();
    }

    public FieldState<GaugePressure> working() {
        return working;
    }

    public FieldState<GaugePressure> peak() {
        return peak;
    }

    public FieldState<Temperature> temperature() {
        return temperature;
    }

    public FieldState<FlowRate> flow() {
        return flow;
    }

    public FieldState<Temperature> air() {
        return air;
    }

    /** What is said of the surroundings. */
    public Surroundings around() {
        return plan().c().service().around();
    }

    public void around(UnaryOperator<Surroundings> change) {
        service("surroundings", s -> s.withAround(change.apply(s.around())));
    }

    /** Which standard tables the hose's pressure is read from. */
    public PressureBasis basis() {
        return plan().c().service().basis();
    }

    public void basis(PressureBasis b) {
        service("pressure tables", s -> s.withBasis(b));
    }

    /** The bore that the flow wants at the guide speed of the duty, as a sentence; empty while no flow is said. */
    public Optional<String> boreWanted() {
        return plan().c()
                .service()
                .flow()
                .filter(q -> q.litresPerMinute() > 0)
                .map(q -> "The flow wants "
                        + Figure.of(PipeFriction.boreFor(q, duty().guideMetresPerSecond()))
                                .text(units())
                        + " of bore or more in a " + duty().word() + " line.");
    }

    public FieldState<Length> finished() {
        return finished;
    }

    public FieldState<Length> bend() {
        return bend;
    }

    public FieldState<Angle> clocking() {
        return clocking;
    }

    public LineEnd end(Which which) {
        return desk.job().line().end(which);
    }

    public List<Fluid> fluids() {
        return desk.data().get(FluidTable.KEY).all();
    }

    public Optional<Fluid> fluid() {
        return plan().c().fluid();
    }

    public Optional<Work> work() {
        return plan().c().service().work();
    }

    public void work(Optional<Work> work) {
        service("kind of work", s -> s.withWork(work));
    }

    public Duty duty() {
        return plan().c().service().duty();
    }

    public void duty(Duty duty) {
        service("duty", s -> s.withDuty(duty));
    }

    public void fluid(Fluid fluid) {
        service("fluid", s -> s.withFluid(Optional.of(fluid.id())));
    }

    public void place(Which which, String name) {
        line("name of end " + which, l -> l.withEnd(which, l.end(which).withPlace(name)));
    }

    /** Sizes of a family, for picking a port. */
    public List<String> sizes(EndCode code) {
        return desk.data().get(EndTable.KEY).sizes(code);
    }

    /** Picks a port from the tables instead of measuring it. */
    public void pick(Which which, EndId port) {
        line("end " + which + " picked", l -> l.withEnd(which, l.end(which).taken(port, Optional.empty())));
    }

    /** Hose ends that mate with the port of this side, for the chosen hose where there is one. */
    public List<HoseEndPart> hoseEnds(Which which) {
        return side(which)
                .presented()
                .map(p -> desk.data()
                        .get(Catalogue.KEY)
                        .endsFor(p, plan().c().hose(), desk.data().get(EndTable.KEY)))
                .orElse(List.of());
    }

    /**
     * What would join the port of this side to a hose end of the chosen hose where none mates with it; empty while one does. Worked out once for each
     * port, hose and pressure.
     */
    public List<Hint> adapterHints(Which which) {
        Optional<End> port = end(which).port().flatMap(desk.data().get(EndTable.KEY)::find);
        if (port.isEmpty() || !adapters(which).isEmpty() || !hoseEnds(which).isEmpty()) {
            return List.of();
        }
        Optional<HosePart> hose = plan().c().hose();
        Optional<GaugePressure> pressure = plan().c().service().working();
        return hints.computeIfAbsent(
                List.of(desk.data(), port.get().id(), hose.map(HosePart::part), pressure),
                k -> hints(port.get(), hose, pressure));
    }

    private List<Hint> hints(End port, Optional<HosePart> hose, Optional<GaugePressure> pressure) {
        EndTable ends = desk.data().get(EndTable.KEY);
        List<End> offered = desk.data().get(Catalogue.KEY).hoseEnds().stream()
                .filter(e -> hose.map(h -> e.hoseDash().filter(h.dash()::equals).isPresent()
                                && e.series().filter(h.series()::equals).isPresent())
                        .orElse(true))
                .flatMap(e -> ends.find(e.end()).stream())
                .distinct()
                .toList();
        AdapterAsk ask = new AdapterAsk(port, port, false, Optional.empty(), pressure, Optional.empty());
        return new AdapterFinder(desk.data())
                .toAny(ask, offered).stream()
                        .limit(HINTS)
                        .map(f -> new Hint(
                                f.chain().links().stream()
                                        .map(l -> l.part().part())
                                        .toList(),
                                f.chain().links().stream()
                                                .map(l -> l.part().part())
                                                .collect(Collectors.joining(" + "))
                                        + (f.chain().onShelf() ? " (on the shelf)" : "") + ", "
                                        + Figure.of(f.chain().weakest()).text(desk.units())
                                        + ", then a hose end " + f.end().brief() + " "
                                        + f.end().gender().word()))
                        .toList();
    }

    /**
     * Adapters that would join a port to a hose end.
     *
     * @param parts part numbers, the one on the port first
     * @param words as shown
     */
    public record Hint(List<String> parts, String words) {
        public Hint {
            parts = List.copyOf(parts);
        }
    }

    /** A way to get a machine home where the right part is missing, named as what it is; empty where none is known. */
    public Optional<String> getHome(Which which) {
        Optional<End> port = end(which).port().flatMap(desk.data().get(EndTable.KEY)::find);
        return port.flatMap(p -> desk.data()
                .get(EndTable.KEY)
                .find(new EndId(EndCode.JIC37, p.id().size(), Gender.FEMALE))
                .flatMap(nut -> AdapterCase.getHome(AdapterAsk.of(p, nut), desk.data()))
                .map(f -> f.says(units()) + " " + f.remedy(units())));
    }

    private Side side(Which which) {
        return plan().c().sides().get(which.ordinal());
    }

    public void hoseEnd(Which which, HoseEndPart part) {
        line("hose end " + which, l -> l.withEnd(which, l.end(which).withHoseEnd(Optional.of(part.part()))));
    }

    public List<HosePart> hoses(HoseKind kind) {
        return desk.data().get(Catalogue.KEY).hoses(kind);
    }

    /** Kinds of hose: those that are made for the fluid, and the one chosen; all while no fluid is said. */
    public List<HoseKind> kinds() {
        List<HoseKind> made = fluid().map(f -> desk.data().get(HoseKinds.KEY).madeFor(f.group()))
                .orElse(List.of());
        if (made.isEmpty()) {
            return List.of(HoseKind.values());
        }
        List<HoseKind> all = new ArrayList<>(made);
        plan().c().hose().map(HosePart::kind).filter(k -> !made.contains(k)).ifPresent(all::add);
        return all;
    }

    /** Adapters that stand between port and hose end. */
    public List<String> adapters(Which which) {
        return end(which).adapters();
    }

    /** Puts adapters between port and hose end, the one on the port first; none takes them out. */
    public void adapters(Which which, List<String> parts) {
        line("adapters at end " + which, l -> l.withEnd(which, l.end(which).withAdapters(parts)));
    }

    public void metal(Which which, Metal metal) {
        line("metal of port " + which, l -> l.withEnd(which, l.end(which).withMetal(Optional.of(metal))));
    }

    /** Whether the port should have a ring housing, so that it is asked how a fitting turns in. */
    public boolean ringPort(Which which) {
        return end(which)
                .port()
                .flatMap(desk.data().get(EndTable.KEY)::find)
                .filter(End::ringPort)
                .isPresent();
    }

    /** Whether a fitting stopped at its ring, as in a sound port, and nothing else was looked at. */
    public boolean provedSound(Which which) {
        PortTried t = end(which).tried();
        return t.homeByHand().filter(home -> !home).isPresent()
                && t.ringShows().isEmpty()
                && t.mouth().isEmpty();
    }

    /** How a fitting turned into the port; empty while nobody tried. */
    public void homeByHand(Which which, Optional<Boolean> does) {
        tried(which, "port " + which + " tried by hand", t -> t.withHomeByHand(does));
    }

    /** Whether the ring peeps out of the port when the fitting is tight; empty while nobody looked. */
    public void ringShows(Which which, Optional<Boolean> does) {
        tried(which, "ring of port " + which, t -> t.withRingShows(does));
    }

    /** The mouth of a ring port, across the face. */
    public FieldState<Length> mouth(Which which) {
        return mouths.get(which);
    }

    private void tried(Which which, String what, UnaryOperator<PortTried> change) {
        line(
                what,
                l -> l.withEnd(
                        which, l.end(which).withTried(change.apply(l.end(which).tried()))));
    }

    /** The kind shown: that of the chosen hose, two-wire at first. */
    public HoseKind hoseKind() {
        return plan().c().hose().map(HosePart::kind).orElse(HoseKind.TWO_WIRE);
    }

    public void hose(HosePart hose) {
        line("hose", l -> l.withHose(Optional.of(hose.part())));
    }

    private void finishedTyped() {
        String text = finished.textProperty().get();
        line(
                "finished length",
                l -> l.withFinished(finished.value()
                        .map(v -> l.finished()
                                .map(f -> f.withValue(v, text))
                                .orElseGet(() -> CalledFigure.unsigned(v, text)))));
    }

    private void service(String what, UnaryOperator<Service> change) {
        line(what, l -> l.withService(change.apply(l.service())));
    }

    private void line(String what, UnaryOperator<HoseLine> change) {
        desk.change(what, "line" + what, j -> j.withLine(change.apply(j.line())));
    }

    private void refresh() {
        UnitSystem units = desk.units();
        HoseLine line = desk.job().line();
        Service s = line.service();
        working.show(bare(s.working().map(Figure::of)), s.working(), units);
        peak.show(bare(s.peak().map(Figure::of)), s.peak(), units);
        temperature.show(bare(s.fluidTemperature().map(Figure::of)), s.fluidTemperature(), units);
        air.show(bare(s.around().air().map(Figure::of)), s.around().air(), units);
        flow.show(bare(s.flow().map(Figure::of)), s.flow(), units);
        finished.show(
                line.finished().map(CalledFigure::entered).orElse(""),
                line.finished().map(CalledFigure::value),
                units);
        bend.show(line.bendRadius().map(r -> LengthFormat.figure(r, units)).orElse(""), line.bendRadius(), units);
        clocking.show(
                line.clocking()
                        .map(a -> LengthFormat.decimal(a.degrees(), 1, 0))
                        .orElse(""),
                line.clocking(),
                units);
        mouths.forEach((w, f) -> {
            Optional<Length> mouth = line.end(w).tried().mouth();
            f.show(mouth.map(m -> LengthFormat.figure(m, units)).orElse(""), mouth, units);
        });
    }

    private String bare(Optional<Figure> figure) {
        return figure.map(f -> f.text(desk.units())).orElse("");
    }
}
