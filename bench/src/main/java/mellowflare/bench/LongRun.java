package mellowflare.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.layout.Piece;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.layout.RunText;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeShape;
import mellowflare.core.pipe.makeup.EndKind;
import mellowflare.core.pipe.makeup.PipeEnd;

/** A stair of rigid pipe between two ports that cannot move, with a union in it. */
final class LongRun {
    private LongRun() {}

    /** @param parts pipes and fittings together, about */
    static RunAsk ask(int parts) {
        List<Piece> pieces = new ArrayList<>();
        int treads = parts / 4;
        for (int i = 0; i < treads; i++) {
            call(pieces, "up " + (400 + i) + " mm");
            call(pieces, "ahead " + (500 + i) + " mm");
            if (i == treads / 2) {
                call(pieces, "union");
                call(pieces, "on 300 mm");
            }
        }
        call(pieces, "to port");
        return RunAsk.NEW
                .withStart(PipeEnd.of(EndKind.PORT))
                .withStartFixed(true)
                .withPieces(pieces);
    }

    private static void call(List<Piece> pieces, String text) {
        pieces.add(RunText.read(text, UnitSystem.METRIC, Integer.toString(pieces.size() + 1))
                .value()
                .orElseThrow());
    }

    static PipeLine line(int parts) {
        return PipeLine.NEW
                .withShape(PipeShape.RUN)
                .withSystem(Optional.of("malleable150"))
                .withGrade(Optional.of("steel-40"))
                .withSize(Optional.of("1"))
                .withRun(ask(parts));
    }
}
