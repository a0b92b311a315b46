package mellowflare.core.tube;

import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.line.StepPictures;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.picture.BenderPicture;
import mellowflare.core.picture.FlareLooksPicture;
import mellowflare.core.picture.InsertPicture;
import mellowflare.core.picture.NutPicture;
import mellowflare.core.picture.TapePicture;
import mellowflare.core.picture.WrenchPicture;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.draw.FlareDrawing;
import mellowflare.core.tube.draw.MarkStrip;
import mellowflare.core.tube.end.EndTraits;
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
            case "flare" -> flare(c, side(c, step));
            case "look" -> looks(c, side(c, step));
            case "nut", "second-nut" -> nut(side(c, step));
            case "fit" ->
                f.text("tighten")
                        .map(t -> WrenchPicture.of(
                                StepPictures.brief(t), Say.it("pictures.turn-the-nut"), Say.it("pictures.the-port")));
            case "proof", "test" -> StepPictures.gauge(f, "proof", "drinkingTest", "working");
            case "trial" -> c.bender().map(b -> bender(c));
            case "clamp" -> StepPictures.hangers(f, "spacing");
            case "swage" -> f.said("socket").map(t -> InsertPicture.of(t, Say.it("pictures.socket"), Fill.METAL));
            default -> Optional.empty();
        };
    }

    private static TubeSide side(TubeCase c, Step step) {
        return c.sides().get(step.id().endsWith("@B") ? 1 : 0);
    }

    /** The way round that cannot be put right once the end is made. */
    private static Optional<Drawing> nut(TubeSide s) {
        return s.traits()
                .filter(t -> t.nut() != EndTraits.Nut.NONE)
                .map(t -> NutPicture.of(
                        Say.it("pictures.nut-thread"), t.sleeve() ? Say.it("pictures.sleeve-mouth") : ""));
    }

    /** Only a flare has these faults. */
    private static Optional<Drawing> looks(TubeCase c, TubeSide s) {
        return s.made()
                .map(m -> FlareLooksPicture.of(
                        Say.it("pictures.good", "across", LengthFormat.figure(m.diameter(), c.units())),
                        Say.it("pictures.small"),
                        Say.it("pictures.lopsided"),
                        Say.it("pictures.cracked")));
    }

    /** As it is set, or to the middle of the band while nothing is, and what comes of it. */
    private static Optional<Drawing> flare(TubeCase c, TubeSide s) {
        return s.bench()
                .flatMap(b -> s.setting()
                        .or(() -> s.settable().map(FlareSetting::good))
                        .map(x -> FlareDrawing.of(
                                b,
                                x,
                                s.made().orElseGet(() -> b.make(x, s.band(), s.threadBore())),
                                s.band(),
                                c.units())));
    }

    private static Drawing bender(TubeCase c) {
        return BenderPicture.of(
                Say.it("pictures.at-line", "mark", c.markWanted().words()), Say.it("pictures.lever"));
    }
}
