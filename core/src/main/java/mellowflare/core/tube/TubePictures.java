package mellowflare.core.tube;

import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.line.StepPictures;
import mellowflare.core.picture.TapePicture;
import mellowflare.core.picture.WrenchPicture;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.draw.FlareDrawing;
import mellowflare.core.tube.draw.MarkStrip;
import mellowflare.core.tube.flare.FlareSetting;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** Which picture goes with which step of a tube. */
final class TubePictures {
    private TubePictures() {}

    static Optional<Drawing> of(TubeCase c, Step step) {
        StepPictures.Figures f = StepPictures.of(step, c.units());
        return switch (f.row()) {
            case "measure", "cut" ->
                f.text("cut").map(t -> TapePicture.marked(t, Say.it("pictures.square-end"), Fill.METAL));
            case "marks", "bend" -> MarkStrip.of(c, LineEnd.A);
            case "flare", "look" -> flare(c, side(c, step));
            case "fit" ->
                f.text("tighten")
                        .map(t -> WrenchPicture.of(
                                StepPictures.brief(t), Say.it("pictures.turn-the-nut"), Say.it("pictures.the-port")));
            default -> Optional.empty();
        };
    }

    private static TubeSide side(TubeCase c, Step step) {
        return c.sides().get(step.id().endsWith("@B") ? 1 : 0);
    }

    /** Set to the middle of the band, and what comes of it. */
    private static Optional<Drawing> flare(TubeCase c, TubeSide s) {
        return s.bench()
                .flatMap(b -> s.settable()
                        .map(FlareSetting::good)
                        .map(x -> FlareDrawing.of(b, x, b.make(x, s.band(), s.threadBore()), s.band(), c.units())));
    }
}
