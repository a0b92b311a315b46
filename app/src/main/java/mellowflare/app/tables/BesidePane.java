package mellowflare.app.tables;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.connection.End;
import mellowflare.core.lookalike.Comparison;

/** Two ends beside each other: both sections, then look by look; where they differ is marked. */
final class BesidePane extends VBox {
    private static final String DIFFERS = "≠";
    private final TablesModel model;
    private final DrawingPane left = drawing("beside-kept");
    private final DrawingPane right = drawing("beside-chosen");
    private final Label leftName = Text.of("", "held");
    private final Label rightName = Text.of("", "held");
    private final Label verdict = Text.of("", "beside-verdict");
    private final GridPane rows = new GridPane();

    BesidePane(TablesModel model, Look look) {
        this.model = model;
        for (DrawingPane d : new DrawingPane[] {left, right}) {
            d.inkProperty().bind(look.ink());
            d.textScaleProperty().bind(look.scale());
        }
        verdict.setId("beside-verdict");
        rows.setId("beside-rows");
        HBox drawings = new HBox(2, ground(left, leftName), ground(right, rightName));
        drawings.setMinHeight(190);
        VBox.setVgrow(drawings, Priority.ALWAYS);
        rows.setHgap(14);
        rows.setVgap(3);
        rows.getColumnConstraints().setAll(share(12), share(4), share(42), share(42));
        VBox under = new VBox(8, verdict, rows);
        under.getStyleClass().add("under-drawing");
        getChildren().setAll(drawings, under);
    }

    private static DrawingPane drawing(String id) {
        DrawingPane d = new DrawingPane(new Insets(64, 34, 12, 34), 15);
        d.setId(id);
        return d;
    }

    private static StackPane ground(DrawingPane drawing, Label name) {
        StackPane.setAlignment(name, Pos.TOP_LEFT);
        StackPane stack = new StackPane(drawing, name);
        stack.getStyleClass().add("drawing-ground");
        stack.setPrefWidth(10);
        HBox.setHgrow(stack, Priority.ALWAYS);
        return stack;
    }

    private static ColumnConstraints share(double percent) {
        ColumnConstraints c = new ColumnConstraints();
        c.setPercentWidth(percent);
        return c;
    }

    void refresh() {
        left.drawingProperty().set(model.keptDrawing().orElse(null));
        right.drawingProperty().set(model.drawing().orElse(null));
        leftName.setText(model.keptProperty().get().map(BesidePane::named).orElse(Say.it("beside-pane.nothing-kept")));
        rightName.setText(
                model.chosenProperty().get().map(BesidePane::named).orElse(Say.it("beside-pane.choose-other-list")));
        rows.getChildren().clear();
        verdict.setText(model.comparison().map(Comparison::verdict).orElse(""));
        model.comparison().ifPresent(this::fill);
    }

    private static String named(End e) {
        return e.title() + ", " + e.gender().word();
    }

    private void fill(Comparison c) {
        int at = 0;
        for (Comparison.Row row : c.rows()) {
            String style = row.same() ? "soft" : "differs";
            Label mark = Text.of(row.same() ? "" : DIFFERS, "differs");
            mark.setAccessibleText(row.same() ? Say.it("beside-pane.same") : Say.it("beside-pane.they-differ"));
            rows.addRow(
                    at++, Text.of(row.what(), "soft"), mark, Text.of(row.one(), style), Text.of(row.other(), style));
        }
    }
}
