package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;

class DrawingTest {
    private static final Drawing PLAIN = new Drawing.Sheet()
            .spot(Subject.TUBE, 10, 0, 20, 10)
            .spot(Subject.END_A, 0, 0, 8, 8)
            .done(0, 0, 100, 50);

    private static Finding failed(Severity severity, Subject about) {
        return Finding.fail(
                new RuleText("test", severity, "It fails.", "It holds.", "", "Mend it.", Source.of("ISO 1")),
                about,
                Map.of());
    }

    private static long closed(Drawing d, Pen pen) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Path p && p.pen() == pen && p.closed())
                .count();
    }

    @Test
    void testTheWorstAboutAPartIsMarkedAndANoteIsNot() {
        List<Finding> findings = List.of(
                failed(Severity.WARN, Subject.TUBE),
                failed(Severity.STOP, Subject.TUBE),
                failed(Severity.WARN, Subject.END_A),
                failed(Severity.NOTE, Subject.END_B));
        Map<Subject, Severity> marks = Finding.marks(findings);
        assertThat(marks)
                .containsExactlyInAnyOrderEntriesOf(Map.of(Subject.TUBE, Severity.STOP, Subject.END_A, Severity.WARN));
        Drawing marked = PLAIN.marked(marks);
        assertThat(closed(marked, Pen.STOP)).as("octagons").isEqualTo(1);
        assertThat(closed(marked, Pen.WARN)).as("diamonds").isEqualTo(1);
        assertThat(marked.spots()).isEqualTo(PLAIN.spots());
        assertThat(marked.box()).isEqualTo(PLAIN.box());
    }

    @Test
    void testAPartThatIsNotShownGetsNoMark() {
        assertThat(PLAIN.marked(Map.of(Subject.MAIN, Severity.STOP)).shapes()).isEmpty();
    }
}
