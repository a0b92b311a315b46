package mellowflare.app.hose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.LineModel;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.flow.PipeFriction;
import mellowflare.core.fluid.PressureBasis;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.hose.line.HoseLine;
import mellowflare.core.hose.line.Side;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.AdapterAsk;
import mellowflare.core.parts.AdapterCase;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HoseKind;
import mellowflare.core.parts.HoseKinds;
import mellowflare.core.parts.HosePart;

/** What the page of a hose line does, without a window. */
public final class HoseModel {
    private final AdapterHints hints;
    private final Desk desk;
    private final LineModel line;
    private final FieldState<Length> finished = new FieldState<>(HoseModel::readFinished, HoseModel::otherShop);
    private final FieldState<Length> bend =
            new FieldState<>(HoseModel::readBend, (v, u) -> LengthFormat.shop(v, u.other()));
    private final FieldState<Angle> clocking =
            FieldState.of(HoseModel::readClock, a -> Say.it("hose-model.clockwise-seen-from-end"));

    /**
     * @param desk the open job
     * @param line ports and service of it
     */
    public HoseModel(Desk desk, LineModel line) {
        this.desk = desk;
        this.hints = new AdapterHints(desk);
        this.line = line;
        finished.onChange(this::finishedTyped);
        bend.onChange(() -> change(Say.it("hose-model.bend-radius"), l -> l.withBendRadius(bend.value())));
        clocking.onChange(() -> change(Say.it("hose-model.clock-angle"), l -> l.withClocking(clocking.value())));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    /** Ports, service and kind of the line. */
    public LineModel line() {
        return line;
    }

    public boolean isHose() {
        return desk.job().is(HoseLineKind.HOSE);
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    /** The hose line worked out; a hose line must be open. */
    public HosePlan plan() {
        return desk.current().plan(HoseLineKind.HOSE).orElseThrow();
    }

    public UnitSystem units() {
        return desk.units();
    }

    /** What was chosen to go on a port. */
    public HoseEndPick end(LineEnd which) {
        return desk.job().line(HoseLineKind.HOSE).end(which);
    }

    private static Read<Length> readFinished(String text, UnitSystem units) {
        return LengthText.read(text, units)
                .then(l -> l.mm() >= 20 && l.mm() <= 100_000
                        ? Read.of(l)
                        : Read.refuse(
                                Refusal.OUT_OF_RANGE,
                                Say.it("hose-model.no-length-hose-line", "l", LengthFormat.figure(l, units))));
    }

    private static Read<Length> readBend(String text, UnitSystem units) {
        return LengthText.read(text, units)
                .then(l -> l.mm() >= 1
                        ? Read.of(l)
                        : Read.refuse(
                                Refusal.OUT_OF_RANGE,
                                Say.it("hose-model.no-bend-hose-give", "l", LengthFormat.figure(l, units))));
    }

    private static String otherShop(Length length, UnitSystem units) {
        return LengthFormat.shop(length, units.other());
    }

    private static Read<Angle> readClock(String text) {
        return QuantityText.angle(text, Optional.of("deg"));
    }

    /** Which standard tables the hose's pressure is read from. */
    public PressureBasis basis() {
        return plan().c().service().basis();
    }

    public void basis(PressureBasis b) {
        line.service(Say.it("hose-model.pressure-tables"), s -> s.withBasis(b));
    }

    /** The bore that the flow wants at the guide speed of the duty, as a sentence; empty while no flow is said. */
    public Optional<String> boreWanted() {
        return plan().c()
                .service()
                .flow()
                .filter(q -> q.litresPerMinute() > 0)
                .map(q -> Say.it(
                        "hose-model.the-flow-wants-bore",
                        "boreFor",
                        Figure.of(PipeFriction.boreFor(q, line.duty().guideMetresPerSecond()))
                                .text(units()),
                        "duty",
                        line.duty().word()));
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

    /** Hose ends that mate with the port of this side, for the chosen hose where there is one. */
    public List<HoseEndPart> hoseEnds(LineEnd which) {
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
    public List<AdapterHints.Hint> adapterHints(LineEnd which) {
        Optional<End> port = line.port(which).end().flatMap(desk.data().get(EndTable.KEY)::find);
        if (port.isEmpty() || !adapters(which).isEmpty() || !hoseEnds(which).isEmpty()) {
            return List.of();
        }
        Optional<HosePart> hose = plan().c().hose();
        Optional<GaugePressure> pressure = plan().c().service().working();
        return hints.of(port.get(), hose, pressure);
    }

    /** A way to get a machine home where the right part is missing, named as what it is; empty where none is known. */
    public Optional<String> getHome(LineEnd which) {
        Optional<End> port = line.port(which).end().flatMap(desk.data().get(EndTable.KEY)::find);
        return port.flatMap(p -> desk.data()
                .get(EndTable.KEY)
                .find(new EndId(EndCode.JIC37, p.id().size(), Gender.FEMALE))
                .flatMap(nut -> AdapterCase.getHome(AdapterAsk.of(p, nut), desk.data()))
                .map(f -> f.says(units()) + " " + f.remedy(units())));
    }

    private Side side(LineEnd which) {
        return plan().c().sides().get(which.ordinal());
    }

    public void hoseEnd(LineEnd which, HoseEndPart part) {
        change(
                Say.it("hose-model.hose-end", "which", which),
                l -> l.withEnd(which, l.end(which).withPart(Optional.of(part.part()))));
    }

    public List<HosePart> hoses(HoseKind kind) {
        return desk.data().get(Catalogue.KEY).hoses(kind);
    }

    /** Kinds of hose: those that are made for the fluid, and the one chosen; all while no fluid is said. */
    public List<HoseKind> kinds() {
        List<HoseKind> made = plan().fluid()
                .map(f -> desk.data().get(HoseKinds.KEY).madeFor(f.group()))
                .orElse(List.of());
        if (made.isEmpty()) {
            return List.of(HoseKind.values());
        }
        List<HoseKind> all = new ArrayList<>(made);
        plan().c().hose().map(HosePart::kind).filter(k -> !made.contains(k)).ifPresent(all::add);
        return all;
    }

    /** Adapters that stand between port and hose end. */
    public List<String> adapters(LineEnd which) {
        return end(which).adapters();
    }

    /** Puts adapters between port and hose end, the one on the port first; none takes them out. */
    public void adapters(LineEnd which, List<String> parts) {
        change(
                Say.it("hose-model.adapters-at-end", "which", which),
                l -> l.withEnd(which, l.end(which).withAdapters(parts)));
    }

    /** The kind shown: that of the chosen hose, two-wire at first. */
    public HoseKind hoseKind() {
        return plan().c().hose().map(HosePart::kind).orElse(HoseKind.TWO_WIRE);
    }

    public void hose(HosePart hose) {
        change(Say.it("hose-model.hose"), l -> l.withHose(Optional.of(hose.part())));
    }

    private void finishedTyped() {
        String text = finished.textProperty().get();
        change(
                Say.it("hose-model.finished-length"),
                l -> l.withFinished(finished.value()
                        .map(v -> l.finished()
                                .map(f -> f.withValue(v, text))
                                .orElseGet(() -> CalledFigure.unsigned(v, text)))));
    }

    private void change(String what, UnaryOperator<HoseLine> change) {
        desk.change(what, "line" + what, j -> j.change(HoseLineKind.HOSE, change));
    }

    private void refresh() {
        UnitSystem units = desk.units();
        HoseLine l = desk.job().line(HoseLineKind.HOSE);
        finished.show(
                l.finished().map(CalledFigure::entered).orElse(""), l.finished().map(CalledFigure::value), units);
        bend.show(l.bendRadius().map(r -> LengthFormat.figure(r, units)).orElse(""), l.bendRadius(), units);
        clocking.show(
                l.clocking().map(a -> LengthFormat.decimal(a.degrees(), 1, 0)).orElse(""), l.clocking(), units);
    }
}
