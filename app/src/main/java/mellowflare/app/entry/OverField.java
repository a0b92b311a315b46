package mellowflare.app.entry;

import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** A field with its word over it, where a row is too narrow for the word beside it; a refusal stands under it. */
public final class OverField extends VBox {
    private final CellField field;

    /**
     * @param id of the field
     * @param word the trade word
     * @param hint shown while empty
     * @param state text, value, refusal
     */
    public OverField(String id, String word, String hint, FieldState<?> state) {
        getStyleClass().add("over-field");
        Label name = new Label(word);
        name.getStyleClass().add("soft");
        field = new CellField(id, word, state);
        field.setPromptText(hint);
        field.setMaxWidth(Double.MAX_VALUE);
        name.setLabelFor(field);
        Label refusal = new Label();
        refusal.getStyleClass().add("entry-refusal");
        refusal.setWrapText(true);
        refusal.setMinHeight(USE_PREF_SIZE);
        refusal.textProperty().bind(state.refusalProperty());
        refusal.managedProperty().bind(refusal.textProperty().isNotEmpty());
        refusal.visibleProperty().bind(refusal.textProperty().isNotEmpty());
        getChildren().setAll(name, field, refusal);
    }

    public CellField field() {
        return field;
    }
}
