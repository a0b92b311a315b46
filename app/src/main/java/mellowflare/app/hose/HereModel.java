package mellowflare.app.hose;

import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import mellowflare.app.desk.Desk;
import mellowflare.app.entry.FieldState;
import mellowflare.app.line.AboveZero;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.Ways;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.Tool;

/** Whether it can be done here, with what is at hand, without a window. */
public final class HereModel {
    private final Desk desk;
    private final FieldState<Length> roomA = AboveZero.taped();
    private final FieldState<Length> roomB = AboveZero.taped();
    private final FieldState<Length> roomCut = AboveZero.taped();
    private final FieldState<Length> hole = AboveZero.taped();

    public HereModel(Desk desk) {
        this.desk = desk;
        roomA.onChange(() -> here(Say.it("here-model.room-at-end-a"), h -> h.withRoom(LineEnd.A, roomA.value())));
        roomB.onChange(() -> here(Say.it("here-model.room-at-end-b"), h -> h.withRoom(LineEnd.B, roomB.value())));
        roomCut.onChange(() -> here(Say.it("here-model.room-at-cut"), h -> h.withRoomCut(roomCut.value())));
        hole.onChange(() -> here(
                Say.it("here-model.hole-panel"),
                h -> h.withPanel(hole.value()
                        .map(d -> new Here.Panel(
                                d, h.panel().map(Here.Panel::guarded).orElse(false))))));
        desk.currentProperty().addListener((o, was, now) -> refresh());
        refresh();
    }

    public FieldState<Length> room(LineEnd which) {
        return which == LineEnd.A ? roomA : roomB;
    }

    /** Room beside the hose where it is cut in place. */
    public FieldState<Length> roomCut() {
        return roomCut;
    }

    public FieldState<Length> hole() {
        return hole;
    }

    public boolean guarded() {
        return here().panel().filter(Here.Panel::guarded).isPresent();
    }

    public void guarded(boolean is) {
        here(Say.it("here-model.edge-hole"), h -> h.withPanel(h.panel().map(p -> new Here.Panel(p.hole(), is))));
    }

    private HoseCase c() {
        return desk.current().plan(HoseLineKind.HOSE).orElseThrow().c();
    }

    private Here here() {
        return desk.job().line(HoseLineKind.HOSE).here();
    }

    /** The tools that the work asks for. */
    public List<Tool> tools() {
        return new HoseStepWriter(c(), Map.of()).tools();
    }

    /** Whether a tool is there; empty when nobody has said. */
    public Optional<Boolean> has(Tool tool) {
        return here().has(tool);
    }

    /** There, missing, and for tools that are not usual then unsaid again. */
    public void press(Tool tool) {
        here(Say.it("here-model.tool", "tool", tool.name()), h -> h.pressed(tool));
    }

    /** The wrench sizes that both ends ask for. */
    public List<String> wrenches() {
        return c().wrenches();
    }

    public boolean hasWrench(String size) {
        return !here().noWrench().contains(size);
    }

    public void pressWrench(String size) {
        here(Say.it("here-model.wrench", "size", size), h -> {
            Set<String> sizes = new HashSet<>(h.noWrench());
            if (!sizes.remove(size)) {
                sizes.add(size);
            }
            return h.withNoWrench(sizes);
        });
    }

    public List<Ways.Way> ways() {
        return desk.current().plan(HoseLineKind.HOSE).orElseThrow().ways();
    }

    private void here(String what, UnaryOperator<Here> change) {
        desk.change(what, "here" + what, j -> j.change(HoseLineKind.HOSE, l -> l.withHere(change.apply(l.here()))));
    }

    private void refresh() {
        UnitSystem units = desk.units();
        show(roomA, here().roomA(), units);
        show(roomB, here().roomB(), units);
        show(roomCut, here().roomCut(), units);
        show(hole, here().panel().map(Here.Panel::hole), units);
    }

    private static void show(FieldState<Length> field, Optional<Length> value, UnitSystem units) {
        field.show(value.map(v -> LengthFormat.figure(v, units)).orElse(""), value, units);
    }
}
