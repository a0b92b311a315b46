package mellowflare.app.entry;

import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** A number field: the trade word left, the figure large, what was understood in the other system beside it, a refusal under it. */
public final class EntryRow extends VBox {
    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");
    private final TextField field = new TextField();
    private final Label name = new Label();
    private Runnable enter = () -> Focus.next(field);

    /**
     * @param word the trade word
     * @param hint shown while empty
     * @param state text, value, refusal
     */
    public EntryRow(String word, String hint, FieldState<?> state) {
        getStyleClass().add("entry-row");
        name.setText(word);
        name.getStyleClass().add("entry-word");
        name.setWrapText(true);
        name.setMinHeight(USE_PREF_SIZE);
        name.setLabelFor(field);
        field.setPromptText(hint);
        field.getStyleClass().add("entry-field");
        field.setAccessibleText(word);
        field.textProperty().bindBidirectional(state.textProperty());
        HBox.setHgrow(field, Priority.ALWAYS);
        Label understood = new Label();
        understood.getStyleClass().add("entry-understood");
        understood.textProperty().bind(state.understoodProperty());
        HBox row = new HBox(8, name, field, understood);
        // On their baseline the words would get the height of one line, however many they take.
        row.setAlignment(Pos.CENTER_LEFT);
        Label refusal = new Label();
        refusal.getStyleClass().add("entry-refusal");
        refusal.setWrapText(true);
        refusal.setMinHeight(USE_PREF_SIZE);
        refusal.textProperty().bind(state.refusalProperty());
        refusal.managedProperty().bind(refusal.textProperty().isNotEmpty());
        refusal.visibleProperty().bind(refusal.textProperty().isNotEmpty());
        state.refusalProperty().addListener((o, was, now) -> field.pseudoClassStateChanged(REFUSED, !now.isEmpty()));
        getChildren().setAll(row, refusal);
        field.addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && !e.isShortcutDown()) {
                enter.run();
                e.consume();
            }
        });
    }

    /** Another word for the same figure. */
    public void setWord(String word) {
        name.setText(word);
        field.setAccessibleText(word);
    }

    /** More words for the field, shown on hovering and read out. */
    public void setTooltipText(String text) {
        field.setTooltip(new Tooltip(text));
        field.setAccessibleHelp(text);
    }

    /** What Enter does instead of going on to the next field: takes a line into a list. */
    public void onEnter(Runnable action) {
        enter = action;
    }

    public TextField field() {
        return field;
    }
}
