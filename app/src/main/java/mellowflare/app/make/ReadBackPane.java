package mellowflare.app.make;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.StringProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.EntryRow;
import mellowflare.app.entry.FigureBox;
import mellowflare.app.entry.Text;
import mellowflare.core.line.BenchWords;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.procedure.Bench;

/** Before the cut: the figure read back large, who measured and wrote it, and a second reading. */
final class ReadBackPane extends VBox {
    private final MakeModel model;
    private final EntryRow second;
    private final VBox figure = new VBox();
    private final Label needs = Text.of("", "needs");
    private final Button heard = new Button(Say.it("read-back-pane.confirmed"));

    ReadBackPane(MakeModel model) {
        super(6);
        this.model = model;
        getStyleClass().add("read-back");
        setId("read-back");
        second = new EntryRow(Say.it("read-back-pane.second-reading"), "", model.second());
        second.field().setId("second");
        heard.setId("heard");
        heard.getStyleClass().add("main-action");
        heard.setOnAction(e -> model.readBack());
        FlowPane names = new FlowPane(
                16,
                6,
                name(Say.it("read-back-pane.measured-by"), "called-by", model.calledByProperty()),
                name(Say.it("read-back-pane.written-by"), "written-by", model.writtenByProperty()),
                name(Say.it("read-back-pane.second-by"), "second-by", model.secondByProperty()));
        FlowPane last = new FlowPane(16, 6, second, heard);
        heard.setMinWidth(USE_PREF_SIZE);
        getChildren()
                .setAll(
                        Text.of(Say.it("read-back-pane.read-cut-figure-aloud"), "small-heading"),
                        figure,
                        names,
                        last,
                        needs);
    }

    private static HBox name(String word, String id, StringProperty property) {
        Label label = Text.of(word, "entry-word-short");
        TextField field = new TextField();
        field.setId(id);
        field.setPrefColumnCount(9);
        field.setAccessibleText(word);
        field.textProperty().bindBidirectional(property);
        HBox box = new HBox(8, label, field);
        box.setAlignment(Pos.BASELINE_LEFT);
        return box;
    }

    void refresh() {
        Optional<BenchWords.OnePiece> words =
                model.words() instanceof BenchWords.OnePiece w ? Optional.of(w) : Optional.empty();
        second.field().setPromptText(words.map(BenchWords.OnePiece::second).orElse(""));
        Bench bench = model.bench();
        Optional<Length> cut = bench.cut();
        figure.getChildren().clear();
        cut.ifPresent(c -> {
            HBox big = FigureBox.figure(c, model.units());
            big.getStyleClass().add("huge");
            Label other = Text.of(
                    Say.it(
                            "read-back-pane.other-system-and-whole",
                            "cut",
                            LengthFormat.shop(c, model.units().other()),
                            "what",
                            words.map(BenchWords.OnePiece::length).orElse(""),
                            "length",
                            bench.figure()
                                    .map(f -> LengthFormat.both(f.value(), model.units()))
                                    .orElse("")),
                    "figure-under");
            HBox line = new HBox(26, big, other);
            line.setAlignment(Pos.CENTER_LEFT);
            figure.getChildren().setAll(line);
        });
        List<String> missing = bench.cutStillNeeds();
        heard.setVisible(!bench.readBackHolds());
        needs.setText(
                missing.isEmpty()
                        ? Say.it(
                                "read-back-pane.read-back-the-cut",
                                "by",
                                bench.log().readBack().orElseThrow().by())
                        : Say.it("read-back-pane.the-cut-still-needs", "missing", String.join(", ", missing)));
    }
}
