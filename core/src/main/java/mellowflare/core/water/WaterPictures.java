package mellowflare.core.water;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.line.StepPictures;
import mellowflare.core.picture.InsertPicture;
import mellowflare.core.picture.NutPicture;
import mellowflare.core.picture.TapedThreadPicture;
import mellowflare.core.procedure.Step;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.draw.WaterDrawing;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.work.WaterCase;

/** Which picture goes with which step at a water point. */
final class WaterPictures {
    private WaterPictures() {}

    static Optional<Drawing> of(WaterCase c, Step step) {
        StepPictures.Figures f = StepPictures.of(step, c.units());
        return switch (f.row()) {
            case "hold" -> Optional.of(StepPictures.wrenches(Say.it("water-pictures.try-by-hand")));
            case "measure", "link" -> c.set().map(s -> WaterDrawing.page(c, List.of()));
            case "join" -> c.set().flatMap(s -> join(s, f));
            default -> Optional.empty();
        };
    }

    private static Optional<Drawing> join(WaterSet set, StepPictures.Figures f) {
        JoinMethod.Id method = set.method().id();
        if (method == JoinMethod.Id.COMPRESSION) {
            return Optional.of(NutPicture.of(Say.it("water-pictures.nut"), Say.it("water-pictures.sleeve")));
        }
        if (method == JoinMethod.Id.PUSH) {
            return f.said("goesIn").map(t -> InsertPicture.of(t, Say.it("water-pictures.valve"), Fill.METAL));
        }
        return method == JoinMethod.Id.THREAD
                ? Optional.of(TapedThreadPicture.of(
                        Say.it("water-pictures.sealant"),
                        Say.it("water-pictures.first-bare"),
                        Say.it("water-pictures.with-the-thread")))
                : Optional.empty();
    }
}
