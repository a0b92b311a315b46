package mellowflare.app.entry;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;

/**
 * Choices drawn as small pictures; pressing the chosen one again lets go of it. With the focus inside, the keys 1 to 9 choose. Of many choices
 * the first few stand there and a press on “more” brings the others.
 *
 * @param <T> what is chosen
 */
public final class ChoiceRow<T> extends HBox {
    private static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");
    private static final int ONE_LINE = 2;
    private static final int AT_FIRST = 8;
    private final Map<T, Button> buttons = new LinkedHashMap<>();
    private final boolean mayBeNone;
    private final Consumer<Optional<T>> chosen;
    private final Pane row;
    private final Button more = new Button(Say.it("choice-row.more"));
    private List<T> offered;
    private boolean all;
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
        this.offered = List.copyOf(values);
        this.mayBeNone = mayBeNone;
        this.chosen = chosen;
        getStyleClass().add("choice-row");
        setAlignment(Pos.CENTER_LEFT);
        Label label = new Label(word);
        label.getStyleClass().add("choice-word");
        label.setWrapText(true);
        row = flowing(values.size());
        HBox.setHgrow(row, Priority.ALWAYS);
        for (T value : values) {
            Button b = new Button(name.apply(value), picture.apply(value));
            b.setContentDisplay(ContentDisplay.LEFT);
            b.getStyleClass().setAll("choice");
            b.setMinWidth(USE_PREF_SIZE);
            b.setAccessibleText(word + ": " + name.apply(value));
            b.setTooltip(new Tooltip(name.apply(value)));
            b.setOnAction(e -> press(value));
            buttons.put(value, b);
        }
        more.getStyleClass().setAll("quiet-action");
        more.setAccessibleText(Say.it("choice-row.more-choices", "word", word));
        more.setOnAction(e -> {
            all = true;
            lay();
        });
        lay();
        getChildren().setAll(row);
        if (!word.isEmpty()) {
            getChildren().add(0, label);
        }
        addEventHandler(KeyEvent.KEY_TYPED, e -> {
            int at = e.getCharacter().isEmpty() ? -1 : e.getCharacter().charAt(0) - '1';
            if (at >= 0 && at < offered.size()) {
                press(offered.get(at));
                e.consume();
            }
        });
    }

    /** Takes the width it is given and begins a new line when that is full; it asks for one line's width, within reason. */
    private static FlowPane flowing(int values) {
        double most = values > ONE_LINE ? 150 : 300;
        FlowPane row = new FlowPane(4, 4) {
            @Override
            protected double computePrefWidth(double height) {
                double line = getManagedChildren().stream()
                        .mapToDouble(c -> snapSizeX(c.prefWidth(-1)) + snapSpaceX(getHgap()))
                        .sum();
                return Math.min(most, line - snapSpaceX(getHgap()) + snappedLeftInset() + snappedRightInset());
            }
        };
        row.setPrefWrapLength(most);
        return row;
    }

    /** Offers some of the choices only, in this order. */
    public void offer(List<T> some) {
        if (!some.equals(offered)) {
            offered = List.copyOf(some);
            all = false;
            lay();
        }
    }

    private void lay() {
        boolean late = now.map(offered::indexOf).filter(i -> i >= AT_FIRST).isPresent();
        boolean few = offered.size() <= AT_FIRST + 1;
        List<T> shown = all || late || few ? offered : offered.subList(0, AT_FIRST);
        List<Node> nodes = new ArrayList<>(shown.stream().map(buttons::get).toList());
        if (shown.size() < offered.size()) {
            nodes.add(more);
        }
        if (!row.getChildren().equals(nodes)) {
            row.getChildren().setAll(nodes);
        }
    }

    private void press(T value) {
        Optional<T> after = mayBeNone && now.filter(value::equals).isPresent() ? Optional.empty() : Optional.of(value);
        show(after);
        chosen.accept(after);
    }

    /** Shows a choice without telling of it. */
    public void show(Optional<T> value) {
        now = value;
        lay();
        buttons.forEach((v, b) ->
                b.pseudoClassStateChanged(CHOSEN, value.filter(v::equals).isPresent()));
    }

    /** Gives the focus to the chosen button, or the first. */
    public void takeFocus() {
        now.map(buttons::get)
                .or(() -> offered.stream().findFirst().map(buttons::get))
                .ifPresent(Node::requestFocus);
    }
}
