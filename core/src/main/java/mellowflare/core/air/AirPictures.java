package mellowflare.core.air;

import java.util.List;
import java.util.Optional;
import mellowflare.core.air.stock.PipeSystem;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.line.StepPictures;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.picture.DropPicture;
import mellowflare.core.picture.FallPicture;
import mellowflare.core.picture.InsertPicture;
import mellowflare.core.picture.RingPipePicture;
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
            case "join" -> ring(c).or(() -> StepPictures.thread(f));
            case "hang" -> StepPictures.hangers(f, "spacing");
            case "drops" ->
                Optional.of(DropPicture.of(
                        Say.it("air-pictures.out-of-top"), Say.it("air-pictures.valve"), Say.it("air-pictures.leg")));
            case "pump" -> StepPictures.gauge(f, "cutOut");
            default -> Optional.empty();
        };
    }

    /** What goes on plain pipe in front of a ring fitting; empty for pipe that joins otherwise. */
    private static Optional<Drawing> ring(AirCase c) {
        return c.system()
                .filter(s -> s.joint() == PipeSystem.Joint.RING)
                .flatMap(s -> c.work())
                .flatMap(w -> w.stretches().stream().findFirst())
                .map(s -> RingPipePicture.of(
                        LengthFormat.figure(s.size().insert(), c.units()),
                        List.of(
                                Say.it("air-pictures.nut"),
                                Say.it("air-pictures.grip"),
                                Say.it("air-pictures.washer"),
                                Say.it("air-pictures.ring"))));
    }
}
