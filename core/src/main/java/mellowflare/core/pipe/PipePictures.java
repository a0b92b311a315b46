package mellowflare.core.pipe;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.StepPictures;
import mellowflare.core.picture.BoltPicture;
import mellowflare.core.picture.TapedThreadPicture;
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
        StepPictures.Figures f = StepPictures.of(step, c.units());
        String row = f.row();
        Optional<Drawing> own = alone(f);
        if (own.isPresent()) {
            return own;
        }
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

    /** Steps that are about one joint. */
    private static Optional<Drawing> alone(StepPictures.Figures f) {
        return switch (f.row()) {
            case "bolt" -> f.said("bolts").flatMap(PipePictures::bolts);
            case "seal" ->
                f.said("putOn")
                        .map(t -> TapedThreadPicture.of(
                                StepPictures.brief(t),
                                Say.it("pipe-pictures.first-bare"),
                                Say.it("pipe-pictures.with-the-thread")));
            case "test", "proof" -> StepPictures.gauge(f, "proof", "drinkingTest", "working");
            case "hang", "clip" -> StepPictures.hangers(f, "spacing");
            default -> Optional.empty();
        };
    }

    private static Optional<Drawing> bolts(String count) {
        int bolts = count.matches("[0-9]{1,2}") ? Integer.parseInt(count) : 0;
        return bolts >= 4 && bolts % 4 == 0
                ? Optional.of(
                        BoltPicture.of(bolts, Say.it("pipe-pictures.in-a-star"), Say.it("pipe-pictures.in-thirds")))
                : Optional.empty();
    }

    private static Optional<OffsetFigure> lit(String row) {
        return row.equals("overall") ? Optional.of(OffsetFigure.OVERALL) : Optional.empty();
    }
}
