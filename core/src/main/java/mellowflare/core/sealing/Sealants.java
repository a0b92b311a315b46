package mellowflare.core.sealing;

import java.util.List;
import java.util.Optional;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** What goes on a taper pipe thread by kind of fluid, from {@code sealants.csv}. */
public final class Sealants {
    public static final ReferenceKey<Sealants> KEY = new ReferenceKey<>("sealants", Sealants.class);
    /** Over the crests of pipe size 3/8 and 1, with a little room. */
    private static final double SMALL_TO_MM = 17.5;

    private static final double MEDIUM_TO_MM = 34;

    /** What a sealant is. */
    public enum Form {
        TAPE,
        PASTE
    }

    /**
     * One sealant for one kind of fluid.
     *
     * @param grade what to ask for
     * @param turns of tape for small, medium and large threads; empty for paste
     * @param never what must not go on instead
     * @param source who says so
     */
    public record Sealant(
            FluidGroup group, Form form, String grade, List<Integer> turns, List<String> never, Source source) {
        public Sealant {
            turns = List.copyOf(turns);
            never = List.copyOf(never);
        }

        /** Turns of tape for a thread of a diameter over its crests. */
        public int turns(Length over) {
            return turns.get(over.mm() <= SMALL_TO_MM ? 0 : over.mm() <= MEDIUM_TO_MM ? 1 : 2);
        }
    }

    private final List<Sealant> all;

    private Sealants(List<Sealant> all) {
        this.all = all;
    }

    public static Sealants load() {
        return new Sealants(CsvTable.beside(Sealants.class, "sealants.csv")
                .map(
                        r -> new Sealant(
                                r.word("group", FluidGroup.class),
                                r.word("form", Form.class),
                                r.said("grade"),
                                r.maybe("turns_small").isEmpty()
                                        ? List.of()
                                        : List.of((int) r.number("turns_small"), (int) r.number("turns_medium"), (int)
                                                r.number("turns_large")),
                                r.saidList("never"),
                                r.source()),
                        s -> s.group() + " " + s.form()));
    }

    public Optional<Sealant> of(FluidGroup group, Form form) {
        return all.stream().filter(s -> s.group() == group && s.form() == form).findFirst();
    }
}
