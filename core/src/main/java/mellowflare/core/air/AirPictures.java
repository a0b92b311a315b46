package mellowflare.core.air;

import java.util.Optional;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.line.StepPictures;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.picture.FallPicture;
import mellowflare.core.picture.InsertPicture;
import mellowflare.core.procedure.Step;

/** Which picture goes with which step of a workshop main. */
final class AirPictures {
    private AirPictures() {}

    static Optional<Drawing> of(AirCase c, Step step) {
        StepPictures.Figures f = StepPictures.of(step, c.units());
        return switch (f.row()) {
            case "line" -> f.said("fall").map(t -> FallPicture.of(t, Say.it("air-pictures.per-metre")));
            case "mark" ->
                c.work()
                        .flatMap(w -> w.stretches().stream().findFirst())
                        .map(s -> InsertPicture.of(
                                Say.it(
                                        "air-pictures.on-size",
                                        "insert",
                                        LengthFormat.figure(s.size().insert(), c.units()),
                                        "size",
                                        s.size().size()),
                                Say.it("air-pictures.fitting"),
                                Fill.METAL));
            case "join" -> StepPictures.thread(f);
            default -> Optional.empty();
        };
    }
}
