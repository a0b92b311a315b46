package mellowflare.core.fluid;

import java.util.Optional;
import mellowflare.core.measure.Temperature;

/**
 * Where a line lies and what is done to it. What has not been said stays empty.
 *
 * @param air hottest surroundings
 * @param moves how it is moved
 * @param opener who opens its joints next, and so how often
 * @param wet whether spray, bilge or road reaches it
 */
public record Ambient(
        Optional<Temperature> air, Optional<Moves> moves, Optional<Opener> opener, Optional<Boolean> wet) {
    public static final Ambient UNSAID =
            new Ambient(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());

    /** How a line is moved. */
    public enum Moves {
        STILL(Say.it("ambient.nothing-moves")),
        VIBRATES(Say.it("ambient.vibrates")),
        SWINGS(Say.it("ambient.one-end-moves"));

        private final String word;

        Moves(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** Who opens a joint next. */
    public enum Opener {
        NEVER(Say.it("ambient.never-opened")),
        WORKSHOP(Say.it("ambient.a-workshop")),
        FIELD(Say.it("ambient.field-often")),
        OWNER(Say.it("ambient.owner-no-fitter"));

        private final String word;

        Opener(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    public Ambient withAir(Optional<Temperature> t) {
        return new Ambient(t, moves, opener, wet);
    }

    public Ambient withMoves(Optional<Moves> m) {
        return new Ambient(air, m, opener, wet);
    }

    public Ambient withOpener(Optional<Opener> o) {
        return new Ambient(air, moves, o, wet);
    }

    public Ambient withWet(Optional<Boolean> w) {
        return new Ambient(air, moves, opener, w);
    }
}
