package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

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

    @Test
    void testABoxHoldsItsEdges() {
        Drawing.Box box = new Drawing.Box(1, 2, 4, 8);
        assertThat(box.width()).isEqualTo(3);
        assertThat(box.height()).isEqualTo(6);
        for (double x : new double[] {0.9, 1, 2, 4, 4.1}) {
            for (double y : new double[] {1.9, 2, 5, 8, 8.1}) {
                assertThat(box.holds(new Point(x, y))).as(x + " " + y).isEqualTo(x >= 1 && x <= 4 && y >= 2 && y <= 8);
            }
        }
    }

    @Test
    void testPartsAreFoundByNameTheSmallestFirst() {
        Drawing d = new Drawing.Sheet()
                .spot(Subject.TUBE, "tube", 0, 0, 10, 10)
                .spot(Subject.END_A, "nut", 4, 4, 6, 9)
                .spot(Subject.END_B, 0, 0, 10, 10)
                .spot(Subject.END_B, "far", 20, 20, 30, 30)
                .done(0, 0, 40, 40);
        assertThat(d.named(new Point(5, 5))).extracting(Drawing.Spot::part).containsExactly("nut", "tube");
        assertThat(d.named(new Point(1, 1))).extracting(Drawing.Spot::part).containsExactly("tube");
        assertThat(d.named(new Point(15, 15))).isEmpty();
    }

    @Test
    void testASheetGathersWhatIsDrawn() {
        Drawing.Sheet sheet = new Drawing.Sheet();
        assertThat(sheet.top()).isZero();
        assertThat(sheet.line(Pen.FINE, new Point(0, 1), new Point(5, 2))
                        .rect(Pen.OUTLINE, Fill.METAL, 1, 2, 3, 4)
                        .glow(new Point(0, 90), new Point(1, 90))
                        .label(new Point(0, 80), "word", "under", Shape.Role.NAME, Shape.Anchor.START)
                        .add(new Shape.Dimension(new Point(0, 0), new Point(5, 0), 1, "5", true))
                        .spot(Subject.TUBE, 0, 0, 1, 1)
                        .mark(Severity.NOTE, new Point(0, 0)))
                .isSameAs(sheet);
        assertThat(sheet.top()).isEqualTo(4);
        sheet.add(new Shape.Disc(new Point(0, 3), 2, Pen.OUTLINE, Fill.PAPER));
        assertThat(sheet.top()).isEqualTo(5);
        Drawing d = sheet.done(-1, -2, 30, 40);
        assertThat(d.box()).isEqualTo(new Drawing.Box(-1, -2, 30, 40));
        assertThat(d.shapes()).hasSize(6);
        assertThat(((Shape.Path) d.shapes().get(1)).points())
                .containsExactly(new Point(1, 2), new Point(3, 2), new Point(3, 4), new Point(1, 4));
        assertThat(d.glows()).hasSize(1);
        assertThat(d.dimensions()).hasSize(1);
        assertThat(d.wordless().shapes()).hasSize(5).noneMatch(Shape.Label.class::isInstance);
        assertThat(d.wordless().spots()).isEqualTo(d.spots());
        assertThat(d.brief().shapes())
                .contains(new Shape.Label(new Point(0, 80), "word", "", Shape.Role.NAME, Shape.Anchor.START));
    }

    /** An octagon of radius 5 with a stroke above a point, and a diamond of 5.5. */
    @Test
    void testMarksLieWhereTheyArePut() {
        Point at = new Point(20, 30);
        Drawing.Sheet stop = new Drawing.Sheet();
        assertThat(stop.mark(Map.of(Subject.TUBE, Severity.STOP), Subject.TUBE, at))
                .isSameAs(stop);
        List<Shape> shapes = stop.done(0, 0, 1, 1).shapes();
        List<Point> octagon = ((Shape.Path) shapes.get(0)).points();
        assertThat(octagon)
                .hasSize(8)
                .allSatisfy(p -> assertThat(Math.hypot(p.x() - 20, p.y() - 30)).isCloseTo(5, within(1e-9)));
        assertThat(octagon.get(0).x() - 20).isCloseTo(5 * Math.cos(Math.PI / 8), within(1e-9));
        assertThat(octagon.get(1).x() - 20).isCloseTo(5 * Math.sin(Math.PI / 8), within(1e-9));
        assertThat(octagon.get(2).x() - 20).isCloseTo(-5 * Math.sin(Math.PI / 8), within(1e-9));
        assertThat(((Shape.Path) shapes.get(1)).points()).containsExactly(new Point(20, 32.6), new Point(20, 29.4));
        assertThat(((Shape.Path) shapes.get(2)).points()).containsExactly(new Point(20, 27.8), new Point(20, 27.4));
        Drawing.Sheet warn = new Drawing.Sheet();
        assertThat(warn.mark(Map.of(Subject.TUBE, Severity.WARN), Subject.TUBE, at))
                .isSameAs(warn);
        assertThat(((Shape.Path) warn.done(0, 0, 1, 1).shapes().get(0)).points())
                .containsExactly(new Point(20, 35.5), new Point(25.5, 30), new Point(20, 24.5), new Point(14.5, 30));
        Drawing.Sheet none = new Drawing.Sheet();
        assertThat(none.mark(Map.of(Subject.TUBE, Severity.STOP), Subject.END_A, at))
                .isSameAs(none);
        assertThat(none.done(0, 0, 1, 1).shapes()).isEmpty();
    }

    /** The mark stands off the upper right corner of the middle one of a part's places. */
    @Test
    void testTheMarkOfAPartStandsAtItsMiddlePlace() {
        Drawing d = new Drawing.Sheet()
                .spot(Subject.TUBE, 0, 0, 10, 10)
                .spot(Subject.TUBE, 20, 0, 30, 12)
                .spot(Subject.TUBE, 40, 0, 50, 10)
                .done(0, 0, 60, 20)
                .marked(Map.of(Subject.TUBE, Severity.WARN));
        assertThat(((Shape.Path) d.shapes().get(0)).points().get(0)).isEqualTo(new Point(34, 21.5));
    }

    @Test
    void testAPointIsMirroredInTheAxis() {
        assertThat(new Point(3, 4).mirrored()).isEqualTo(new Point(3, -4));
    }
}
