package mellowflare.app.tube;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.ChoiceRow;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.LineModel;
import mellowflare.app.line.PortPick;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.line.TubeSide;

/** One end of the tube: its port, how the tube ends, with which tool, and how the joint is sealed. */
final class TubeEndPane extends VBox {
    private final TubeModel model;
    private final LineEnd which;
    private final PortPick port;
    private final ChoiceRow<TubeEndKind> kind;
    private final ComboBox<FlareTool> tool = new ComboBox<>();
    private final EntryRow stick;
    private final Label seal = Text.of("", "seal-text");
    private final Label never = Text.of("", "soft");
    private boolean showing;

    TubeEndPane(TubeModel model, LineModel line, LineEnd which, Consumer<LineEnd> measure) {
        super(6);
        this.model = model;
        this.which = which;
        port = new PortPick(line, which, measure);
        kind = new ChoiceRow<>(
                Say.it("tube-end-pane.ends"),
                List.of(TubeEndKind.values()),
                model::kindName,
                k -> null,
                true,
                k -> model.kind(which, k));
        kind.setId("kind-" + which);
        tool.setId("tool-" + which);
        WordCell.dress(tool, FlareTool::name, Say.it("tube-end-pane.with-which-tool"));
        tool.setAccessibleText(Say.it("tube-end-pane.flaring-tool-for-end", "which", which));
        tool.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.tool(which, now);
            }
        });
        stick = new EntryRow(
                Say.it("tube-end-pane.stick-out"), Say.it("tube-end-pane.by-bench"), model.stickOut(which));
        stick.field().setId("stick-" + which);
        EntryRow reach = new EntryRow(
                Say.it("tube-end-pane.reaches"), Say.it("tube-end-pane.past-its-point"), model.reach(which));
        reach.setTooltipText(Say.it("tube-end-pane.how-far-tube-goes"));
        FlowPane made = new FlowPane(8, 4, tool);
        getChildren().setAll(port, kind, made, stick, reach, seal, never);
        refresh();
    }

    void refresh() {
        showing = true;
        port.refresh();
        TubeSide s = model.c().side(which);
        kind.offer(model.kinds(which));
        kind.show(s.end().kind());
        List<FlareTool> tools = model.tools(which);
        if (!tools.equals(tool.getItems())) {
            tool.getItems().setAll(tools);
        }
        tool.setValue(s.tool().orElse(null));
        boolean flared = s.traits().filter(t -> t.flared()).isPresent();
        for (var n : List.of(tool, stick)) {
            n.setVisible(flared);
            n.setManaged(flared);
        }
        stick.field()
                .setPromptText(s.stickOut()
                        .map(l -> Say.it("tube-end-pane.by-method", "l", LengthFormat.figure(l, model.units())))
                        .orElse(Say.it("tube-end-pane.by-bench")));
        Optional<SealAdvice> advice = model.plan().seal(which);
        seal.setText(s.traits()
                .map(t -> Say.it(
                        "tube-end-pane.seals",
                        "sealsAt",
                        t.sealsAt(),
                        "putOn",
                        advice.map(SealAdvice::saysPutOn).orElse("none")))
                .orElse(Say.it("tube-end-pane.choose-how-tube-ends")));
        never.setText(advice.map(a -> a.saysNever() + " " + a.saysTighten()).orElse(""));
        showing = false;
    }
}
