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
        return StepPictures.of(
                new Step(
                        id,
                        Subject.HOSE,
                        "t",
                        "t",
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
