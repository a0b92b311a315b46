package mellowflare.core.tube.stock;

import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * A bender with the former for one size of tube.
 *
 * @param id stable name
 * @param name as shown
 * @param kind what sort
 * @param outside the tube it takes
 * @param radius of the former, on the tube's centre line
 * @param most largest bend
 * @param grip straight that its hook or clamp holds behind the bend
 * @param shoe straight that its shoe needs ahead of the bend
 * @param mark which mark is put to its line
 * @param overBench height of the tube over the bench it is screwed to; empty for one held in the hands
 * @param thinnest thinnest wall it bends round, as share of the outside diameter
 * @param source who says so
 */
public record Bender(
        String id,
        String name,
        Kind kind,
        Length outside,
        Length radius,
        Angle most,
        Length grip,
        Length shoe,
        Mark mark,
        Optional<Length> overBench,
        double thinnest,
        Source source) {
    private static final double FITS_MM = 0.06;

    /** Sorts of bender. */
    public enum Kind {
        LEVER(Say.it("bender.hand-lever-bender")),
        PLIERS(Say.it("bender.pliers")),
        CROSSBOW(Say.it("bender.ratchet-crossbow")),
        BENCH(Say.it("bender.bench-bender")),
        SPRING(Say.it("bender.outside-spring"));

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Which mark on the tube a bender wants at its line. */
    public enum Mark {
        START(Say.it("bender.where-bend-begins")),
        MIDDLE(Say.it("bender.middle-bend")),
        LEG(Say.it("bender.leg-mark"));

        private final String words;

        Mark(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** Whether a tube of that outside diameter lies in its groove. */
    public boolean takes(Length tube) {
        return outside.distanceTo(tube).mm() <= FITS_MM;
    }
}
