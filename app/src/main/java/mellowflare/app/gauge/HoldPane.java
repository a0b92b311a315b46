package mellowflare.app.gauge;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.identify.Identification;

/** The drawing at true size to hold a part against, and before that the outline of a card. */
final class HoldPane extends VBox {
    private static final double SMALL = 0.5;
    private static final double LARGE = 5;

    private final HoldModel model;
    private final DrawingPane drawing = new DrawingPane(new Insets(14, 26, 10, 26), 14);
    private final Label what = Text.of("", "held");
    private final FlowPane fitting = new FlowPane(8, 6);
    private final Button again = press(Say.it("hold-pane.fit-card-again"), () -> {});

    HoldPane(HoldModel model, Look look) {
        this.model = model;
        setId("hold");
        getStyleClass().add("drawing-ground");
        drawing.inkProperty().bind(look.ink());
        drawing.setAccessibleText(Say.it("hold-pane.combs-rings-at-true"));
        drawing.setMinHeight(240);
        VBox.setVgrow(drawing, Priority.ALWAYS);
        Button fits = press(Say.it("hold-pane.card-fits"), model::fits);
        fits.setId("card-fits");
        fitting.getChildren()
                .setAll(
                        press(Say.it("hold-pane.much-narrower"), () -> model.widen(-LARGE)),
                        press(Say.it("hold-pane.narrower"), () -> model.widen(-SMALL)),
                        press(Say.it("hold-pane.wider"), () -> model.widen(SMALL)),
                        press(Say.it("hold-pane.much-wider"), () -> model.widen(LARGE)),
                        fits);
        again.setOnAction(e -> model.again());
        FlowPane row = new FlowPane(8, 6, fitting, again);
        row.setAlignment(Pos.CENTER_LEFT);
        row.setPadding(new Insets(0, 0, 8, 26));
        fitting.managedProperty().bind(fitting.visibleProperty());
        again.managedProperty().bind(again.visibleProperty());
        fitting.visibleProperty().bind(model.trueSizeProperty().not());
        again.visibleProperty().bind(model.trueSizeProperty());
        getChildren().setAll(what, drawing, row);
    }

    private static Button press(String word, Runnable action) {
        Button b = new Button(word);
        b.getStyleClass().setAll("choice");
        b.setOnAction(e -> action.run());
        return b;
    }

    void show(Identification answer) {
        what.setText(
                model.trueSizeProperty().get()
                        ? Say.it("hold-pane.true-size-hold-part")
                        : Say.it("hold-pane.once-for-this-screen"));
        drawing.setExactScale(model.dotsPerMmProperty().get());
        drawing.drawingProperty().set(model.drawing(answer));
    }
}
