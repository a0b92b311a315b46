package mellowflare.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.picture.CrimpPicture;
import mellowflare.core.picture.InsertPicture;
import mellowflare.core.picture.TapePicture;
import mellowflare.core.picture.WrenchPicture;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;

class StepPicturesTest {
    private static StepPictures.Figures figures(String id, Map<String, Figure> figures) {
        return step(id, "t", figures);
    }

    private static StepPictures.Figures told(String text, Map<String, Figure> figures) {
        return step("s", text, figures);
    }

    private static StepPictures.Figures step(String id, String text, Map<String, Figure> figures) {
        return StepPictures.of(
                new Step(
                        id,
                        Subject.HOSE,
                        "t",
                        text,
                        figures,
                        List.of(),
                        Optional.empty(),
                        Step.Gate.NONE,
                        List.of(),
                        List.of(),
                        List.of(),
                        Optional.empty(),
                        List.of(),
                        List.of(),
                        Source.house("test")),
                UnitSystem.METRIC);
    }

    @Test
    void testAStepOfOneEndIsItsRow() {
        assertThat(figures("nipple@B", Map.of()).row()).isEqualTo("nipple");
        assertThat(figures("cut", Map.of()).row()).isEqualTo("cut");
    }

    @Test
    void testAnOpenFigureIsNone() {
        StepPictures.Figures f = figures(
                "cut", Map.of("cut", Figure.of(StepFiller.OPEN), "gap", Figure.of("2 mm"), "none", Figure.of(" ")));
        assertThat(f.text("cut")).isEmpty();
        assertThat(f.text("none")).isEmpty();
        assertThat(f.text("missing")).isEmpty();
        assertThat(f.text("gap")).contains("2 mm");
    }

    @Test
    void testLongWordsAreShortenedAtAWord() {
        assertThat(StepPictures.brief("60 Nm")).isEqualTo("60 Nm");
        assertThat(StepPictures.brief("hand tight, then a quarter turn more with the wrench"))
                .isEqualTo("hand tight, then a quarter …");
    }

    /** Thirty letters are held, and one word of more is cut where it must be. */
    @Test
    void testThirtyLettersAreHeld() {
        String thirty = "abcdefghi abcdefghi abcdefghij";
        assertThat(StepPictures.brief(thirty)).isEqualTo(thirty);
        assertThat(StepPictures.brief(thirty + "k")).isEqualTo("abcdefghi abcdefghi …");
        assertThat(StepPictures.brief("a".repeat(31))).isEqualTo("a".repeat(30) + " …");
        assertThat(StepPictures.brief(" " + "a".repeat(31))).isEqualTo(" " + "a".repeat(29) + " …");
        assertThat(figures("@B", Map.of()).row()).isEmpty();
    }

    /** Only what the words of the step say is drawn. */
    @Test
    void testAPictureIsDrawnOfWhatTheStepSays() {
        StepPictures.Figures says = told(
                "Tape: {sealant}; test at {proof} for {minutes}; clips {every}.",
                Map.of(
                        "sealant", Figure.of("two turns of tape"),
                        "proof", Figure.of("18 bar"),
                        "minutes", Figure.of("10 min"),
                        "every", Figure.of("1.2 m"),
                        "other", Figure.of("9 bar")));
        assertThat(words(StepPictures.thread(says))).anyMatch(w -> w.contains("two turns of tape"));
        assertThat(words(StepPictures.gauge(says, "other", "proof")))
                .anyMatch(w -> w.contains("18 bar"))
                .anyMatch(w -> w.contains("10 min"));
        assertThat(StepPictures.hangers(says, "every").orElseThrow().dimensions())
                .anyMatch(d -> d.text().contains("1.2 m"));
        StepPictures.Figures silent =
                told("Nothing of it.", Map.of("sealant", Figure.of("tape"), "proof", Figure.of("18 bar")));
        assertThat(StepPictures.thread(silent)).isEmpty();
        assertThat(StepPictures.gauge(silent, "proof")).isEmpty();
        assertThat(StepPictures.hangers(silent, "every")).isEmpty();
    }

    private static List<String> words(Optional<Drawing> drawing) {
        return drawing.orElseThrow().shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(s -> ((Shape.Label) s).text() + ", " + ((Shape.Label) s).under())
                .toList();
    }

    /** Every point of every picture lies in its box, but for what the painter puts round it. */
    @Test
    void testPicturesStayInTheirBoxes() {
        for (Drawing d : List.of(
                TapePicture.marked("1056 mm", "square end", Fill.WIRE),
                TapePicture.measured("1140 mm", "sealing point", Fill.METAL),
                InsertPicture.of("30.8 mm", "hose end", Fill.WIRE),
                CrimpPicture.of("26.3 mm", Fill.WIRE),
                WrenchPicture.of("60 Nm", "turn", "port"))) {
            for (Shape s : d.shapes()) {
                if (s instanceof Shape.Path p) {
                    for (Point at : p.points()) {
                        assertThat(d.box().holds(at)).as(s.toString()).isTrue();
                    }
                }
            }
        }
    }
}
