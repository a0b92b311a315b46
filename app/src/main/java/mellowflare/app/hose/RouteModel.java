package mellowflare.app.hose;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Vector;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.hose.route.KeepOut;
import mellowflare.core.hose.route.PlaceText;
import mellowflare.core.hose.route.PortAt;
import mellowflare.core.hose.route.RouteDrawing;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.hose.route.RouteSketch;
import mellowflare.core.hose.route.Toward;
import mellowflare.core.measure.CoordinateText;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.LengthText;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;

/** The way of the hose, without a window. Port A is where everything is measured from. */
public final class RouteModel {
    private static final double FIRST_APART_MM = 600;
    private static final Length THIN = Length.ofMm(20);
    private final Desk desk;
    private final FieldState<Double> forward = coordinate();
    private final FieldState<Double> left = coordinate();
    private final FieldState<Double> up = coordinate();
    private final FieldState<Length> straight =
            new FieldState<>((t, u) -> LengthText.read(t, u), (v, u) -> LengthFormat.figure(v, u.other()));
    private final FieldState<List<Vector>> clamps = places();
    private final FieldState<List<Vector>> motion = places();
    private final FieldState<List<KeepOut>> keepOuts =
            new FieldState<>(PlaceText::boxes, (v, u) -> Say.it("route-model.boxes", "size", v.size()));
    private final DoubleProperty turn = new SimpleDoubleProperty(30);
    private final DoubleProperty tilt = new SimpleDoubleProperty(24);

    public RouteModel(Desk desk) {
        this.desk = desk;
        forward.onChange(() -> farPort(
                Say.it("route-model.place-port-b"),
                v -> new Vector(forward.value().orElse(0.0), v.y(), v.z())));
        left.onChange(() -> farPort(
                Say.it("route-model.place-port-b"),
                v -> new Vector(v.x(), left.value().orElse(0.0), v.z())));
        up.onChange(() -> farPort(
                Say.it("route-model.place-port-b"),
                v -> new Vector(v.x(), v.y(), up.value().orElse(0.0))));
        straight.onChange(
                () -> sketch(Say.it("route-model.straight-behind-ends"), s -> s.withStraight(straight.value())));
        clamps.onChange(() -> sketch(
                Say.it("route-model.clamps-word"),
                s -> s.withClamps(clamps.value().orElse(List.of()))));
        motion.onChange(() -> sketch(
                Say.it("route-model.movement"), s -> s.withMotion(motion.value().orElse(List.of()))));
        keepOuts.onChange(() -> sketch(
                Say.it("route-model.keep-outs"),
                s -> s.withKeepOuts(keepOuts.value().orElse(List.of()))));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    private static FieldState<Double> coordinate() {
        return new FieldState<>(
                CoordinateText::read,
                (v, u) -> (v < 0 ? "-" : "") + LengthFormat.shop(Length.ofMm(Math.abs(v)), u.other()));
    }

    private static FieldState<List<Vector>> places() {
        return new FieldState<>(PlaceText::places, (v, u) -> Say.it("route-model.clamps", "size", v.size()));
    }

    public FieldState<Double> forward() {
        return forward;
    }

    public FieldState<Double> left() {
        return left;
    }

    public FieldState<Double> up() {
        return up;
    }

    public FieldState<Length> straight() {
        return straight;
    }

    public FieldState<List<Vector>> clamps() {
        return clamps;
    }

    public FieldState<List<Vector>> motion() {
        return motion;
    }

    public FieldState<List<KeepOut>> keepOuts() {
        return keepOuts;
    }

    /** How far the picture is turned about the upright (degrees). */
    public DoubleProperty turnProperty() {
        return turn;
    }

    /** How far it is looked down on (degrees). */
    public DoubleProperty tiltProperty() {
        return tilt;
    }

    /** Turns the picture; it never tips over. */
    public void turn(double byTurn, double byTilt) {
        turn.set((turn.get() + byTurn + 360) % 360);
        tilt.set(Math.max(0, Math.min(90, tilt.get() + byTilt)));
    }

    public boolean measured() {
        return desk.job().line(HoseLineKind.HOSE).route().isPresent();
    }

    /** Begins with both ports facing each other, for the fitter to put right. */
    public void begin() {
        line(
                Say.it("route-model.route-started"),
                Optional.of(RouteSketch.of(
                        new PortAt(Vector.ZERO, Toward.FORWARD.direction(), Optional.empty()),
                        new PortAt(new Vector(FIRST_APART_MM, 0, 0), Toward.BACK.direction(), Optional.empty()))));
    }

    /** Takes the way out of the job. */
    public void forget() {
        line(Say.it("route-model.route-removed"), Optional.empty());
    }

    /** Where a port looks. */
    public Toward out(LineEnd which) {
        return desk.job()
                .line(HoseLineKind.HOSE)
                .route()
                .map(r -> Toward.nearest(port(r, which).out()))
                .orElse(Toward.FORWARD);
    }

    public void out(LineEnd which, Toward toward) {
        port(
                Say.it("route-model.direction-port", "which", which),
                which,
                p -> new PortAt(p.at(), toward.direction(), p.leaves()));
    }

    /** Whether the end on a port is an elbow, so that it must be said where the hose leaves. */
    public boolean elbow(LineEnd which) {
        return side(which).part().filter(HoseEndPart::elbow).isPresent();
    }

    /** Where the hose leaves an elbow; empty takes the way to the other port. */
    public Optional<Toward> leaves(LineEnd which) {
        return desk.job()
                .line(HoseLineKind.HOSE)
                .route()
                .flatMap(r -> port(r, which).leaves())
                .map(Toward::nearest);
    }

    public void leaves(LineEnd which, Optional<Toward> toward) {
        port(
                Say.it("route-model.elbow-at-port", "which", which),
                which,
                p -> new PortAt(p.at(), p.out(), toward.map(Toward::direction)));
    }

    /** The way worked out; empty while no hose is chosen or nothing was measured. */
    public Optional<RoutePlan> plan() {
        return plan0().route();
    }

    /** Length of the way, sealing point to sealing point. */
    public Optional<Length> length() {
        return plan().flatMap(RoutePlan::length);
    }

    /** What to make of it, in a few words. */
    public String says() {
        if (plan0().hose().isEmpty()) {
            return Say.it("route-model.choose-hose-its-bend");
        }
        String clock =
                plan0().clockAngle().map(a -> Figure.of(a).text(desk.units())).orElse("none");
        return plan0().lengthByRoute()
                .map(l -> Say.it(
                        "route-model.make-for-pressure", "shop", LengthFormat.shop(l, desk.units()), "clock", clock))
                .orElse(Say.it("route-model.see-checks"));
    }

    /** The picture; empty while nothing was measured. */
    public Optional<Drawing> drawing() {
        HoseCase c = plan0();
        return desk.job()
                .line(HoseLineKind.HOSE)
                .route()
                .map(s -> RouteDrawing.of(
                        s,
                        c.route(),
                        c.hose().map(HosePart::outside).orElse(THIN),
                        turn.get(),
                        tilt.get(),
                        desk.units(),
                        c.a().place(),
                        c.b().place()))
                .map(d -> d.marked(
                        desk.current().plan(HoseLineKind.HOSE).orElseThrow().marks()));
    }

    private HoseCase plan0() {
        return desk.current().plan(HoseLineKind.HOSE).orElseThrow().c();
    }

    private Side side(LineEnd which) {
        return plan0().sides().get(which.ordinal());
    }

    private static PortAt port(RouteSketch r, LineEnd which) {
        return which == LineEnd.A ? r.a() : r.b();
    }

    private void port(String what, LineEnd which, UnaryOperator<PortAt> change) {
        sketch(what, s -> which == LineEnd.A ? s.withA(change.apply(s.a())) : s.withB(change.apply(s.b())));
    }

    private void farPort(String what, UnaryOperator<Vector> change) {
        port(what, LineEnd.B, p -> new PortAt(change.apply(p.at()), p.out(), p.leaves()));
    }

    private void sketch(String what, UnaryOperator<RouteSketch> change) {
        desk.change(
                what,
                "way" + what,
                j -> j.change(HoseLineKind.HOSE, l -> l.withRoute(l.route().map(change))));
    }

    private void line(String what, Optional<RouteSketch> route) {
        desk.change(what, "way" + what, j -> j.change(HoseLineKind.HOSE, l -> l.withRoute(route)));
    }

    private void refresh() {
        UnitSystem units = desk.units();
        Optional<RouteSketch> r = desk.job().line(HoseLineKind.HOSE).route();
        show(forward, r.map(s -> s.b().at().x()), units);
        show(left, r.map(s -> s.b().at().y()), units);
        show(up, r.map(s -> s.b().at().z()), units);
        straight.show(
                r.flatMap(RouteSketch::straight)
                        .map(l -> LengthFormat.figure(l, units))
                        .orElse(""),
                r.flatMap(RouteSketch::straight),
                units);
        clamps.show(r.map(s -> PlaceText.text(s.clamps(), units)).orElse(""), some(r.map(RouteSketch::clamps)), units);
        motion.show(r.map(s -> PlaceText.text(s.motion(), units)).orElse(""), some(r.map(RouteSketch::motion)), units);
        keepOuts.show(
                r.map(s -> PlaceText.boxText(s.keepOuts(), units)).orElse(""),
                some(r.map(RouteSketch::keepOuts)),
                units);
    }

    private static <T> Optional<List<T>> some(Optional<List<T>> list) {
        return list.filter(l -> !l.isEmpty());
    }

    private static void show(FieldState<Double> field, Optional<Double> value, UnitSystem units) {
        field.show(value.map(v -> CoordinateText.text(v, units)).orElse(""), value, units);
    }
}
