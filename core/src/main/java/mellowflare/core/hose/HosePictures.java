package mellowflare.core.hose;

import java.util.Optional;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.hose.draw.ClockDial;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.line.StepPictures;
import mellowflare.core.picture.CrimpPicture;
import mellowflare.core.picture.InsertPicture;
import mellowflare.core.picture.TapePicture;
import mellowflare.core.picture.WrenchPicture;
import mellowflare.core.procedure.Step;

/** Which picture goes with which step of a hose. */
final class HosePictures {
    private HosePictures() {}

    static Optional<Drawing> of(HoseCase c, Step step) {
        StepPictures.Figures f = StepPictures.of(step, c.units());
        Fill hose = Fill.WIRE;
        return switch (f.row()) {
            case "mark", "cut" -> f.text("cut").map(t -> TapePicture.marked(t, Say.it("pictures.square-end"), hose));
            case "check-cut" -> f.text("cut").map(t -> TapePicture.measured(t, Say.it("pictures.square-end"), hose));
            case "overall" ->
                f.text("hoseOverall").map(t -> TapePicture.measured(t, Say.it("pictures.sealing-point"), hose));
            case "push", "socket" ->
                f.text("insertion").map(t -> InsertPicture.of(t, Say.it("pictures.hose-end"), hose));
            case "crimp" -> f.text("crimp").map(t -> CrimpPicture.of(t, hose));
            case "clock" -> c.clockAngle().map(ClockDial::of);
            case "fit" ->
                f.text("tighten")
                        .map(t -> WrenchPicture.of(
                                StepPictures.brief(t), Say.it("pictures.turn-the-nut"), Say.it("pictures.the-port")));
            default -> Optional.empty();
        };
    }
}
