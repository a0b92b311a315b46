package mellowflare.app.entry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;

/**
 * Up to six choices drawn as small pictures; pressing the chosen one again lets go of it. With the focus inside, the keys 1 to 6 choose.
 *
 * @param <T> what is chosen
 */
public final class ChoiceRow<T> extends HBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int ONE_LINE = 3;
    private final List<T> values;
    private final List<Button> buttons = new ArrayList<>();
    private final boolean mayBeNone;
    private final Consumer<Optional<T>> chosen;
    private Optional<T> now = Optional.empty();

    /**
     * @param word the trade word
     * @param values the choices
     * @param name their words
     * @param picture their pictures; may give null
     * @param mayBeNone whether none may be chosen
     * @param chosen told of every choice
     */
    public ChoiceRow(
            String word,
            List<T> values,
            Function<T, String> name,
            Function<T, Node> picture,
            boolean mayBeNone,
            Consumer<Optional<T>> chosen) {
        this.values = List.copyOf(values);
        this.mayBeNone = mayBeNone;
        this.chosen = chosen;
        getStyleClass().add("choice-row");
        setAlignment(Pos.CENTER_LEFT);
        Label label = new Label(word);
        label.getStyleClass().add("choice-word");
        Pane row = values.size() > ONE_LINE ? flowing() : new HBox(4);
        HBox.setHgrow(row, Priority.ALWAYS);
        for (T value : values) {
            Button b = new Button(name.apply(value), picture.apply(value));
            b.setContentDisplay(ContentDisplay.LEFT);
            b.getStyleClass().setAll("choice");
            b.setMinWidth(USE_PREF_SIZE);
            b.setAccessibleText(word + ": " + name.apply(value));
            b.setOnAction(e -> press(value));
            buttons.add(b);
            row.getChildren().add(b);
        }
        getChildren().setAll(row);
        if (!word.isEmpty()) {
            getChildren().add(0, label);
        }
        addEventHandler(KeyEvent.KEY_TYPED, e -> {
            int at = e.getCharacter().isEmpty() ? -1 : e.getCharacter().charAt(0) - '1';
            if (at >= 0 && at < values.size()) {
                press(values.get(at));
                e.consume();
            }
        });
    }

    /** Takes the width it is given and begins a new line when that is full. */
    private static FlowPane flowing() {
        FlowPane row = new FlowPane(4, 4);
        row.setPrefWrapLength(150);
        return row;
    }

    private void press(T value) {
        Optional<T> after = mayBeNone && now.filter(value::equals).isPresent() ? Optional.empty() : Optional.of(value);
        show(after);
        chosen.accept(after);
    }

    /** Shows a choice without telling of it. */
    public void show(Optional<T> value) {
        now = value;
        for (int i = 0; i < buttons.size(); i++) {
            buttons.get(i)
                    .pseudoClassStateChanged(
                            CHOSEN, value.filter(values.get(i)::equals).isPresent());
        }
    }
}
