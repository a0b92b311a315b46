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
            EntryRow out = new EntryRow(Say.it("own-tool-pane.stick-out"), unit, e.stickOut());
            EntryRow across = new EntryRow(Say.it("own-tool-pane.across"), unit, e.diameter());
            out.field().setId("scrap-out-" + (i + 1));
            across.field().setId("scrap-across-" + (i + 1));
            HBox.setHgrow(out, Priority.ALWAYS);
            HBox.setHgrow(across, Priority.ALWAYS);
            rows.add(new HBox(14, out, across));
        }
        getChildren()
                .setAll(new Columns(
                        new double[] {46, 27, 27},
                        Text.under(Say.it("own-tool-pane.three-flares-on-scrap"), rows.toArray(Node[]::new)),
                        Text.under(Say.it("own-tool-pane.what-they-tell-tool"), tell),
                        Text.under(
                                Say.it("own-tool-pane.how-done"),
                                Text.of(Say.it("own-tool-pane.cut-square-deburr-three"), "soft"),
                                Text.of(Say.it("own-tool-pane.read-flare-twice-quarter"), "soft"))));
    }

    void refresh() {
        List<Node> lines = new ArrayList<>();
        Optional<FlareTool> tool = model.tool();
        tool.ifPresent(t -> lines.add(Text.of(
                t.spread().isPresent()
                        ? Say.it(
                                "own-tool-pane.it-counts-with-sink",
                                "sink",
                                LengthFormat.figure(t.sink(), model.units()),
                                "source",
                                t.source().text())
                        : Say.it(
                                "own-tool-pane.until-you-try-counts",
                                "sink",
                                LengthFormat.figure(t.sink(), model.units())),
                "finding-brief")));
        model.eitherSide()
                .ifPresent(l -> lines.add(Text.of(
                        Say.it("own-tool-pane.a-flare-by-lies", "l", LengthFormat.figure(l, model.units())),
                        "finding-brief")));
        model.noFlare()
                .ifPresent(d -> lines.add(Text.of(
                        Say.it("own-tool-pane.no-wider-than-tube", "d", LengthFormat.figure(d, model.units())),
                        "reason-against")));
        model.finding().ifPresent(f -> {
            boolean sound = f.state() == State.PASS;
            lines.add(Text.of(f.says(model.units()), sound ? "finding-says" : "reason-against"));
            if (sound) {
                Button keep = new Button(Say.it("own-tool-pane.keep-tool-like-this"));
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
