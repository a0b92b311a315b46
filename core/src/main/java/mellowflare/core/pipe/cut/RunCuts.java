package mellowflare.core.pipe.cut;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.pipe.space.Laid;
import mellowflare.core.pipe.space.Mouth;
import mellowflare.core.pipe.space.Spool;

/**
 * The pieces of a run, and how far every fitting comes to lie from where it should once they are cut as marked.
 *
 * @param pieces in the order of the walk; the n-th is made for the n-th spool
 * @param out how far each fitting lies out of place (mm), in the order of the fittings
 */
public record RunCuts(List<PieceCut> pieces, List<Vector> out) {
    public RunCuts {
        pieces = List.copyOf(pieces);
        out = List.copyOf(out);
    }

    public static RunCuts of(Laid laid, Pieces make) {
        List<PieceCut> pieces = new ArrayList<>();
        Vector[] out = new Vector[laid.fittings().size()];
        Arrays.fill(out, Vector.ZERO);
        for (Spool s : laid.spools()) {
            PieceCut piece = make.of(s.name(), s.size(), s.points(), s.exact(), s.bought(), threads(laid, s));
            pieces.add(piece);
            // A fitting is reached by one pipe alone, and that comes after the one that reached the fitting before it.
            out[s.to()] = out[s.from()].plus(s.direction().times(piece.error().mm()));
        }
        return new RunCuts(pieces, List.of(out));
    }

    /** How many of its ends carry a thread. */
    public static int threads(Laid laid, Spool s) {
        return threaded(laid.from(s).mouths().get(s.fromMouth()))
                + threaded(laid.to(s).mouths().get(s.toMouth()));
    }

    private static int threaded(Mouth m) {
        return m.join() == Mouth.Join.THREADED ? 1 : 0;
    }

    public Optional<PieceCut> piece(String name) {
        return pieces.stream().filter(p -> p.name().equals(name)).findFirst();
    }
}
