package mellowflare.app.line;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Ambient;
import mellowflare.core.fluid.Duty;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.fluid.Service;
import mellowflare.core.fluid.Work;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Port;
import mellowflare.core.line.PortTried;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;

/** What all lines between two ports have in common: what they are made of, what they must do, their ports. Without a window. */
public final class LineModel {
    private final Desk desk;
    private final FieldState<GaugePressure> working = pressure();
    private final FieldState<GaugePressure> peak = pressure();
    private final FieldState<Temperature> temperature = degrees();
    private final FieldState<Temperature> air = degrees();
    private final FieldState<FlowRate> flow = new FieldState<>(
            (t, u) -> QuantityText.flow(t, Optional.of(u == UnitSystem.METRIC ? "L/min" : "gal/min")),
            (v, u) -> Figure.of(v).text(u.other()));

    private final Map<LineEnd, FieldState<Length>> mouths =
            new EnumMap<>(Map.of(LineEnd.A, AboveZero.field(), LineEnd.B, AboveZero.field()));

    public LineModel(Desk desk) {
        this.desk = desk;
        working.onChange(() -> service(Say.it("line-model.working-pressure"), s -> s.withWorking(working.value())));
        peak.onChange(() -> service(Say.it("line-model.peak-pressure"), s -> s.withPeak(peak.value())));
        temperature.onChange(
                () -> service(Say.it("line-model.temperature"), s -> s.withFluidTemperature(temperature.value())));
        air.onChange(() -> ambient(x -> x.withAir(air.value())));
        flow.onChange(() -> service(Say.it("line-model.flow"), s -> s.withFlow(flow.value())));
        mouths.forEach((w, f) ->
                f.onChange(() -> tried(w, Say.it("line-model.mouth-port", "w", w), t -> t.withMouth(f.value()))));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static FieldState<Temperature> degrees() {
        return new FieldState<>(
                (t, u) -> QuantityText.temperature(t, Optional.of(u == UnitSystem.METRIC ? "C" : "F")),
                (v, u) -> Figure.of(v).text(u.other()));
    }

    /** What the line is made of. */
    public Kind<?, ?> kind() {
        return desk.job().kind();
    }

    public void kind(Kind<?, ?> kind) {
        desk.change(Say.it("line-model.made", "kind", kind.word()), "", j -> j.withKind(kind));
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    public UnitSystem units() {
        return desk.units();
    }

    private static FieldState<GaugePressure> pressure() {
        return new FieldState<>(
                (t, u) -> QuantityText.pressure(t, Optional.of(u == UnitSystem.METRIC ? "bar" : "psi")),
                (v, u) -> Figure.of(v).text(u.other()));
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
    public Ambient ambient() {
        return desk.job().service().ambient();
    }

    public void ambient(UnaryOperator<Ambient> change) {
        service(Say.it("line-model.surroundings"), s -> s.withAmbient(change.apply(s.ambient())));
    }

    public Port port(LineEnd which) {
        return desk.job().ports().of(which);
    }

    public List<Fluid> fluids() {
        return desk.data().get(FluidTable.KEY).all();
    }

    public Optional<Fluid> fluid() {
        return desk.current().fluid();
    }

    public Optional<Work> work() {
        return desk.job().service().work();
    }

    public void work(Optional<Work> work) {
        service(Say.it("line-model.kind-work"), s -> s.withWork(work));
    }

    public Duty duty() {
        return desk.job().service().duty();
    }

    public void duty(Duty duty) {
        service(Say.it("line-model.duty"), s -> s.withDuty(duty));
    }

    public void fluid(Fluid fluid) {
        service(Say.it("line-model.fluid"), s -> s.withFluid(Optional.of(fluid.id())));
    }

    public void place(LineEnd which, String name) {
        port(Say.it("line-model.name-end", "which", which), which, p -> p.withPlace(name));
    }

    /** Sizes of a family, for picking a port. */
    public List<String> sizes(EndCode code) {
        return desk.data().get(EndTable.KEY).sizes(code);
    }

    /** Picks a port from the tables instead of measuring it. */
    public void pick(LineEnd which, EndId port) {
        port(Say.it("line-model.end-picked", "which", which), which, p -> p.taken(port, Optional.empty()));
    }

    public void metal(LineEnd which, Metal metal) {
        port(Say.it("line-model.metal-port", "which", which), which, p -> p.withMetal(Optional.of(metal)));
    }

    /** Whether the port should have a ring housing, so that it is asked how a fitting turns in. */
    public boolean ringPort(LineEnd which) {
        return port(which)
                .end()
                .flatMap(desk.data().get(EndTable.KEY)::find)
                .filter(End::ringPort)
                .isPresent();
    }

    /** Whether a fitting stopped at its ring, as in a sound port, and nothing else was looked at. */
    public boolean provedSound(LineEnd which) {
        PortTried t = port(which).tried();
        return t.homeByHand().filter(home -> !home).isPresent()
                && t.ringShows().isEmpty()
                && t.mouth().isEmpty();
    }

    /** How a fitting turned into the port; empty while nobody tried. */
    public void homeByHand(LineEnd which, Optional<Boolean> does) {
        tried(which, Say.it("line-model.port-tried-by-hand", "which", which), t -> t.withHomeByHand(does));
    }

    /** Whether the ring peeps out of the port when the fitting is tight; empty while nobody looked. */
    public void ringShows(LineEnd which, Optional<Boolean> does) {
        tried(which, Say.it("line-model.ring-port", "which", which), t -> t.withRingShows(does));
    }

    /** The mouth of a ring port, across the face. */
    public FieldState<Length> mouth(LineEnd which) {
        return mouths.get(which);
    }

    private void tried(LineEnd which, String what, UnaryOperator<PortTried> change) {
        port(what, which, p -> p.withTried(change.apply(p.tried())));
    }

    private void port(String what, LineEnd which, UnaryOperator<Port> change) {
        desk.change(
                what,
                "line" + what,
                j -> j.withPort(which, change.apply(j.ports().of(which))));
    }

    /** Changes what the line must do. */
    public void service(String what, UnaryOperator<Service> change) {
        desk.change(what, "line" + what, j -> j.withService(change.apply(j.service())));
    }

    private void refresh() {
        UnitSystem units = desk.units();
        Service s = desk.job().service();
        working.show(bare(s.working().map(Figure::of)), s.working(), units);
        peak.show(bare(s.peak().map(Figure::of)), s.peak(), units);
        temperature.show(bare(s.fluidTemperature().map(Figure::of)), s.fluidTemperature(), units);
        air.show(bare(s.ambient().air().map(Figure::of)), s.ambient().air(), units);
        flow.show(bare(s.flow().map(Figure::of)), s.flow(), units);
        mouths.forEach((w, f) -> {
            Optional<Length> mouth = port(w).tried().mouth();
            f.show(mouth.map(m -> LengthFormat.figure(m, units)).orElse(""), mouth, units);
        });
    }

    private String bare(Optional<Figure> figure) {
        return figure.map(f -> f.text(desk.units())).orElse("");
    }
}
