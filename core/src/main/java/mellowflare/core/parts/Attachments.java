package mellowflare.core.parts;

import java.util.List;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** How each way of fixing an end butts, looks when it is right, and what it takes, from {@code attachments.csv}. */
public final class Attachments {
    public static final ReferenceKey<Attachments> KEY = new ReferenceKey<>("attachments", Attachments.class);
    private final List<Row> rows;

    private Attachments(List<Row> rows) {
        this.rows = rows;
    }

    /**
     * One way.
     *
     * @param butts where the hose butts: the cut-off counts to there
     * @param inspect what the finished end must look like
     * @param press whether a press and dies are needed
     * @param minutes what one end takes by hand (house figure)
     * @param source who says so
     */
    public record Row(Attach attach, String butts, String inspect, boolean press, double minutes, Source source) {}

    public static Attachments load() {
        return new Attachments(CsvTable.beside(Attachments.class, "attachments.csv")
                .map(
                        r -> new Row(
                                r.word("attach", Attach.class),
                                r.said("butts"),
                                r.said("inspect"),
                                r.yes("press"),
                                r.number("minutes"),
                                r.source()),
                        Row::attach));
    }

    public Row of(Attach attach) {
        return rows.stream()
                .filter(r -> r.attach() == attach)
                .findFirst()
                .orElseThrow(() -> new IllegalStateException("attachments.csv does not hold " + attach));
    }
}
