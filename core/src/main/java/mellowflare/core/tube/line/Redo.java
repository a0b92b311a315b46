package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.measure.Length;

/**
 * A bad flare is cut off: what is left, and whether the piece still serves.
 *
 * @param which end
 * @param off what is cut off
 * @param left length of the straight tube that is left
 * @param lacks by how much the line is now too short
 * @param straightLeft straight tube that is left behind the end, before its first bend
 * @param serves how it can still serve
 */
public record Redo(LineEnd which, Length off, Length left, Length lacks, Optional<Length> straightLeft, Serves serves) {

    /** How a shortened tube can serve. */
    public enum Serves {
        /** Not bent yet and long enough. */
        AS_IT_IS(Say.it("redo.still-serves-nothing-lacking")),
        /** The lack is small enough to be pulled out of the bends. */
        OPEN_A_BEND(Say.it("redo.still-serves-ease-bend")),
        /** The end must be bridged. */
        PIECE_IN(Say.it("redo.serves-only-with-piece")),
        NEW_PIECE(Say.it("redo.does-not-serve-make"));

        private final String words;

        Serves(String words) {
            this.words = words;
        }

        public String words() {
            return words;
        }
    }

    /** What easing a bend open gives at most: this share of the gain of a right-angled bend (house figure). */
    private static final double EASED = 0.5;

    /** Over this much lacking, no joint is worth it: it is a new piece (house figure). */
    private static final double PIECE_FROM_MM = 60;

    /**
     * What becomes of a tube.
     *
     * @param c the line
     * @param which end the flare is cut off
     * @param off what is cut off, above zero
     * @param bent whether the tube was bent already
     * @param spare length by which the tube was cut too long on purpose and not trimmed yet
     * @return empty while the cut is not known
     */
    public static Optional<Redo> of(TubeCase c, LineEnd which, Length off, boolean bent, Length spare) {
        if (!(off.mm() > 0) || spare.mm() < 0) {
            throw new IllegalArgumentException("What is cut off is above zero, and spare not below it");
        }
        return c.cut()
                .flatMap(cut -> cut.after(off.minus(spare)).map(left -> {
                    double lacks = Math.max(0, off.mm() - spare.mm());
                    Optional<BentPath> path = c.path();
                    Optional<Length> straight = path.map(p -> Length.ofMm(Math.max(
                            0, (which == LineEnd.A || p.bends().isEmpty() ? firstStraight(p) : p.last()) - lacks)));
                    return new Redo(
                            which,
                            off,
                            left,
                            Length.ofMm(lacks),
                            straight,
                            serves(c, path, which, lacks, straight, bent));
                }));
    }

    private static double firstStraight(BentPath p) {
        return p.bends().isEmpty() ? p.last() : p.bends().get(0).straight();
    }

    private static Serves serves(
            TubeCase c, Optional<BentPath> path, LineEnd which, double lacks, Optional<Length> straight, boolean bent) {
        if (lacks <= c.line().squareUp().mm()) {
            return Serves.AS_IT_IS;
        }
        boolean room = straight.isEmpty() || straight.get().compareTo(EndStraight.needed(c, which)) >= 0;
        if (path.isPresent() && !path.get().bends().isEmpty() && room) {
            double radius = c.radius().orElse(Length.ZERO).mm();
            // Swapping a round corner for one a little flatter gives length along both legs.
            double give = EASED * radius * (2 - Math.PI / 2);
            if (bent && lacks <= give) {
                return Serves.OPEN_A_BEND;
            }
        }
        return room && lacks < PIECE_FROM_MM ? Serves.PIECE_IN : Serves.NEW_PIECE;
    }
}
