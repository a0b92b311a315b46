package mellowflare.core.hose;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.hose.draw.ClockDial;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.line.StepPictures;
import mellowflare.core.parts.Attach;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.picture.BossPicture;
import mellowflare.core.picture.CrimpPicture;
import mellowflare.core.picture.GapPicture;
import mellowflare.core.picture.InsertPicture;
import mellowflare.core.picture.SocketPicture;
import mellowflare.core.picture.TapePicture;
import mellowflare.core.picture.WrenchPicture;
import mellowflare.core.picture.moment.Moment;
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
            case "push" -> f.text("insertion").map(t -> InsertPicture.of(t, Say.it("pictures.hose-end"), hose));
            case "socket" -> f.text("insertion").map(t -> socket(side(c, step), t, hose));
            case "nipple", "draw-up" -> gap(side(c, step), f, hose);
            case "adapt-elbow" ->
                Optional.of(BossPicture.of(List.of(
                        Say.it("pictures.nut-back"),
                        Say.it("pictures.ring-touches"),
                        Say.it("pictures.one-turn-back"),
                        Say.it("pictures.nut-tight"))));
            case "proof" -> StepPictures.gauge(f, "proof");
            case "crimp" -> f.text("crimp").map(t -> CrimpPicture.of(t, hose));
            case "inspect" -> attach(side(c, step)).flatMap(HosePictures::inspected);
            case "clock" -> c.clockAngle().map(ClockDial::of);
            case "fit" ->
                f.text("tighten")
                        .map(t -> WrenchPicture.of(
                                StepPictures.brief(t), Say.it("pictures.turn-the-nut"), Say.it("pictures.the-port")));
            default -> Optional.empty();
        };
    }

    private static Side side(HoseCase c, Step step) {
        return c.sides().get(step.id().endsWith("@B") ? 1 : 0);
    }

    private static Optional<Attach> attach(Side side) {
        return side.part().flatMap(HoseEndPart::attach);
    }

    /** The socket of a rubber hose goes on by a left-hand thread and is backed off; over a braid it is only pushed. */
    private static Drawing socket(Side side, String depth, Fill hose) {
        return attach(side).filter(a -> a == Attach.REUSABLE).isPresent()
                ? SocketPicture.of(depth, Say.it("pictures.left-handed"), Say.it("pictures.half-turn-back"), hose)
                : InsertPicture.of(depth, Say.it("pictures.hose-end"), hose);
    }

    /** What a made end must look like, and what it must not. */
    private static Optional<Drawing> inspected(Attach attach) {
        return Moment.picture(
                switch (attach) {
                    case BRAID_REUSABLE -> List.of(Moment.MARK_HELD, Moment.MARK_MOVED, Moment.STRAND_OUT);
                    case CRIMPED, REUSABLE -> List.of(Moment.MARK_HELD, Moment.MARK_MOVED);
                    case BARB_CLAMP -> List.of(Moment.BEHIND_BARB);
                    case OLIVE, BARRIER_CRIMP, PUSH_CONNECT, FACTORY -> List.of();
                });
    }

    /** What is left between nipple and socket; an olive's nipple goes to its stop. */
    private static Optional<Drawing> gap(Side side, StepPictures.Figures f, Fill hose) {
        return attach(side)
                .filter(a -> a == Attach.REUSABLE || a == Attach.BRAID_REUSABLE)
                .map(a -> GapPicture.of(
                        f.said("gap").orElse(""),
                        a == Attach.BRAID_REUSABLE ? Say.it("pictures.witness") : Say.it("pictures.does-not-creep"),
                        hose));
    }
}
