package mellowflare.core.material;

import java.util.List;
import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Which metals bear each other in a joint, from {@code metals.csv}. */
public final class Metals {
    public static final ReferenceKey<Metals> KEY = new ReferenceKey<>("metals", Metals.class);
    private final List<Pair> pairs;

    private Metals(List<Pair> pairs) {
        this.pairs = pairs;
    }

    /**
     * Two metals that touch.
     *
     * @param dry how they bear each other in oil or indoors
     * @param wet how they bear each other where water reaches them from outside
     * @param inside how they bear each other where fresh water runs through the joint
     */
    public record Pair(
            Metal a,
            Metal b,
            Compatibility.Verdict dry,
            Compatibility.Verdict wet,
            Compatibility.Verdict inside,
            Source source) {}

    public static Metals load() {
        return new Metals(CsvTable.beside(Metals.class, "metals.csv")
                .map(
                        row -> new Pair(
                                row.word("a", Metal.class),
                                row.word("b", Metal.class),
                                row.word("dry", Compatibility.Verdict.class),
                                row.word("wet", Compatibility.Verdict.class),
                                row.word("inside", Compatibility.Verdict.class),
                                row.source()),
                        p -> p.a() + " " + p.b()));
    }

    /** The pair, either way round; empty when no table here holds it. */
    public Optional<Pair> of(Metal one, Metal other) {
        return pairs.stream()
                .filter(p -> p.a() == one && p.b() == other || p.a() == other && p.b() == one)
                .findFirst();
    }
}
