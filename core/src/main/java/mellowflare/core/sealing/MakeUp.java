package mellowflare.core.sealing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** How far a taper pipe thread is turned past hand tight, as a band by family, size and material, from {@code makeup.csv}. */
public final class MakeUp {
    public static final ReferenceKey<MakeUp> KEY = new ReferenceKey<>("make-up of taper threads", MakeUp.class);

    private static final String KNOWN = Say.it("make-up.hand-tight-then-s");
    private static final String PLASTIC = Say.it("make-up.hand-tight-then-s-2");
    private static final String UNSAID = Say.it("make-up.hand-tight-then-with");

    /** What the softer of the two threads is made of, as far as its strength goes. */
    public enum Material {
        STEEL,
        BRASS,
        ALUMINIUM,
        PLASTIC;

        /** Stainless is as strong as steel here, copper no stronger than brass. */
        public static Material of(Metal metal) {
            return switch (metal) {
                case STEEL, GALVANISED, STAINLESS -> STEEL;
                case BRASS, COPPER -> BRASS;
                case ALUMINIUM -> ALUMINIUM;
            };
        }

        /** The weaker of two, once both are known. */
        public static Optional<Material> weaker(Optional<Metal> one, Optional<Metal> other) {
            return one.flatMap(a -> other.map(b -> of(a).compareTo(of(b)) >= 0 ? of(a) : of(b)));
        }
    }

    /**
     * A band of turns.
     *
     * @param low turns past hand tight
     * @param high turns past hand tight
     * @param source who says so
     */
    public record Band(double low, double high, Source source) {
        public Band {
            if (!(low > 0 && low <= high)) {
                throw new IllegalArgumentException("A band runs from few turns to more, above zero");
            }
        }
    }

    private record Row(List<EndCode> codes, Material material, Length to, Band band) {}

    private final List<Row> rows;

    private MakeUp(List<Row> rows) {
        this.rows = rows;
    }

    public static MakeUp load() {
        return new MakeUp(CsvTable.beside(MakeUp.class, "makeup.csv")
                .map(
                        r -> new Row(
                                r.list("code").stream().map(EndCode::valueOf).toList(),
                                r.word("material", Material.class),
                                r.length("to_mm"),
                                new Band(r.number("low_turns"), r.number("high_turns"), r.source())),
                        r -> r.codes() + " " + r.material() + " " + r.to()));
    }

    /** The band for a thread; empty for a family that is no taper thread. */
    public Optional<Band> of(EndCode code, Length over, Material material) {
        return rows.stream()
                .filter(r -> r.codes().contains(code) && r.material() == material && over.compareTo(r.to()) <= 0)
                .findFirst()
                .map(Row::band);
    }

    /**
     * How to tighten it, as the rest of a sentence.
     *
     * @param material of the weaker thread; while it is not known the bands of all are said
     */
    String says(End end, Optional<Material> material) {
        Length over = end.thread().map(t -> t.major()).orElse(Length.ZERO);
        List<Object> turns = new ArrayList<>();
        for (Material each : material.map(List::of).orElse(Arrays.asList(Material.values()))) {
            Band band = of(end.id().code(), over, each)
                    .orElseThrow(() -> new IllegalStateException("No make-up for " + end.brief() + " in " + each));
            turns.add(quarters(band.low()));
            turns.add(quarters(band.high()));
        }
        String text = material.map(m -> m == Material.PLASTIC ? PLASTIC : KNOWN).orElse(UNSAID);
        return String.format(Locale.ROOT, text, turns.toArray());
    }

    private static String quarters(double turns) {
        return turns == Math.rint(turns)
                ? LengthFormat.decimal(turns, 0, 0)
                : turns > 1 ? LengthFormat.decimal(Math.floor(turns), 0, 0) + " 1/2" : "1/2";
    }
}
