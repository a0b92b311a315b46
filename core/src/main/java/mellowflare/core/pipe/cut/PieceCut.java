package mellowflare.core.pipe.cut;

import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * A piece of pipe to be made or bought.
 *
 * @param name of the piece
 * @param size of the pipe
 * @param exact end to end; empty while it is not known
 * @param shop as it is marked, or as it is bought; empty while it is not known
 * @param bought whether it is bought ready
 * @param threads how many of its ends are threaded, 0 to 2; the others are plain
 * @param least shortest that can be held and threaded; empty while the size is not known
 * @param nipple nearest stock nipple; empty where none comes near
 */
public record PieceCut(
        String name,
        String size,
        Optional<Length> exact,
        Optional<Length> shop,
        boolean bought,
        int threads,
        Optional<Length> least,
        Optional<NippleOffer> nipple) {

    public static final int ENDS = 2;

    /** What its ends are, where not both are threaded; empty where they are. */
    public String endsWord() {
        return threads == ENDS ? "" : threads == 1 ? Say.it("piece-cut.one-plain") : Say.it("piece-cut.both-plain");
    }

    /** What rounding, or the length of the bought nipple, adds. */
    public Length error() {
        return exact.flatMap(e -> shop.map(s -> s.minus(e))).orElse(Length.ZERO);
    }

    /** The piece while nothing may be cut: how long it is worked out to be, and nothing to mark. */
    public PieceCut held() {
        return new PieceCut(name, size, exact, bought ? shop : Optional.empty(), bought, threads, least, nipple);
    }

    /** Whether it comes out at nothing or less: the fittings overlap. */
    public boolean overlaps() {
        return exact.filter(e -> e.mm() <= 0).isPresent();
    }

    /** Whether it is too short to be held and threaded here, and is not bought. */
    public boolean tooShort() {
        return !bought
                && !overlaps()
                && exact.flatMap(e -> least.map(l -> e.compareTo(l) < 0)).orElse(false);
    }
}
