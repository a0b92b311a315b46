package mellowflare.core.testing;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Severity;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;

/** The tests that orders of work may ask for, from {@code tests.csv}. */
public final class Duties {
    public static final ReferenceKey<Duties> KEY = new ReferenceKey<>("tests", Duties.class);
    private static final double MINUTE = 60;
    private static final double PASCAL_PER_BAR = 1e5;

    private final List<Duty> all;

    private Duties(List<Duty> all) {
        this.all = all;
    }

    /**
     * Loads the table.
     *
     * @throws mellowflare.core.reference.BrokenTable if a row cannot be a test
     */
    public static Duties load() {
        return new Duties(CsvTable.beside(Duties.class, "tests.csv").map(Duties::duty, Duty::id));
    }

    private static Duty duty(CsvTable.Row r) {
        try {
            return new Duty(
                    r.need("id"),
                    r.word("kind", TestKind.class),
                    r.list("media").stream().map(m -> medium(r, m)).toList(),
                    r.number("least_min") * MINUTE,
                    r.maybeNumber("most_min").map(m -> m * MINUTE),
                    r.maybeNumber("allowed_l_min").map(FreeAir::ofLitresPerMinute),
                    r.maybeNumber("level_pa").map(p -> AbsolutePressure.ofBar(p / PASCAL_PER_BAR)),
                    r.maybeNumber("rise_pa").map(p -> AbsolutePressure.ofBar(p / PASCAL_PER_BAR)),
                    r.yes("joints"),
                    r.word("leak_is", Severity.class),
                    r.said("title"),
                    r.said("says"),
                    r.source());
        } catch (IllegalArgumentException e) {
            throw r.broken("kind", e.getMessage(), e);
        }
    }

    private static Medium medium(CsvTable.Row r, String word) {
        for (Medium m : Medium.values()) {
            if (m.code().equals(word)) {
                return m;
            }
        }
        throw r.broken("media", Say.it("duties.no-medium", "word", word));
    }

    public List<Duty> all() {
        return all;
    }

    public Optional<Duty> find(String id) {
        return all.stream().filter(d -> d.id().equals(id)).findFirst();
    }
}
