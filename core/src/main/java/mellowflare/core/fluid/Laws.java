package mellowflare.core.fluid;

import java.util.List;
import mellowflare.core.advice.Severity;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Cautions and law by what runs in the line, from {@code laws.csv}. */
public final class Laws {
    public static final ReferenceKey<Laws> KEY = new ReferenceKey<>("cautions and law", Laws.class);

    /**
     * One caution.
     *
     * @param group what runs in the line
     * @param severity how much it weighs
     * @param says what can hurt, or who decides
     * @param todo what to do
     * @param source who says so
     */
    public record Law(FluidGroup group, Severity severity, String says, String todo, Source source) {}

    private final List<Law> all;

    private Laws(List<Law> all) {
        this.all = all;
    }

    public static Laws load() {
        return new Laws(CsvTable.beside(Laws.class, "laws.csv")
                .map(
                        r -> new Law(
                                r.word("group", FluidGroup.class),
                                r.word("severity", Severity.class),
                                r.said("says"),
                                r.said("do"),
                                r.source()),
                        l -> l.group() + l.says()));
    }

    public List<Law> of(FluidGroup group) {
        return all.stream().filter(l -> l.group() == group).toList();
    }
}
