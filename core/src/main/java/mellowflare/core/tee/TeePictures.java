package mellowflare.core.tee;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.StepPictures;
import mellowflare.core.picture.FlareLooksPicture;
import mellowflare.core.picture.NutPicture;
import mellowflare.core.procedure.Step;
import mellowflare.core.tee.draw.TeeDrawing;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.work.TeeCase;

/** Which picture goes with which step of a tee-in. */
final class TeePictures {
    private TeePictures() {}

    static Optional<Drawing> of(TeeCase c, Step step) {
        return switch (StepPictures.of(step, c.units()).row()) {
            case "mark", "cut", "piece", "join", "plug" -> c.cutOut().map(x -> TeeDrawing.page(c, List.of()));
            case "nuts" ->
                c.method()
                        .map(m -> NutPicture.of(
                                Say.it("tee-pictures.nut"),
                                m.id() == TeeMethod.Id.COMPRESSION ? Say.it("tee-pictures.sleeve") : ""));
            case "flare" ->
                Optional.of(FlareLooksPicture.of(
                        Say.it("tee-pictures.good"),
                        Say.it("tee-pictures.small"),
                        Say.it("tee-pictures.lopsided"),
                        Say.it("tee-pictures.cracked")));
            case "tight" -> Optional.of(StepPictures.wrenches(Say.it("tee-pictures.run-ends-first")));
            default -> Optional.empty();
        };
    }
}
