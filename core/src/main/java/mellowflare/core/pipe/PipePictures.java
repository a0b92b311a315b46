package mellowflare.core.pipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.StepPictures;
import mellowflare.core.pipe.draw.OffsetDrawing;
import mellowflare.core.pipe.draw.RunDrawing;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.procedure.Step;

/** Which picture goes with which step of rigid pipe. */
final class PipePictures {
    private static final Set<String> OFFSET =
            Set.of("overall", "offset", "readback", "sheet", "cut", "dry", "makeup", "centre", "direction", "tack");

    private static final Set<String> RUN = Set.of(
            "walk", "readback", "sheet", "cut", "dry", "makeup", "direction", "union", "measure", "leave", "flange");

    private PipePictures() {}

    static Optional<Drawing> of(PipeCase c, Step step) {
        String row = StepPictures.of(step, c.units()).row();
        if (c.isOffset()) {
            return c.sum().filter(s -> OFFSET.contains(row)).map(s -> OffsetDrawing.page(c, List.of(), lit(row)));
        }
        return c.laid()
                .filter(l -> RUN.contains(row))
                .map(l -> RunDrawing.page(
                        c,
                        List.of(),
                        RunDrawing.FIRST_TURN,
                        RunDrawing.FIRST_TILT,
                        Optional.empty(),
                        RunDrawing.Layout.WIDE));
    }

    private static Optional<OffsetFigure> lit(String row) {
        return row.equals("overall") ? Optional.of(OffsetFigure.OVERALL) : Optional.empty();
    }
}
