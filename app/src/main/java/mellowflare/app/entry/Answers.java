package mellowflare.app.entry;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.layout.VBox;

/** Questions that are answered by yes or no: the question in full, the answers under it. */
public final class Answers {
    private Answers() {}

    /**
     * @param id of the row, by which what is still needed leads to it
     * @param word the question in short
     */
    public static ChoiceRow<Boolean> yesNo(String id, String word, Consumer<Optional<Boolean>> told) {
        ChoiceRow<Boolean> row = new ChoiceRow<>(
                word,
                List.of(true, false),
                b -> b ? Say.it("answers.yes") : Say.it("answers.no"),
                b -> null,
                true,
                told);
        row.setId(id);
        return row;
    }

    /** An answer under its question. */
    public static VBox asked(String question, Node answer) {
        VBox box = new VBox(1, Text.of(question, "sum-says"), answer);
        box.getStyleClass().add("asked");
        return box;
    }
}
