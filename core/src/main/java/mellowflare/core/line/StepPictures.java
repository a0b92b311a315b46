package mellowflare.core.line;

import java.util.Arrays;
import java.util.Optional;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.picture.GaugePicture;
import mellowflare.core.picture.HangerPicture;
import mellowflare.core.picture.TapedThreadPicture;
import mellowflare.core.picture.WrenchPicture;
import mellowflare.core.procedure.Step;

/** What pictures of steps read from a step: which row it is, and its figures as they stand in its words. */
public final class StepPictures {
    /** A picture holds so many letters beside it. */
    private static final int MOST = 30;

    private StepPictures() {}

    /** The figures of a step. */
    public static Figures of(Step step, UnitSystem units) {
        return new Figures(step, units);
    }

    /**
     * A step's figures.
     *
     * @param step the step
     * @param units the job's system
     */
    public record Figures(Step step, UnitSystem units) {
        /** The row of the table that the step came from, whichever end it is for. */
        public String row() {
            int at = step.id().indexOf('@');
            return at < 0 ? step.id() : step.id().substring(0, at);
        }

        /** A figure as it stands in the words; empty while it is open. */
        public Optional<String> text(String name) {
            return Optional.ofNullable(step.figures().get(name))
                    .map(f -> f.text(units))
                    .filter(t -> !t.isBlank() && !t.equals(StepFiller.OPEN));
        }

        /** A figure that the words of the step say; empty where they do not. */
        public Optional<String> said(String name) {
            return text(name).filter(step.says(units)::contains);
        }
    }

    /** The male thread with its sealant, for a step that says what goes on it; empty for any other. */
    public static Optional<Drawing> thread(Figures f) {
        return f.said("sealant")
                .map(t -> TapedThreadPicture.of(
                        brief(t), Say.it("step-pictures.first-bare"), Say.it("step-pictures.with-the-thread")));
    }

    /** The gauge of a test, for a step that says to which pressure; empty for any other. */
    public static Optional<Drawing> gauge(Figures f, String... pressures) {
        return Arrays.stream(pressures)
                .flatMap(name -> f.said(name).stream())
                .findFirst()
                .map(t -> GaugePicture.of(
                        t, Say.it("step-pictures.slowly"), f.said("minutes").orElse("")));
    }

    /** Clips or hangers at their greatest distance, for a step that says it; empty for any other. */
    public static Optional<Drawing> hangers(Figures f, String spacing) {
        return f.said(spacing)
                .map(t -> HangerPicture.of(
                        Say.it("step-pictures.at-most", "spacing", t), Say.it("step-pictures.near-a-turn")));
    }

    /** Two wrenches on a joint: one holds. */
    public static Drawing wrenches(String figure) {
        return WrenchPicture.of(brief(figure), Say.it("step-pictures.turns"), Say.it("step-pictures.holds"));
    }

    /** Words short enough for a picture; the step has the rest. */
    public static String brief(String words) {
        if (words.length() <= MOST) {
            return words;
        }
        int end = words.lastIndexOf(' ', MOST);
        return words.substring(0, end > 0 ? end : MOST).replaceAll("[,;:]$", "") + " …";
    }
}
