package mellowflare.core.pipe.makeup;

import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.LengthFormat;

/**
 * Names a part by what it takes: its kind, size and, for an elbow, its angle.
 *
 * @param kind what it is
 * @param size of its threads
 * @param angle of an elbow; 90 degrees for every other part
 * @param small smaller size of a reducer or bushing; empty for every other part
 */
public record PartKey(PartKind kind, String size, Angle angle, Optional<String> small) {
    private static final Angle SQUARE = Angle.ofDegrees(90);

    public static PartKey of(PartKind kind, String size) {
        return new PartKey(kind, size, SQUARE, Optional.empty());
    }

    public static PartKey elbow(Angle angle, String size) {
        // Sums of turns come out a hair beside the fitting's angle.
        double degrees = Math.rint(angle.degrees() * 100) / 100;
        return new PartKey(PartKind.ELBOW, size, Angle.ofDegrees(degrees), Optional.empty());
    }

    public static PartKey reducer(PartKind kind, String large, String small) {
        return new PartKey(kind, large, SQUARE, Optional.of(small));
    }

    /** As shown: “45° elbow 3/4”. */
    public String name() {
        return small.map(s -> Say.it("part-key.to", "part", kind.word(), "large", size, "small", s))
                .orElseGet(() -> kind == PartKind.ELBOW
                        ? Say.it("part-key.elbow", "angle", LengthFormat.decimal(angle.degrees(), 2, 0), "size", size)
                        : Say.it("part-key.part", "part", kind.word(), "size", size));
    }
}
