package mellowflare.core.hose;

import java.util.List;
import java.util.Set;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** The rows of {@code steps.csv}: the order of work before it is filled for one line. */
public final class StepTable {
    public static final ReferenceKey<StepTable> KEY = new ReferenceKey<>("hose steps", StepTable.class);

    /** One row. Texts still hold their places in braces. */
    record Row(
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
        boolean holds(Set<String> words) {
            return when.stream().allMatch(any -> any.stream().anyMatch(words::contains));
        }
    }

    private final List<Row> rows;

    private StepTable(List<Row> rows) {
        this.rows = rows;
    }

    public static StepTable load() {
        return new StepTable(CsvTable.beside(StepTable.class, "steps.csv")
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

    List<Row> rows() {
        return rows;
    }
}
