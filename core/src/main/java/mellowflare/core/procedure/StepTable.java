package mellowflare.core.procedure;

import java.util.List;
import java.util.Set;
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

    private StepTable(List<Row> rows) {
        this.rows = rows;
    }

    /** Reads {@code steps.csv} beside a class of the kind of line. */
    public static StepTable beside(Class<?> kind) {
        return new StepTable(CsvTable.beside(kind, "steps.csv")
                .map(
                        r -> new Row(
                                r.need("id"),
                                r.need("per").equals("end"),
                                r.list("when").stream()
                                        .map(w -> Set.of(w.split("\\|")))
                                        .toList(),
                                r.need("title"),
                                r.need("text"),
                                r.list("tools"),
                                r.text("hold"),
                                r.text("gate").equals("cut-figure"),
                                r.text("caution"),
                                r.text("record"),
                                r.source()),
                        r -> r.id() + r.when()));
    }

    public List<Row> rows() {
        return rows;
    }
}
