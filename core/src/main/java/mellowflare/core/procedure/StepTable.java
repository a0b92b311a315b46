package mellowflare.core.procedure;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/** The rows of a kind of line's {@code steps.csv}: the order of work before it is filled for one line. */
public final class StepTable {
    /**
     * One row. Texts still hold their places in braces.
     *
     * @param id stable name
     * @param perEnd whether it stands once for each end
     * @param when words that must all hold, each with its alternatives
     * @param title a few words
     * @param text what to do
     * @param tools what must be at hand
     * @param hold why it is a hold point; empty when it is none
     * @param cutFigure whether the cut figure must be settled before the tick
     * @param caution what can hurt; may be empty
     * @param record the figure to write down; may be empty
     * @param source who says to do it so
     */
    public record Row(
            String id,
            boolean perEnd,
            List<Set<String>> when,
            String title,
            String text,
            List<String> tools,
            String hold,
            boolean cutFigure,
            String caution,
            String record,
            Source source) {

        /** Whether all its words hold; of words parted by a bar one is enough. */
        public boolean holds(Set<String> words) {
            return when.stream().allMatch(any -> any.stream().anyMatch(words::contains));
        }
    }

    private final List<Row> rows;

    private final StepWords words;

    private StepTable(List<Row> rows, StepWords words) {
        this.rows = rows;
        this.words = words;
    }

    /**
     * Reads {@code steps.csv} beside a class of the kind of line.
     *
     * @param words all that may stand under {@code when}
     * @throws mellowflare.core.reference.BrokenTable if a row asks for another word
     */
    public static StepTable beside(Class<?> kind, StepWords words) {
        return new StepTable(
                CsvTable.beside(kind, "steps.csv")
                        .map(
                                r -> new Row(
                                        r.need("id"),
                                        r.need("per").equals("end"),
                                        when(r, words),
                                        r.need("title"),
                                        r.need("text"),
                                        r.list("tools"),
                                        r.text("hold"),
                                        r.text("gate").equals("cut-figure"),
                                        r.text("caution"),
                                        r.text("record"),
                                        r.source()),
                                r -> r.id() + r.when()),
                words);
    }

    private static List<Set<String>> when(CsvTable.Row r, StepWords words) {
        List<Set<String>> when =
                r.list("when").stream().map(w -> Set.of(w.split("\\|"))).toList();
        for (Set<String> any : when) {
            String stranger = words.stranger(any);
            if (!stranger.isEmpty()) {
                throw r.broken("when", "“" + stranger + "” is none of the words of this order of work");
            }
        }
        return when;
    }

    /** Words that no row could ask for are a slip in the code. */
    private Set<String> known(Set<String> said) {
        String stranger = words.stranger(said);
        if (!stranger.isEmpty()) {
            throw new IllegalStateException("“" + stranger + "” is none of the words of this order of work");
        }
        return said;
    }

    public List<Row> rows() {
        return rows;
    }

    /**
     * A row that stands in a line's order of work.
     *
     * @param side for which side; empty for the whole line
     */
    public record Placed<S>(Row row, Optional<S> side) {}

    /**
     * The rows that hold for a line, in table order; neighbouring rows of ends stand together for one end and then for the other.
     *
     * @param lineWords words that hold for the whole line
     * @param order which side comes first in a block of such rows
     * @param sideWords words that hold for a side
     */
    public <S> List<Placed<S>> placed(
            Set<String> lineWords, Function<List<Row>, List<S>> order, Function<S, Set<String>> sideWords) {
        known(lineWords);
        List<Placed<S>> placed = new ArrayList<>();
        int at = 0;
        while (at < rows.size()) {
            int end = at;
            while (end < rows.size() && rows.get(end).perEnd() == rows.get(at).perEnd()) {
                end++;
            }
            List<Row> block = rows.subList(at, end);
            if (rows.get(at).perEnd()) {
                for (S side : order.apply(block)) {
                    Set<String> words = new HashSet<>(lineWords);
                    words.addAll(known(sideWords.apply(side)));
                    add(block, words, Optional.of(side), placed);
                }
            } else {
                add(block, lineWords, Optional.empty(), placed);
            }
            at = end;
        }
        return placed;
    }

    private static <S> void add(List<Row> block, Set<String> words, Optional<S> side, List<Placed<S>> placed) {
        block.stream().filter(r -> r.holds(words)).forEach(r -> placed.add(new Placed<>(r, side)));
    }
}
