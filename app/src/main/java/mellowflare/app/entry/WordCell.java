package mellowflare.app.entry;

import java.util.function.Function;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListCell;

/**
 * A cell that shows a value in words, and words of its own while there is no value.
 *
 * @param <T> the kind of value
 */
public final class WordCell<T> extends ListCell<T> {
    private final Function<T, String> words;
    private final String none;

    /**
     * @param words of a value
     * @param none shown while there is no value
     */
    public WordCell(Function<T, String> words, String none) {
        this.words = words;
        this.none = none;
    }

    /** A cell of a list: as wide as the list and no wider, so that long words wrap instead of scrolling sideways. */
    public static <T> WordCell<T> wrapping(Function<T, String> words) {
        WordCell<T> cell = new WordCell<>(words, "");
        cell.setWrapText(true);
        cell.setPrefWidth(0);
        return cell;
    }

    /** Lets a combo box say its values in words, in the list and when closed. */
    public static <T> void dress(ComboBox<T> box, Function<T, String> words, String none) {
        box.setCellFactory(v -> new WordCell<>(words, ""));
        box.setButtonCell(new WordCell<>(words, none));
        box.setPromptText(none);
    }

    @Override
    protected void updateItem(T item, boolean empty) {
        super.updateItem(item, empty);
        setText(empty || item == null ? none : words.apply(item));
    }
}
