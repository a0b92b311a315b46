package mellowflare.app.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Columns;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.core.advice.State;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.flare.FlareTool;

/** Three scrap flares and what they tell of the shop's own tool. */
final class OwnToolPane extends VBox {
    private final OwnToolModel model;
    private final VBox tell = new VBox(5);

    OwnToolPane(OwnToolModel model) {
        this.model = model;
        String unit = model.units() == UnitSystem.INCH ? "in" : "mm";
        List<Node> rows = new ArrayList<>();
        for (int i = 0; i < model.flares().size(); i++) {
            OwnToolModel.ScrapEntry e = model.flares().get(i);
            EntryRow out = new EntryRow("stick-out", unit, e.stickOut());
            EntryRow across = new EntryRow("across it", unit, e.diameter());
            out.field().setId("scrap-out-" + (i + 1));
            across.field().setId("scrap-across-" + (i + 1));
            HBox.setHgrow(out, Priority.ALWAYS);
            HBox.setHgrow(across, Priority.ALWAYS);
            rows.add(new HBox(14, out, across));
        }
        getChildren()
                .setAll(new Columns(
                        new double[] {46, 27, 27},
                        Text.under("Three flares on scrap of this tube", rows.toArray(Node[]::new)),
                        Text.under("What they tell of the tool", tell),
                        Text.under(
                                "How it is done",
                                Text.of(
                                        "Cut square and deburr three pieces of this very tube. Set each to a stick-out that you"
                                                + " can measure, grip it hard, oil the cone and close it home.",
                                        "soft"),
                                Text.of(
                                        "Read the flare twice, a quarter turn apart, and type the middle. The three figures for"
                                                + " the stick-out may be the same.",
                                        "soft"))));
    }

    void refresh() {
        List<Node> lines = new ArrayList<>();
        Optional<FlareTool> tool = model.tool();
        tool.ifPresent(t -> lines.add(Text.of(
                t.spread().isPresent()
                        ? "It counts with a sink of " + LengthFormat.figure(t.sink(), model.units()) + ": "
                                + t.source().text() + "."
                        : "Until you try it, it counts with a house figure: a sink of "
                                + LengthFormat.figure(t.sink(), model.units()) + ".",
                "finding-brief")));
        model.eitherSide()
                .ifPresent(l -> lines.add(Text.of(
                        "A flare by it lies within " + LengthFormat.figure(l, model.units())
                                + " to either side of what is worked out.",
                        "finding-brief")));
        model.noFlare()
                .ifPresent(d -> lines.add(Text.of(
                        LengthFormat.figure(d, model.units()) + " is no wider than the tube: read over the flare.",
                        "reason-against")));
        model.finding().ifPresent(f -> {
            boolean sound = f.state() == State.PASS;
            lines.add(Text.of(f.says(model.units()), sound ? "finding-says" : "reason-against"));
            if (sound) {
                Button keep = new Button("keep the tool like this");
                keep.getStyleClass().setAll("quiet-action");
                keep.setId("keep-tool");
                keep.setOnAction(e -> model.keep());
                lines.add(keep);
            } else {
                lines.add(Text.of(f.remedy(model.units()), "finding-brief"));
            }
        });
        tell.getChildren().setAll(lines);
    }
}
