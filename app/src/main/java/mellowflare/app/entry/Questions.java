package mellowflare.app.entry;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.BiFunction;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.scene.layout.VBox;

/**
 * Questions of one thing that are answered by yes or no, shown together as it stands.
 *
 * @param <T> what keeps the answers; immutable
 */
public final class Questions<T> {
    private final BiConsumer<String, UnaryOperator<T>> change;
    private final Map<ChoiceRow<Boolean>, Function<T, Optional<Boolean>>> answers = new LinkedHashMap<>();

    /**
     * @param change takes an answer: the question, and what it makes of the thing
     */
    public Questions(BiConsumer<String, UnaryOperator<T>> change) {
        this.change = change;
    }

    /**
     * One question with its answers under it.
     *
     * @param id of the row, by which what is still needed leads to it
     */
    public VBox asked(
            String id, String question, Function<T, Optional<Boolean>> is, BiFunction<T, Optional<Boolean>, T> with) {
        ChoiceRow<Boolean> row =
                Answers.yesNo(id, "", told -> change.accept(question, thing -> with.apply(thing, told)));
        row.setAccessibleText(question);
        answers.put(row, is);
        return Answers.asked(question, row);
    }

    /** Shows the answers as they stand. */
    public void show(T thing) {
        answers.forEach((row, is) -> row.show(is.apply(thing)));
    }
}
