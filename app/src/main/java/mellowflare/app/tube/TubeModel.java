package mellowflare.app.tube;

import java.util.ArrayList;
import java.util.Comparator;
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
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.draw.ShapeDrawing;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.FlareTools;
import mellowflare.core.tube.form.SpringBack;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeEnd;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubePick;
import mellowflare.core.tube.stock.Bender;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeMaterial;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubeSize;
import mellowflare.core.tube.stock.TubeSizes;

/** A tube line without a window: tube, ends, bender, and the picture. The way is typed in {@link MeasureModel}. */
public final class TubeModel {
    private static final double FIRST_TURN = 30;
    private static final double FIRST_TILT = 24;

    private final Desk desk;
    private final FieldState<Length> outside = AboveZero.field();
    private final FieldState<Length> wall = AboveZero.field();
    private final FieldState<Length> radius = AboveZero.field();
    private final FieldState<Length> squareUp = AboveZero.orZero();
    private final FieldState<Length> reachA = AboveZero.orZero();
    private final FieldState<Length> reachB = AboveZero.orZero();
    private final FieldState<Length> stickA = AboveZero.orZero();
    private final FieldState<Length> stickB = AboveZero.orZero();
    private final FieldState<Double> factor = FieldState.of(TubeModel::factorText, v -> "on tensile");
    private final FieldState<Angle> lever = degrees(1, 180);
    private final FieldState<Angle> kept = degrees(1, 180);
    private final FieldState<Angle> lever2 = degrees(1, 180);
    private final FieldState<Angle> kept2 = degrees(1, 180);
    private final DoubleProperty turn = new SimpleDoubleProperty(FIRST_TURN);
    private final DoubleProperty tilt = new SimpleDoubleProperty(FIRST_TILT);
    private String trialRefusal = "";
    private String ownRefusal = "";
    private Optional<TubeMaterial> ownMaterial = Optional.empty();

    public TubeModel(Desk desk) {
        this.desk = desk;
        outside.onChange(this::own);
        wall.onChange(this::own);
        radius.onChange(() -> tube("bend radius", t -> t.withRadius(radius.value())));
        squareUp.onChange(() ->
                tube("squaring up", t -> t.withSquareUp(squareUp.value().orElse(TubeLine.USUAL_SQUARE_UP))));
        reachA.onChange(() ->
                end(LineEnd.A, "reach of end A", e -> e.withReach(reachA.value().orElse(Length.ZERO))));
        reachB.onChange(() ->
                end(LineEnd.B, "reach of end B", e -> e.withReach(reachB.value().orElse(Length.ZERO))));
        stickA.onChange(() -> end(LineEnd.A, "stick-out at end A", e -> e.withStickOut(stickA.value())));
        stickB.onChange(() -> end(LineEnd.B, "stick-out at end B", e -> e.withStickOut(stickB.value())));
        factor.onChange(() ->
                tube("design factor", t -> t.withFactor(factor.value().orElse(TubeLine.NEW.factor()))));
        for (FieldState<Angle> f : List.of(lever, kept, lever2, kept2)) {
            f.onChange(this::trials);
        }
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static FieldState<Angle> degrees(double least, double most) {
        return FieldState.of(t -> QuantityText.angle(t, Optional.of("deg"), least, most), a -> "");
    }

    private static Read<Double> factorText(String text) {
        try {
            double v = Double.parseDouble(text.strip());
            return v >= 1.5 && v <= 10
                    ? Read.of(v)
                    : Read.refuse(Refusal.OUT_OF_RANGE, "A design factor lies between 1.5 and 10; 4 is usual.");
        } catch (NumberFormatException e) {
            return Read.refuse(Refusal.NOT_A_NUMBER, "“" + text + "” is no number: 4 is usual.");
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

    public FieldState<Length> outside() {
        return outside;
    }

    public FieldState<Length> wall() {
        return wall;
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

    /** How far the lever went in a trial bend, counted from 0. */
    public FieldState<Angle> lever(int trial) {
        return trial == 0 ? lever : lever2;
    }

    /** What stayed of a trial bend, counted from 0. */
    public FieldState<Angle> kept(int trial) {
        return trial == 0 ? kept : kept2;
    }

    /** Why the trial bends are not taken; empty when they are. */
    public String trialRefusal() {
        return trialRefusal;
    }

    /** Why the measured tube is not taken; empty when it is. */
    public String ownRefusal() {
        return ownRefusal;
    }

    // --- the tube ---

    /** What answers to a bare size or to a measured diameter; everything while nothing was typed. */
    public List<TubeSize> sizes(String called) {
        return desk.data().get(TubeSizes.KEY).answering(called, units());
    }

    /** Asks which of two tubes is meant when a size names more than one outside diameter; empty otherwise. */
    public Optional<String> asks(String called) {
        List<Length> outsides = called.isBlank()
                ? List.of()
                : sizes(called).stream()
                        .map(s -> s.tube().outside())
                        .sorted(Comparator.naturalOrder())
                        .toList();
        if (outsides.isEmpty()) {
            return called.isBlank()
                    ? Optional.empty()
                    : Optional.of("No tube of the tables is called “" + called.strip() + "”: measure it.");
        }
        Length least = outsides.get(0);
        Length most = outsides.get(outsides.size() - 1);
        return most.distanceTo(least).mm() < 1
                ? Optional.empty()
                : Optional.of("“" + called.strip() + "” is two tubes: " + LengthFormat.figure(least, units())
                        + " outside where it is named so, " + LengthFormat.figure(most, units())
                        + " outside where plumbing names it by bore. Which one is it?");
    }

    public Optional<TubeSize> size() {
        return c().size();
    }

    public void size(TubeSize size) {
        tube("tube", t -> t.withTube(Optional.of(new TubePick.Listed(size.id()))));
    }

    public List<TubeMaterial> materials() {
        return desk.data().get(TubeMaterials.KEY).all();
    }

    public Optional<TubeMaterial> ownMaterial() {
        return ownMaterial;
    }

    public void ownMaterial(TubeMaterial m) {
        ownMaterial = Optional.of(m);
        own();
    }

    /** A tube measured with a caliper is taken when diameter, wall and material are there and leave a bore. */
    private void own() {
        ownRefusal = "";
        if (outside.value().isEmpty() || wall.value().isEmpty() || ownMaterial.isEmpty()) {
            return;
        }
        try {
            TubePick pick = new TubePick.Own(
                    outside.value().get(), wall.value().get(), ownMaterial.get().id());
            tube("measured tube", t -> t.withTube(Optional.of(pick)));
        } catch (IllegalArgumentException e) {
            ownRefusal = e.getMessage() + ".";
        }
    }

    /** What is to be known of the tube at a glance. */
    public String tubeFacts() {
        return c().tube()
                .map(t -> LengthFormat.figure(t.outside(), units()) + " outside, bore "
                        + LengthFormat.figure(t.bore(), units()) + ", "
                        + t.material().name() + ". "
                        + t.source().shown() + ".")
                .orElse("Say which tube: by what it is called, or measured with a caliper.");
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
        tube("end " + which, t -> {
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
        end(which, "flaring tool at end " + which, e -> e.withTool(Optional.of(tool.id())));
    }

    public void pick(LineEnd which, EndId port) {
        desk.change(
                "port " + which, "", j -> j.withPort(which, j.ports().of(which).taken(port, Optional.empty())));
    }

    // --- the bender ---

    /** Benders with the former for the tube; all while no tube is chosen. */
    public List<Bender> benders() {
        Benders all = desk.data().get(Benders.KEY);
        return c().tube().map(Tube::outside).map(all::forTube).orElse(all.all());
    }

    public void bender(Optional<Bender> bender) {
        tube("bender", t -> t.withBender(bender.map(Bender::id)));
    }

    private void trials() {
        try {
            SpringBack s = new SpringBack(trial(lever, kept), trial(lever2, kept2));
            trialRefusal = "";
            tube("trial bends", t -> t.withSpring(s));
        } catch (IllegalArgumentException e) {
            trialRefusal = e.getMessage() + ".";
        }
    }

    private static Optional<SpringBack.Trial> trial(FieldState<Angle> commanded, FieldState<Angle> measured) {
        return commanded.value().flatMap(c -> measured.value().map(m -> new SpringBack.Trial(c, m)));
    }

    public void buried(boolean is) {
        tube("buried", t -> t.withBuried(Optional.of(is)));
    }

    // --- the picture ---

    /** Turns the picture; it never tips over. */
    public void turn(double right, double down) {
        turn.set((turn.get() + right + 360) % 360);
        tilt.set(Math.max(0, Math.min(90, tilt.get() + down)));
    }

    /** The shape as a picture; empty while nothing with a shape was measured. */
    public Optional<Drawing> shape(Optional<Integer> chosen, ShapeDrawing.Layout layout) {
        return ShapeDrawing.page(c(), turn.get(), tilt.get(), chosen, layout);
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
        Optional<TubePick.Own> own =
                t.tube().filter(TubePick.Own.class::isInstance).map(TubePick.Own.class::cast);
        if (own.isPresent() || t.tube().isPresent()) {
            show(outside, own.map(TubePick.Own::outside), u);
            show(wall, own.map(TubePick.Own::wall), u);
            ownMaterial = own.flatMap(o -> desk.data().get(TubeMaterials.KEY).find(o.material()));
        }
        show(radius, t.radius(), u);
        show(squareUp, Optional.of(t.squareUp()), u);
        show(reachA, reached(reachA, t.a()), u);
        show(reachB, reached(reachB, t.b()), u);
        show(stickA, t.a().stickOut(), u);
        show(stickB, t.b().stickOut(), u);
        factor.show(LengthFormat.decimal(t.factor(), 1, 0), Optional.of(t.factor()), u);
        if (trialRefusal.isEmpty()) {
            angle(lever, t.spring().first().map(SpringBack.Trial::commanded), u);
            angle(kept, t.spring().first().map(SpringBack.Trial::measured), u);
            angle(lever2, t.spring().second().map(SpringBack.Trial::commanded), u);
            angle(kept2, t.spring().second().map(SpringBack.Trial::measured), u);
        }
    }

    private static void show(FieldState<Length> field, Optional<Length> value, UnitSystem units) {
        field.show(value.map(v -> LengthFormat.figure(v, units)).orElse(""), value, units);
    }

    /** Half a trial bend stays as typed until its other half is there. */
    private static void angle(FieldState<Angle> field, Optional<Angle> value, UnitSystem units) {
        if (value.isPresent()) {
            field.show(LengthFormat.decimal(value.get().degrees(), 1, 0), value, units);
        }
    }
}
