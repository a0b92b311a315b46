package mellowflare.core.gas;

import java.util.Optional;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.StepPictures;
import mellowflare.core.picture.GaugePicture;
import mellowflare.core.procedure.Step;

/** Which picture goes with which step of a gas line. */
final class GasPictures {
    private GasPictures() {}

    static Optional<Drawing> of(GasCase c, Step step) {
        StepPictures.Figures f = StepPictures.of(step, c.units());
        return switch (f.row()) {
            case "hold" -> StepPictures.gauge(f, "test");
            // Nothing is pumped up here: the regulator shuts by itself.
            case "lockup" -> f.said("lockup").map(t -> GaugePicture.of(t, Say.it("gas-pictures.at-most-shut"), ""));
            case "hang" -> StepPictures.hangers(f, "spacing");
            default -> StepPictures.thread(f);
        };
    }
}
