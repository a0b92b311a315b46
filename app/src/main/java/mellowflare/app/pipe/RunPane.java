package mellowflare.app.pipe;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.OverField;
import mellowflare.app.entry.Text;
import mellowflare.app.entry.WordCell;
import mellowflare.app.line.CallOutPane;
import mellowflare.core.pipe.layout.Piece;

/** The run as it is called out, and a second measure to one of its places. */
final class RunPane {
    private static final List<String> WORDS = List.of(
            "up",
            "down",
            "left",
            "right",
            "ahead",
            "on",
            "45 left",
            "45 right",
            "tee",
            "union",
            "valve",
            "nipple",
            "reducer",
            "flange",
            "cap",
            "to flange",
            "to port",
            "from");

    private final RunModel model;
    private final CallOutPane<Piece> walk;
    private final VBox check;
    private final ComboBox<String> place = new ComboBox<>();
    private boolean showing;

    /**
     * @param redraw called when another piece is chosen
     */
    RunPane(RunModel model, Runnable redraw) {
        this.model = model;
        walk = new CallOutPane<>(
                model,
                "run",
                WORDS,
                new CallOutPane.Asks("up 2.1 m", Say.it("run-pane.next"), Say.it("run-pane.begin")),
                redraw);
        WordCell.dress(place, p -> p, Say.it("run-pane.last-place"));
        // Names are short; without a width of its own the box would lay out a cell for every place to find one.
        place.setPrefWidth(160);
        place.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(place, Priority.ALWAYS);
        place.setId("run-check");
        place.setAccessibleText(Say.it("run-pane.to-which-place"));
        place.valueProperty().addListener((o, was, now) -> {
            if (!showing && now != null) {
                model.place(now);
            }
        });
        HBox where = new HBox(8, Text.of(Say.it("run-pane.measured-apart"), "small-heading"), place);
        where.setAlignment(Pos.CENTER_LEFT);
        HBox figures = new HBox(10);
        figures.getStyleClass().add("signed");
        for (RunModel.Measured m : RunModel.Measured.values()) {
            OverField row =
                    new OverField("run-check-" + m.name().toLowerCase(Locale.ROOT), m.word(), "", model.check(m));
            HBox.setHgrow(row, Priority.ALWAYS);
            figures.getChildren().add(row);
        }
        check = new VBox(2, where, figures);
    }

    /** Stands beside the drawing. */
    CallOutPane<Piece> walk() {
        return walk;
    }

    /** Stands under the drawing. */
    VBox check() {
        return check;
    }

    void refresh() {
        walk.refresh();
        showing = true;
        List<String> places = model.places();
        if (!places.equals(place.getItems())) {
            place.getItems().setAll(places);
        }
        place.setValue(
                Optional.of(model.place().orElse("")).filter(places::contains).orElse(null));
        showing = false;
    }

    void takeFocus() {
        walk.takeFocus();
    }
}
