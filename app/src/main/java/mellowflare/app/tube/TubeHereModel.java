package mellowflare.app.tube;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.Tool;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.line.TubeRoom;
import mellowflare.core.tube.order.TubeStepWriter;

/** Tools at hand and room on the job for a tube line, without a window. */
public final class TubeHereModel {
    private final Desk desk;
    private final FieldState<Length> cutter = AboveZero.taped();
    private final FieldState<Length> bar = AboveZero.taped();
    private final FieldState<Length> bender = AboveZero.taped();
    private final FieldState<Length> roomA = AboveZero.taped();
    private final FieldState<Length> roomB = AboveZero.taped();

    public TubeHereModel(Desk desk) {
        this.desk = desk;
        cutter.onChange(() -> room(Say.it("tube-here-model.room-for-cutter"), r -> r.withCutter(cutter.value())));
        bar.onChange(() -> room(Say.it("tube-here-model.room-for-bar"), r -> r.withBar(bar.value())));
        bender.onChange(() -> room(Say.it("tube-here-model.room-for-bender"), r -> r.withBender(bender.value())));
        roomA.onChange(() -> here(Say.it("tube-here-model.room-at-end-a"), h -> h.withRoom(LineEnd.A, roomA.value())));
        roomB.onChange(() -> here(Say.it("tube-here-model.room-at-end-b"), h -> h.withRoom(LineEnd.B, roomB.value())));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    public FieldState<Length> cutter() {
        return cutter;
    }

    public FieldState<Length> bar() {
        return bar;
    }

    public FieldState<Length> bender() {
        return bender;
    }

    public FieldState<Length> room(LineEnd which) {
        return which == LineEnd.A ? roomA : roomB;
    }

    /** The tools that the work asks for. */
    public List<Tool> tools() {
        return new TubeStepWriter(
                        desk.current().plan(TubeLineKind.TUBE).orElseThrow().c(), Map.of())
                .tools();
    }

    /** Whether a tool is there; empty when nobody has said. */
    public Optional<Boolean> has(Tool tool) {
        return desk.job().line(TubeLineKind.TUBE).here().has(tool);
    }

    /** There, missing, and for tools that are not usual then unsaid again. */
    public void press(Tool tool) {
        here(Say.it("tube-here-model.tool", "tool", tool.name()), h -> h.pressed(tool));
    }

    private void room(String what, UnaryOperator<TubeRoom> change) {
        tube(what, t -> t.withRoom(change.apply(t.room())));
    }

    private void here(String what, UnaryOperator<Here> change) {
        tube(what, t -> t.withHere(change.apply(t.here())));
    }

    private void tube(String what, UnaryOperator<TubeLine> change) {
        desk.change(what, "tube" + what, j -> j.change(TubeLineKind.TUBE, change));
    }

    private void refresh() {
        TubeLine t = desk.job().line(TubeLineKind.TUBE);
        UnitSystem u = desk.units();
        show(cutter, t.room().cutter(), u);
        show(bar, t.room().bar(), u);
        show(bender, t.room().bender(), u);
        show(roomA, t.here().roomA(), u);
        show(roomB, t.here().roomB(), u);
    }

    private static void show(FieldState<Length> field, Optional<Length> value, UnitSystem units) {
        field.show(value.map(v -> LengthFormat.figure(v, units)).orElse(""), value, units);
    }
}
