package mellowflare.core.pipe.space;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PartKey;

/**
 * A fitting of a run, or one of its ends, where it stands.
 *
 * @param name of its place
 * @param kind what it is
 * @param at its point: where the centre lines of its mouths meet, or the face it is measured to (mm)
 * @param mouths in the order in which they were met
 * @param angle by which an elbow turns; zero for every other
 * @param part by which its figures are looked up; empty for an end of the run
 * @param end how the run ends there, or what kind of flanges it is; empty for every other
 * @param fixed whether it cannot move or turn: what is there already
 */
public record Fitted(
        String name,
        Kind kind,
        Vector at,
        List<Mouth> mouths,
        Angle angle,
        Optional<PartKey> part,
        Optional<EndKind> end,
        boolean fixed) {
    public Fitted {
        mouths = List.copyOf(mouths);
    }

    /** What stands at a place. */
    public enum Kind {
        END,
        ELBOW,
        TEE,
        CROSS,
        COUPLING,
        UNION,
        DIELECTRIC,
        VALVE,
        FLEX,
        FLANGES,
        REDUCER,
        CAP;

        /** Whether its two sides come apart without a pipe being turned. */
        public boolean opens() {
            return this == UNION || this == DIELECTRIC || this == FLEX || this == FLANGES;
        }
    }

    /** As it is called in a sentence: one that was given no name is called by what it is, the first end by what it is and where. */
    public String called() {
        if (kind == Kind.END && name.equals(RunAsk.START)) {
            return Say.it("fitted.start", "end", end.map(EndKind::word).orElse(""));
        }
        return name.matches("\\d+") ? Say.it("fitted.numbered", "kind", kind.name(), "number", name) : name;
    }

    /** Whether the figures of all its mouths are known. */
    public boolean known() {
        return mouths.stream().allMatch(m -> m.off().isPresent());
    }
}
