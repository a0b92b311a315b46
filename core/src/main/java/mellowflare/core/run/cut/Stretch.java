package mellowflare.core.run.cut;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Walked;

/**
 * Pipe from one fitting to the next, in one straight line and of one size.
 *
 * @param name of its last run
 * @param runs that it is made of, in order
 * @param from place where it begins
 * @param to place where it ends
 * @param size of the pipe
 * @param centres from the centre of one fitting to that of the other
 * @param stopA what the fitting at its beginning takes: centre to stop
 * @param stopB the same at its end
 * @param pieces lengths to cut, with couplings between where there are several
 * @param nipple length of the nipple that is bought for it; empty where it is cut
 * @param hangers it hangs from
 */
public record Stretch(
        String name,
        List<Walked.Run> runs,
        String from,
        String to,
        PipeSize size,
        Length centres,
        Length stopA,
        Length stopB,
        List<Length> pieces,
        Optional<Length> nipple,
        int hangers) {
    public Stretch {
        runs = List.copyOf(runs);
        pieces = List.copyOf(pieces);
    }

    /** From stop to stop. */
    public Length between() {
        return centres.minus(stopA).minus(stopB);
    }

    /** Whether it can be made: long enough to go into both fittings with some to spare. */
    public boolean possible() {
        return between().mm() > 2 * size.insert().mm() + 5;
    }

    /** How much longer than needed its bought nipple is, below zero for shorter; empty where it is cut. */
    public Optional<Length> over() {
        return nipple.map(n -> n.minus(between()));
    }

    /** Couplings that the length of the bars forces. */
    public int couplings() {
        return Math.max(0, pieces.size() - 1);
    }
}
