package mellowflare.app.tube;

import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.app.line.AmbientEntries;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.ToolPresses;
import mellowflare.core.connection.LineEnd;

/** Before the first cut: tools at hand, room for them, and where the tube lies. */
final class TubeHerePane extends VBox {
    private final TubeModel tube;
    private final ToolPresses tools;
    private final AmbientEntries ambient;
    private final ChoiceRow<Boolean> buried;
    private final Label factorHint = Text.of(Say.it("tube-here-pane.tensile-strength-over-factor"), "soft");

    TubeHerePane(TubeHereModel model, TubeModel tube, LineModel line) {
        this.tube = tube;
        tools = new ToolPresses(model::tools, model::has, model::press);
        ambient = new AmbientEntries(line);
        buried = new ChoiceRow<>(
                Say.it("tube-here-pane.lies"),
                List.of(false, true),
                b -> b ? Say.it("tube-here-pane.buried-or-walled") : Say.it("tube-here-pane.open"),
                b -> null,
                false,
                b -> b.ifPresent(tube::buried));
        buried.setId("buried");
        EntryRow cutter =
                new EntryRow(Say.it("tube-here-pane.cutter-s-swing"), Say.it("tube-here-pane.clear"), model.cutter());
        cutter.field().setId("room-cutter");
        getChildren()
                .setAll(new Columns(
                        new double[] {34, 33, 33},
                        Text.under(Say.it("tube-here-pane.tools-work-asks-for"), tools),
                        Text.under(Say.it("tube-here-pane.where-lies"), buried, ambient),
                        Text.under(
                                Say.it("tube-here-pane.room-on-job-before"),
                                cutter,
                                new EntryRow(
                                        Say.it("tube-here-pane.bar-yoke"), Say.it("tube-here-pane.clear"), model.bar()),
                                new EntryRow(
                                        Say.it("tube-here-pane.bender-s-handle"),
                                        Say.it("tube-here-pane.clear"),
                                        model.bender()),
                                new EntryRow(
                                        Say.it("tube-here-pane.wrench-end-a"),
                                        Say.it("tube-here-pane.clear"),
                                        model.room(LineEnd.A)),
                                new EntryRow(
                                        Say.it("tube-here-pane.wrench-end-b"),
                                        Say.it("tube-here-pane.clear"),
                                        model.room(LineEnd.B)),
                                new EntryRow(Say.it("tube-here-pane.design-factor"), "4", tube.factor()),
                                factorHint)));
        refresh();
    }

    void refresh() {
        tools.refresh();
        ambient.refresh();
        buried.show(tube.line().buried().or(Optional::empty));
    }
}
