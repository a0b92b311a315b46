package mellowflare.app.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleDoubleProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.MarkStrip;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.stock.Bender;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.Tube;

/** A tube line without a window: tube, ends, bender, and the picture. The way is typed in {@link MeasureModel}. */
public final class TubeModel {
    private static final double FIRST_TURN = 30;
    private static final double FIRST_TILT = 24;

    private final Desk desk;
    private final FieldState<Length> radius = AboveZero.field();
    private final FieldState<Length> squareUp = AboveZero.orZero();
    private final FieldState<Length> reachA = AboveZero.orZero();
    private final FieldState<Length> reachB = AboveZero.orZero();
    private final FieldState<Length> stickA = AboveZero.orZero();
    private final FieldState<Length> stickB = AboveZero.orZero();
    private final FieldState<Double> factor = FieldState.of(TubeModel::factorText, v -> "");
    private final DoubleProperty turn = new SimpleDoubleProperty(FIRST_TURN);
    private final DoubleProperty tilt = new SimpleDoubleProperty(FIRST_TILT);
    private final TubeChoice choice;
    private final TrialBends trials;

    public TubeModel(Desk desk) {
        this.desk = desk;
        radius.onChange(() -> tube(Say.it("tube-model.bend-radius"), t -> t.withRadius(radius.value())));
        squareUp.onChange(() -> tube(
                Say.it("tube-model.squaring-up"),
                t -> t.withSquareUp(squareUp.value().orElse(TubeLine.USUAL_SQUARE_UP))));
        reachA.onChange(() -> end(
                LineEnd.A,
                Say.it("tube-model.reach-end-a"),
                e -> e.withReach(reachA.value().orElse(Length.ZERO))));
        reachB.onChange(() -> end(
                LineEnd.B,
                Say.it("tube-model.reach-end-b"),
                e -> e.withReach(reachB.value().orElse(Length.ZERO))));
        stickA.onChange(
                () -> end(LineEnd.A, Say.it("tube-model.stick-out-at-end"), e -> e.withStickOut(stickA.value())));
        stickB.onChange(
                () -> end(LineEnd.B, Say.it("tube-model.stick-out-at-end-b"), e -> e.withStickOut(stickB.value())));
        factor.onChange(() -> tube(
                Say.it("tube-model.design-factor"),
                t -> t.withFactor(factor.value().orElse(TubeLine.NEW.factor()))));
        this.choice = new TubeChoice(desk);
        this.trials = new TrialBends(desk);
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static Read<Double> factorText(String text) {
        try {
            double v = Double.parseDouble(text.strip());
            return v >= 1.5 && v <= 10
                    ? Read.of(v)
                    : Read.refuse(Refusal.OUT_OF_RANGE, Say.it("tube-model.a-design-factor-lies"));
        } catch (NumberFormatException e) {
            return Read.refuse(Refusal.NOT_A_NUMBER, Say.it("tube-model.no-number-4-usual", "text", text));
        }
    }

    public ReadOnlyObjectProperty<Evaluation> currentProperty() {
        return desk.currentProperty();
    }

    /** Whether the open line is a tube. */
    public boolean isTube() {
        return desk.job().is(TubeLineKind.TUBE);
    }

    public TubePlan plan() {
        return desk.current().plan(TubeLineKind.TUBE).orElseThrow();
    }

    public TubeCase c() {
        return plan().c();
    }

    public TubeLine line() {
        return desk.job().line(TubeLineKind.TUBE);
    }

    public UnitSystem units() {
        return desk.units();
    }

    public FieldState<Length> radius() {
        return radius;
    }

    public FieldState<Length> squareUp() {
        return squareUp;
    }

    public FieldState<Length> reach(LineEnd which) {
        return which == LineEnd.A ? reachA : reachB;
    }

    public FieldState<Length> stickOut(LineEnd which) {
        return which == LineEnd.A ? stickA : stickB;
    }

    public FieldState<Double> factor() {
        return factor;
    }

    /** Which tube it is. */
    public TubeChoice choice() {
        return choice;
    }

    /** What trial bends told of the spring-back. */
    public TrialBends trials() {
        return trials;
    }

    // --- the ends ---

    public TubeEnd end(LineEnd which) {
        return line().end(which);
    }

    /** Kinds of end: those made for the port, and a socket; all while the port is not known; and whatever is chosen. */
    public List<TubeEndKind> kinds(LineEnd which) {
        EndKinds kinds = desk.data().get(EndKinds.KEY);
        List<TubeEndKind> offered = c().side(which)
                .port()
                .port()
                .map(p -> kinds.madeFor(p.id().code(), c().fluid().map(Fluid::group)).stream()
                        .map(EndTraits::kind)
                        .toList())
                .filter(first -> !first.isEmpty())
                .map(ArrayList::new)
                .orElseGet(() -> new ArrayList<>(List.of(TubeEndKind.values())));
        Stream.concat(Stream.of(TubeEndKind.SWAGE), end(which).kind().stream())
                .filter(k -> !offered.contains(k))
                .forEach(offered::add);
        return offered;
    }

    public String kindName(TubeEndKind kind) {
        return desk.data().get(EndKinds.KEY).of(kind).brief();
    }

    /** A kind chosen for one end stands at the other too while that has none; a tool is taken along when only one makes it. */
    public void kind(LineEnd which, Optional<TubeEndKind> kind) {
        tube(Say.it("tube-model.end", "which", which), t -> {
            TubeLine one = t.withEnd(which, withTool(t.end(which).withKind(kind)));
            LineEnd other = which.other();
            return kind.isPresent() && one.end(other).kind().isEmpty()
                    ? one.withEnd(other, withTool(one.end(other).withKind(kind)))
                    : one;
        });
    }

    private TubeEnd withTool(TubeEnd e) {
        if (e.tool().isPresent() || e.kind().isEmpty() || c().tube().isEmpty()) {
            return e;
        }
        return desk
                .data()
                .get(FlareTools.KEY)
                .making(e.kind().get(), c().tube().get().outside())
                .stream()
                .findFirst()
                .map(t -> e.withTool(Optional.of(t.id())))
                .orElse(e);
    }

    public List<FlareTool> tools(LineEnd which) {
        return end(which)
                .kind()
                .flatMap(k ->
                        c().tube().map(t -> desk.data().get(FlareTools.KEY).making(k, t.outside())))
                .orElse(List.of());
    }

    public void tool(LineEnd which, FlareTool tool) {
        end(which, Say.it("tube-model.flaring-tool-at-end", "which", which), e -> e.withTool(Optional.of(tool.id())));
    }

    public void pick(LineEnd which, EndId port) {
        desk.change(
                Say.it("tube-model.port", "which", which),
                "",
                j -> j.withPort(which, j.ports().of(which).taken(port, Optional.empty())));
    }

    // --- the bender ---

    /** Benders with the former for the tube; all while no tube is chosen. */
    public List<Bender> benders() {
        Benders all = desk.data().get(Benders.KEY);
        return c().tube().map(Tube::outside).map(all::forTube).orElse(all.all());
    }

    public void bender(Optional<Bender> bender) {
        tube(Say.it("tube-model.bender"), t -> t.withBender(bender.map(Bender::id)));
    }

    public void buried(boolean is) {
        tube(Say.it("tube-model.buried"), t -> t.withBuried(Optional.of(is)));
    }

    // --- the picture ---

    /** Turns the picture; it never tips over. */
    public void turn(double right, double down) {
        turn.set((turn.get() + right + 360) % 360);
        tilt.set(Math.max(0, Math.min(90, tilt.get() + down)));
    }

    /** The shape as a picture; empty while nothing with a shape was measured. */
    public Optional<Drawing> shape(Optional<Integer> chosen, ShapeDrawing.Layout layout) {
        return ShapeDrawing.page(c(), turn.get(), tilt.get(), chosen, layout).map(this::marked);
    }

    /** The tube laid out straight with the marks of its bends, read from an end. */
    public Optional<Drawing> marks(LineEnd from) {
        return MarkStrip.of(c(), from).map(this::marked);
    }

    private Drawing marked(Drawing d) {
        return d.marked(plan().marks());
    }

    private void end(LineEnd which, String what, UnaryOperator<TubeEnd> change) {
        tube(what, t -> t.withEnd(which, change.apply(t.end(which))));
    }

    void tube(String what, UnaryOperator<TubeLine> change) {
        desk.change(what, "tube" + what, j -> j.change(TubeLineKind.TUBE, change));
    }

    /** Nothing stays an empty field, unless somebody has typed the nothing. */
    private static Optional<Length> reached(FieldState<Length> field, TubeEnd end) {
        return Optional.of(end.reach()).filter(l -> l.mm() > 0 || field.value().isPresent());
    }

    private void refresh() {
        TubeLine t = line();
        UnitSystem u = units();
        show(radius, t.radius(), u);
        show(squareUp, Optional.of(t.squareUp()), u);
        show(reachA, reached(reachA, t.a()), u);
        show(reachB, reached(reachB, t.b()), u);
        show(stickA, t.a().stickOut(), u);
        show(stickB, t.b().stickOut(), u);
        factor.show(LengthFormat.decimal(t.factor(), 1, 0), Optional.of(t.factor()), u);
    }

    private static void show(FieldState<Length> field, Optional<Length> value, UnitSystem units) {
        field.show(value.map(v -> LengthFormat.figure(v, units)).orElse(""), value, units);
    }
}
