package mellowflare.app.entry;

import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/** A number in a cell of a table: marked where it was refused, with the sentence shown on hovering; Enter goes on to the next cell. */
public final class CellField extends TextField {
    private static final PseudoClass REFUSED = PseudoClass.getPseudoClass("refused");

    /**
     * @param id of the field
     * @param words what it is, read out
     * @param state text, value, refusal
     */
    public CellField(String id, String words, FieldState<?> state) {
        setId(id);
        setAccessibleText(words);
        getStyleClass().addAll("entry-field", "row-cell");
        textProperty().bindBidirectional(state.textProperty());
        state.refusalProperty().addListener((o, was, now) -> {
            pseudoClassStateChanged(REFUSED, !now.isEmpty());
            setTooltip(now.isEmpty() ? null : new Tooltip(now));
            setAccessibleHelp(now);
        });
        addEventHandler(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ENTER && !e.isShortcutDown()) {
                Focus.next(this);
                e.consume();
            }
        });
    }
}
