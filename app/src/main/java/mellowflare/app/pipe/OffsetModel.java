package mellowflare.app.pipe;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;
import mellowflare.core.pipe.offset.Legs;
import mellowflare.core.pipe.offset.OffsetAsk;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.pipe.offset.Taken;

/** An offset as it is measured, without a window: each figure as written, read a second time and called, with who did so. */
public final class OffsetModel {
    /** The angles that fittings are made in. */
    public static final List<Double> ANGLES = List.of(90.0, 60.0, 45.0, 30.0, 22.5, 11.25);

    private final PipeModel model;
    private String of = "";
    private final Map<OffsetFigure, FieldState<Length>> written = new EnumMap<>(OffsetFigure.class);
    private final Map<OffsetFigure, FieldState<Length>> second = new EnumMap<>(OffsetFigure.class);
    private final Map<OffsetFigure, FieldState<Length>> called = new EnumMap<>(OffsetFigure.class);
    private final FieldState<String> calledBy = OffsetFields.words();
    private final FieldState<String> writtenBy = OffsetFields.words();
    private final FieldState<String> reference = OffsetFields.words();
    private final FieldState<Angle> angle =
            new FieldState<>((t, u) -> QuantityText.angle(t, Optional.of("°")).then(OffsetFields::turns), (a, u) -> "");
    private final FieldState<Length> legA = AboveZero.taped();
    private final FieldState<Length> shift =
            new FieldState<>(OffsetFields::signed, (l, u) -> LengthFormat.figure(l, u.other()));
    private final FieldState<Length> setBackA = AboveZero.orZero();
    private final FieldState<Length> setBackC = AboveZero.orZero();
    private final ObstructionFields inTheWay;
    private final FieldState<Length> clear = AboveZero.orZero();
    private final FieldState<Length> spread = AboveZero.taped();
    private final FieldState<Integer> pipes = FieldState.of(OffsetFields::count, n -> "");
    private final FaceFields faces;
    private final ObjectProperty<Optional<OffsetFigure>> lit = new SimpleObjectProperty<>(Optional.empty());

    public OffsetModel(PipeModel model) {
        this.model = model;
        this.faces = new FaceFields(all -> ask(Say.it("offset-model.faces"), o -> o.withFaces(all)));
        this.inTheWay =
                new ObstructionFields(there -> ask(Say.it("offset-model.in-the-way"), o -> o.withObstruction(there)));
        for (OffsetFigure f : OffsetFigure.values()) {
            FieldState<Length> w = AboveZero.taped();
            w.onChange(() -> written(f, w.value(), w.textProperty().get()));
            written.put(f, w);
            FieldState<Length> s = AboveZero.taped();
            s.onChange(() -> taken(f, t -> t.withWritten(t.written().withSecond(s.value(), ""))));
            second.put(f, s);
            FieldState<Length> c = AboveZero.taped();
            c.onChange(() -> taken(f, t -> t.withCalled(c.value())));
            called.put(f, c);
        }
        calledBy.onChange(() -> signed());
        writtenBy.onChange(() -> signed());
        reference.onChange(() -> lit.get()
                .ifPresent(f -> taken(f, t -> t.withReference(reference.value().orElse("")))));
        angle.onChange(() -> angle.value().ifPresent(this::angle));
        legA.onChange(() ->
                legA.value().ifPresent(l -> ask(Say.it("offset-model.legs"), o -> o.withLegs(new Legs.GivenA(l)))));
        shift.onChange(() -> ask(
                Say.it("offset-model.legs"),
                o -> o.withLegs(new Legs.Shifted(shift.value().orElse(Length.ZERO)))));
        setBackA.onChange(
                () -> ask(Say.it("offset-model.set-back"), o -> o.withA(o.a().withSetBack(setBackA.value()))));
        setBackC.onChange(
                () -> ask(Say.it("offset-model.set-back"), o -> o.withC(o.c().withSetBack(setBackC.value()))));
        clear.onChange(() -> clear.value().ifPresent(l -> ask(Say.it("offset-model.clear"), o -> o.withClear(l))));
        spread.onChange(() -> ask(Say.it("offset-model.pipes"), o -> o.withSpread(spread.value())));
        pipes.onChange(() ->
                ask(Say.it("offset-model.pipes"), o -> o.withPipes(pipes.value().orElse(1))));
        model.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private OffsetAsk now() {
        return model.line().offset();
    }

    private void ask(String what, UnaryOperator<OffsetAsk> change) {
        model.change(what, l -> l.withOffset(change.apply(l.offset())));
    }

    private void written(OffsetFigure f, Optional<Length> value, String text) {
        ask(
                Say.it("offset-model.figure", "symbol", f.symbol()),
                o -> o.with(
                        f,
                        value.map(v -> o.figure(f)
                                .map(t -> t.retyped(v, text))
                                .orElseGet(() -> Taken.of(v).withWritten(CalledFigure.unsigned(v, text))))));
    }

    private void taken(OffsetFigure f, UnaryOperator<Taken> change) {
        ask(
                Say.it("offset-model.figure", "symbol", f.symbol()),
                o -> o.with(f, o.figure(f).map(change)));
    }

    private void signed() {
        lit.get()
                .ifPresent(f -> taken(
                        f,
                        t -> t.withWritten(t.written()
                                .withSigned(
                                        calledBy.value().orElse(""),
                                        writtenBy.value().orElse("")))));
    }

    // --- what the page shows ---

    /** The figures that are asked for, the overall last. */
    public List<OffsetFigure> asked() {
        return now().asked();
    }

    public OffsetWay way() {
        return now().way();
    }

    public void way(OffsetWay way) {
        ask(Say.it("offset-model.way"), o -> o.withWay(way));
    }

    public double degrees() {
        return now().fitting().degrees();
    }

    public void angle(Angle a) {
        ask(Say.it("offset-model.fitting-angle"), o -> o.withFitting(a));
    }

    public FieldState<Length> written(OffsetFigure f) {
        return written.get(f);
    }

    public FieldState<Length> second(OffsetFigure f) {
        return second.get(f);
    }

    public FieldState<Length> called(OffsetFigure f) {
        return called.get(f);
    }

    public FieldState<String> calledBy() {
        return calledBy;
    }

    public FieldState<String> writtenBy() {
        return writtenBy;
    }

    public FieldState<String> reference() {
        return reference;
    }

    public FieldState<Angle> angle() {
        return angle;
    }

    public FieldState<Length> legA() {
        return legA;
    }

    public FieldState<Length> shift() {
        return shift;
    }

    public FieldState<Length> setBack(boolean atA) {
        return atA ? setBackA : setBackC;
    }

    /** What is in the way. */
    public ObstructionFields inTheWay() {
        return inTheWay;
    }

    public FieldState<Length> clear() {
        return clear;
    }

    public FieldState<Length> spread() {
        return spread;
    }

    /** From face to face at the top, right, bottom and left. */
    public List<FieldState<Length>> faces() {
        return faces.all();
    }

    public FieldState<Integer> pipes() {
        return pipes;
    }

    /** The figure being worked on; it is lit in the drawing. */
    public ObjectProperty<Optional<OffsetFigure>> litProperty() {
        return lit;
    }

    /** Works on a figure: shows who called and wrote it. */
    public void light(OffsetFigure f) {
        lit.set(Optional.of(f));
        refresh();
    }

    public EndKind end(boolean atA) {
        return (atA ? now().a() : now().c()).kind();
    }

    public void end(boolean atA, EndKind kind) {
        ask(Say.it("offset-model.end"), o -> atA ? o.withA(PipeEnd.of(kind)) : o.withC(PipeEnd.of(kind)));
    }

    /** Whether both legs are alike. */
    public boolean equal() {
        return now().legs().equals(Legs.EQUAL);
    }

    public void makeEqual() {
        ask(Say.it("offset-model.legs"), o -> o.withLegs(Legs.EQUAL));
    }

    /** Whether a shift clears what is in the way. */
    public boolean canClear() {
        return model.c().clearance().flatMap(k -> k.shift()).isPresent();
    }

    /** Takes the shift that clears what is in the way; says whether there was one. */
    public boolean clearIt() {
        Optional<Length> by = model.c().clearance().flatMap(k -> k.shift());
        by.ifPresent(l -> ask(Say.it("offset-model.legs"), o -> o.withLegs(new Legs.Shifted(l))));
        return by.isPresent();
    }

    /** Reads every figure back: what was written is called again by the other and agrees. */
    public void readBack() {
        ask(Say.it("offset-model.read-back"), o -> {
            OffsetAsk all = o;
            for (OffsetFigure f : o.asked()) {
                all = all.with(
                        f, all.figure(f).map(t -> t.called().isPresent() ? t : t.withCalled(Optional.of(t.value()))));
            }
            return all;
        });
    }

    private void refresh() {
        if (!model.isPipe()) {
            return;
        }
        UnitSystem u = model.units();
        OffsetAsk o = now();
        for (OffsetFigure f : OffsetFigure.values()) {
            Optional<Taken> t = o.figure(f);
            OffsetFields.show(
                    written.get(f),
                    t.map(Taken::value),
                    t.map(x -> x.written().entered()).orElse(""),
                    u);
            OffsetFields.show(second.get(f), t.flatMap(x -> x.written().second()), "", u);
            OffsetFields.show(called.get(f), t.flatMap(Taken::called), "", u);
        }
        Optional<Taken> now = lit.get().flatMap(o::figure);
        OffsetFields.text(calledBy, now.map(t -> t.written().calledBy()).orElse(""), u);
        OffsetFields.text(writtenBy, now.map(t -> t.written().writtenBy()).orElse(""), u);
        OffsetFields.text(reference, now.map(Taken::reference).orElse(""), u);
        angle.show(LengthFormat.decimal(o.fitting().degrees(), 2, 0), Optional.of(o.fitting()), u);
        OffsetFields.show(legA, o.legs() instanceof Legs.GivenA g ? Optional.of(g.a()) : Optional.empty(), "", u);
        OffsetFields.show(
                shift,
                o.legs() instanceof Legs.Shifted s && s.by().mm() != 0 ? Optional.of(s.by()) : Optional.empty(),
                "",
                u);
        OffsetFields.show(setBackA, o.a().setBack(), "", u);
        OffsetFields.show(setBackC, o.c().setBack(), "", u);
        boolean other = !of.equals(model.desk().job().id());
        inTheWay.show(o.obstruction(), other, u);
        OffsetFields.show(clear, Optional.of(o.clear()), "", u);
        OffsetFields.show(spread, o.spread(), "", u);
        faces.show(o.faces(), other, u);
        of = model.desk().job().id();
        pipes.show(Integer.toString(o.pipes()), Optional.of(o.pipes()), u);
    }
}
