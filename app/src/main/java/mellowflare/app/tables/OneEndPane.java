package mellowflare.app.tables;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;
import mellowflare.app.look.Look;
import mellowflare.app.paint.DrawingPane;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.text.Lists;

/** One end: its section, its facts, what each counter calls it, what goes on it. */
final class OneEndPane extends VBox {
    private final TablesModel model;
    private final DrawingPane drawing = new DrawingPane(new Insets(64, 46, 12, 46), 15);
    private final Label held = Text.of("", "held");
    private final VBox facts = new VBox(3);
    private final VBox counter = new VBox(3);
    private final VBox seals = new VBox(3);
    private final VBox screws = new VBox(3);

    OneEndPane(TablesModel model, Look look) {
        this.model = model;
        drawing.setId("table-section");
        facts.setId("end-facts");
        counter.setId("at-the-counter");
        drawing.inkProperty().bind(look.ink());
        drawing.textScaleProperty().bind(look.scale());
        drawing.setAccessibleText(Say.it("one-end-pane.half-section-chosen-end"));
        StackPane.setAlignment(held, Pos.TOP_LEFT);
        StackPane stack = new StackPane(drawing, held);
        stack.getStyleClass().add("drawing-ground");
        stack.setMinHeight(210);
        HBox columns = new HBox(
                16,
                Text.column(Say.it("one-end-pane.the-end"), facts),
                Text.column(Say.it("one-end-pane.asked-for-as"), counter),
                Text.column(Say.it("one-end-pane.goes-on-seals"), seals),
                Text.column(Say.it("one-end-pane.goes-on-leaks"), screws));
        columns.getStyleClass().add("under-drawing");
        VBox.setVgrow(stack, Priority.ALWAYS);
        getChildren().setAll(stack, columns);
    }

    void refresh() {
        Optional<End> chosen = model.chosenProperty().get();
        drawing.drawingProperty().set(model.drawing().orElse(null));
        held.setText(
                chosen.map(e -> e.title() + ", " + e.gender().word()).orElse(Say.it("one-end-pane.nothing-found")));
        Text.fill(seals, model.goesOn(true), "reason-for");
        Text.fill(screws, model.goesOn(false), "twin");
        Text.fill(facts, chosen.map(this::facts).orElse(List.of()), "reason-for");
        Text.fill(counter, model.atTheCounter(), "reason-for");
    }

    private List<String> facts(End e) {
        String names = e.form().aliases().isEmpty()
                ? ""
                : Say.it(
                        "one-end-pane.also-known-as",
                        "join",
                        String.join(", ", e.form().aliases()));
        String seats = Say.it(
                "one-end-pane.seat",
                "join",
                Lists.or(e.seats().stream().map(Seat::words).toList()));
        String met = Say.it(
                "one-end-pane.met-on-lines", "join", String.join(", ", e.form().metIn()));
        int times = model.fittedHere();
        String fitted = times == 0 ? "" : Say.it("one-end-pane.named-fitted-here", "times", times);
        String put = model.seal().map(s -> s.saysPutOn() + " " + s.saysNever()).orElse("");
        String thread = e.thread()
                .map(t -> Say.it(
                        "one-end-pane.thread",
                        "thread",
                        e.threadName(),
                        "flanks",
                        t.form().angleText()))
                .orElse(e.threadName());
        return Stream.of(thread, seats, put, names, met, fitted)
                .filter(t -> !t.isEmpty())
                .toList();
    }
}
