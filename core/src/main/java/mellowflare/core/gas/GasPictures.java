package mellowflare.core.gas;

import java.util.Optional;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.StepPictures;
import mellowflare.core.procedure.Step;

/** Which picture goes with which step of a gas line. */
final class GasPictures {
    private GasPictures() {}

    static Optional<Drawing> of(GasCase c, Step step) {
        StepPictures.Figures f = StepPictures.of(step, c.units());
        return switch (f.row()) {
            case "hold" -> StepPictures.gauge(f, "test");
            case "lockup" -> StepPictures.gauge(f, "lockup");
            case "hang" -> StepPictures.hangers(f, "spacing");
            default -> StepPictures.thread(f);
        };
    }
}
