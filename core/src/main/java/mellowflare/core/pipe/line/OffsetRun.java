package mellowflare.core.pipe.line;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.Side;
import mellowflare.core.pipe.layout.Way;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.offset.OffsetSum;

/** An offset as a run: leg, fitting, travel, fitting, leg. So that it is put together, cut and drawn by the same rules. */
final class OffsetRun {
    static final String A = "A";
    static final String B = "B";
    static final String C = "C";

    private OffsetRun() {}

    /** The run; empty while a leg is not known or not above zero. It lies in the plane of the offset, to the left. */
    static Optional<RunAsk> of(OffsetSum s) {
        if (s.legA().filter(OffsetRun::above).isEmpty()
                || s.legC().filter(OffsetRun::above).isEmpty()
                || s.travel().filter(OffsetRun::above).isEmpty()) {
            return Optional.empty();
        }
        Angle angle = s.ask().fitting();
        EndKind start = s.ask().a().kind();
        EndKind end = s.ask().c().kind();
        return Optional.of(RunAsk.NEW
                .withStart(s.ask().a())
                .withStartFixed(start != EndKind.OPEN)
                .withPieces(List.of(
                        pipe(A, s.legA().get()),
                        new Piece.Elbow(Say.it("offset-run.first"), angle, Side.LEFT),
                        pipe(B, s.travel().get()),
                        new Piece.Elbow(Say.it("offset-run.second"), angle, Side.RIGHT),
                        pipe(C, s.legC().get()),
                        new Piece.End(Say.it("offset-run.end"), s.ask().c(), end != EndKind.OPEN))));
    }

    private static boolean above(Length l) {
        return l.mm() > 0 && l.compareTo(Piece.LONGEST) <= 0;
    }

    private static Piece.Pipe pipe(String name, Length length) {
        return new Piece.Pipe(name, Way.ON, length, Piece.Measure.CENTRES, false);
    }
}
