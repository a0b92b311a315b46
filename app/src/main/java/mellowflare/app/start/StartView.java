package mellowflare.app.start;

import java.util.List;
import javafx.beans.binding.Bindings;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import mellowflare.app.entry.Text;

/** One line that asks, over the answers: a number or a few words choose some, Enter takes the first. */
public final class StartView {
    private final Asks model;
    private final TextField asked = new TextField();
    private final VBox answers = new VBox(4);
    private final ScrollPane page;

    private StartView(Asks model) {
        this.model = model;
        asked.setId("what-is-it");
        asked.setPromptText(model.prompt());
        asked.setAccessibleText(model.asks());
        asked.getStyleClass().add("start-asked");
        asked.textProperty().addListener((o, was, now) -> answers());
        asked.setOnAction(
                e -> model.matching(asked.getText()).stream().findFirst().ifPresent(this::begin));
        Label none = Text.of(Say.it("start-view.none"), "soft");
        none.visibleProperty().bind(Bindings.isEmpty(answers.getChildren()));
        none.managedProperty().bind(none.visibleProperty());
        VBox all = new VBox(
                14, Text.of(model.asks(), "start-heading"), asked, answers, none, Text.of(model.how(), "soft"));
        all.getStyleClass().add("start-page");
        page = Text.page(all);
        page.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                asked.clear();
            }
        });
    }

    /** What a new job is. */
    public static StartView of(StartModel model) {
        return new StartView(model);
    }

    /** The way into the demo book. */
    public static StartView of(TourModel model) {
        return new StartView(model);
    }

    public Node node() {
        return page;
    }

    /** Empties the line and takes the focus. */
    public void opened() {
        asked.clear();
        answers();
        asked.requestFocus();
    }

    private void begin(Asks.Answer chosen) {
        model.choose(chosen, asked.getText());
    }

    private void answers() {
        List<Asks.Answer> now = model.matching(asked.getText());
        answers.getChildren().setAll(now.stream().map(this::answer).toList());
    }

    private Node answer(Asks.Answer b) {
        Label number = word(Integer.toString(model.all().indexOf(b) + 1), "start-number");
        HBox words = new HBox(12, number, word(b.says(), "start-says"), word(b.about(), "soft"));
        words.setAlignment(Pos.BASELINE_LEFT);
        Button press = new Button();
        press.setGraphic(words);
        press.setAccessibleText(Say.it("start-view.answer", "says", b.says(), "about", b.about()));
        press.getStyleClass().setAll("start-answer");
        press.setMaxWidth(Double.MAX_VALUE);
        press.setOnAction(e -> begin(b));
        return press;
    }

    /** On one line. */
    private static Label word(String text, String style) {
        Label l = new Label(text);
        l.getStyleClass().add(style);
        return l;
    }
}
