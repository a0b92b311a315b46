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
    private final Label factorHint =
            Text.of("Tensile strength over the factor, and no more than two thirds of yield.", "soft");

    TubeHerePane(TubeHereModel model, TubeModel tube, LineModel line) {
        this.tube = tube;
        tools = new ToolPresses(model::tools, model::has, model::press);
        ambient = new AmbientEntries(line);
        buried = new ChoiceRow<>(
                "it lies",
                List.of(false, true),
                b -> b ? "buried or walled in" : "open",
                b -> null,
                false,
                b -> b.ifPresent(tube::buried));
        buried.setId("buried");
        EntryRow cutter = new EntryRow("cutter's swing", "clear", model.cutter());
        cutter.field().setId("room-cutter");
        getChildren()
                .setAll(new Columns(
                        new double[] {34, 33, 33},
                        Text.under("Tools the work asks for: press what is missing", tools),
                        Text.under("Where it lies", buried, ambient),
                        Text.under(
                                "Room on the job, before the first cut",
                                cutter,
                                new EntryRow("bar and yoke", "clear", model.bar()),
                                new EntryRow("bender's handle", "clear", model.bender()),
                                new EntryRow("wrench, end A", "clear", model.room(LineEnd.A)),
                                new EntryRow("wrench, end B", "clear", model.room(LineEnd.B)),
                                new EntryRow("design factor", "4", tube.factor()),
                                factorHint)));
        refresh();
    }

    void refresh() {
        tools.refresh();
        ambient.refresh();
        buried.show(tube.line().buried().or(Optional::empty));
    }
}
