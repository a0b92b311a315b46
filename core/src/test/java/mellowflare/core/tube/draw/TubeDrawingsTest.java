package mellowflare.core.tube.draw;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.TubeSamples;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.Bending;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeCut;
import mellowflare.core.tube.line.TubeLine;
import org.junit.jupiter.api.Test;

/** What is drawn of a tube is true: sizes by the scale of the drawing, words by the findings. */
class TubeDrawingsTest {
    private static TubeCase way(Vector... corners) {
        return TubeSamples.with(l -> l.withMeasured(new Measured.Points(List.of(corners))));
    }

    private static Stream<Point> points(Drawing d) {
        return d.shapes().stream().flatMap(TubeDrawingsTest::points);
    }

    private static Stream<Point> points(Shape s) {
        if (s instanceof Shape.Path p) {
            return p.points().stream();
        }
        if (s instanceof Shape.Glow g) {
            return g.points().stream();
        }
        if (s instanceof Shape.Disc d) {
            return Stream.of(d.centre());
        }
        if (s instanceof Shape.Label l) {
            return Stream.of(l.at());
        }
        if (s instanceof Shape.Dimension d) {
            return Stream.of(d.from(), d.to());
        }
        Shape.Leader l = (Shape.Leader) s;
        return Stream.of(l.from(), l.to());
    }

    private static List<String> labels(Drawing d) {
        return d.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(s -> ((Shape.Label) s).text())
                .toList();
    }

    private static List<Shape.Path> paths(Drawing d, Pen pen) {
        return d.shapes().stream()
                .filter(Shape.Path.class::isInstance)
                .map(Shape.Path.class::cast)
                .filter(p -> p.pen() == pen)
                .toList();
    }

    private static long discs(Drawing d, Pen pen) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Disc disc && disc.pen() == pen)
                .count();
    }

    private static double length(List<Point> line) {
        double sum = 0;
        for (int i = 1; i < line.size(); i++) {
            sum += distance(line.get(i), line.get(i - 1));
        }
        return sum;
    }

    private static double distance(Point a, Point b) {
        return Math.hypot(a.x() - b.x(), a.y() - b.y());
    }

    @Test
    void bothEndsGlowInEveryViewAndTheSizesOverAllAreTrue() {
        Drawing d = ShapeDrawing.page(TubeSamples.of(TubeSamples.line()), 30, 25, Optional.empty())
                .orElseThrow();
        assertThat(d.glows()).hasSize(2 * 4);
        // 290 along and 120 across; flat, so only the length stands in the other two views.
        assertThat(d.dimensions())
                .extracting(Shape.Dimension::text)
                .containsExactly("290 mm", "120 mm", "290 mm", "120 mm");
        assertThat(labels(d)).contains("2", "3", "1  pump", "4  valve", "from above", "x", "y", "z");
        Shape.Dimension along = d.dimensions().get(0);
        Shape.Dimension across = d.dimensions().get(1);
        assertThat(distance(along.from(), along.to()) / distance(across.from(), across.to()))
                .isCloseTo(290 / 120.0, within(1e-9));
    }

    @Test
    void theCornerThatIsWorkedOnIsRinged() {
        TubeCase c = TubeSamples.of(TubeSamples.line());
        assertThat(discs(ShapeDrawing.page(c, 0, 0, Optional.empty()).orElseThrow(), Pen.SELECTED))
                .isZero();
        assertThat(discs(ShapeDrawing.page(c, 0, 0, Optional.of(2)).orElseThrow(), Pen.SELECTED))
                .isOne();
    }

    @Test
    void whatMakesNoTubeIsMarkedWhereItFails() {
        TubeCase c = way(new Vector(0, 0, 0), new Vector(100, 0, 0), new Vector(100, 30, 0), new Vector(200, 30, 0));
        assertThat(c.path()).isEmpty();
        Drawing d = ShapeDrawing.page(c, 30, 25, Optional.empty()).orElseThrow();
        assertThat(discs(d, Pen.STOP)).isEqualTo(4);
        assertThat(ShapeDrawing.page(
                        TubeSamples.with(l -> l.withMeasured(new Measured.Template(Length.ofMm(640)))),
                        0,
                        0,
                        Optional.empty()))
                .isEmpty();
    }

    /** Any tube, turned any way, stays in its picture, wide or tall. */
    @Test
    void nothingIsDrawnOutsideThePicture() {
        Random random = new Random(11);
        for (int i = 0; i < 200; i++) {
            List<Vector> corners = new ArrayList<>(List.of(Vector.ZERO));
            for (int k = 0; k < 1 + random.nextInt(24); k++) {
                Vector last = corners.get(corners.size() - 1);
                double[] step = {0, 0, 0};
                step[(k + random.nextInt(2)) % 3] = (random.nextBoolean() ? 1 : -1) * random.nextDouble(90, 900);
                corners.add(last.plus(new Vector(step[0], step[1], step[2])));
            }
            TubeCase c = way(corners.toArray(Vector[]::new));
            for (ShapeDrawing.Layout layout : ShapeDrawing.Layout.values()) {
                Drawing d = ShapeDrawing.page(
                                c, random.nextDouble(360), random.nextDouble(-90, 90), Optional.empty(), layout)
                        .orElseThrow();
                Drawing.Box room = new Drawing.Box(
                        d.box().left() - 30,
                        d.box().bottom() - 30,
                        d.box().right() + 30,
                        d.box().top() + 30);
                assertThat(points(d).filter(p -> !room.holds(p)))
                        .as("tube %d, %s", i, layout)
                        .isEmpty();
            }
        }
    }

    @Test
    void longTubesAreNumberedByFives() {
        List<Vector> corners = new ArrayList<>();
        for (int i = 0; i < 21; i++) {
            corners.add(new Vector(i / 2 * 200, (i + 1) / 2 % 2 * 200, 0));
        }
        Drawing d = ShapeDrawing.page(way(corners.toArray(Vector[]::new)), 30, 25, Optional.empty())
                .orElseThrow();
        assertThat(labels(d)).contains("5", "10", "15", "20").doesNotContain("4", "11");
    }

    /** A mark on the strip stands where the rule would have it, and from B it is the same place counted from the other end. */
    @Test
    void marksStandToScale() {
        TubeCase c = TubeSamples.of(TubeSamples.line());
        TubeCut cut = c.cut().orElseThrow();
        // Both ends are squared up before the bends are marked; what is left on for trimming still lies behind end B.
        double whole = cut.exact().minus(cut.squareUp()).mm();
        for (LineEnd from : LineEnd.values()) {
            Drawing d = MarkStrip.of(c, from).orElseThrow();
            Shape.Dimension over = d.dimensions().get(0);
            double scale = distance(over.from(), over.to()) / whole;
            List<Double> drawn = paths(d, Pen.SELECTED).stream()
                    .map(p -> p.points().get(0).x() / scale)
                    .toList();
            List<Double> meant = c.marks(from).stream()
                    .map(m -> m.at(c.bender().orElseThrow().mark()).mm())
                    .toList();
            assertThat(drawn).hasSize(2);
            assertThat(over.text()).startsWith(Math.round(whole) + " mm");
            double trimmed = paths(d, Pen.HIDDEN).get(0).points().get(0).x() / scale;
            assertThat(from == LineEnd.A ? whole - trimmed : trimmed).isCloseTo(10, within(1e-9));
            for (int i = 0; i < 2; i++) {
                assertThat(drawn.get(i)).isCloseTo(meant.get(i), within(1e-9));
            }
        }
        List<BendMark> a = c.marks(LineEnd.A);
        List<BendMark> b = c.marks(LineEnd.B);
        // Whichever end is measured from, a bend keeps its number; from B the last one comes first.
        assertThat(labels(MarkStrip.of(c, LineEnd.A).orElseThrow()).get(0)).startsWith("1: ");
        assertThat(labels(MarkStrip.of(c, LineEnd.B).orElseThrow()).get(0)).startsWith("2: ");
        assertThat(c.bendings(LineEnd.B)).extracting(Bending::number).containsExactly(1, 2);
        assertThat(c.bendings(LineEnd.B).get(0).mark()).isEqualTo(b.get(1));
        // Begin and end change places.
        assertThat(a.get(0).start().mm()
                        + 2 * (a.get(0).middle().mm() - a.get(0).start().mm()))
                .isCloseTo(
                        whole
                                - b.stream()
                                        .filter(m -> m.bend() == 0)
                                        .findFirst()
                                        .orElseThrow()
                                        .start()
                                        .mm(),
                        within(1e-6));
    }

    @Test
    void aStripNeedsMarksAndACut() {
        assertThat(MarkStrip.of(TubeSamples.of(TubeLine.NEW), LineEnd.A)).isEmpty();
        assertThat(MarkStrip.of(way(Vector.ZERO, new Vector(300, 0, 0)), LineEnd.A))
                .isEmpty();
    }

    /** True size: the centre line on the template is as long as that of the tube, and the outlines lie its diameter apart. */
    @Test
    void theTemplateIsTrueSize() {
        TubeCase c = TubeSamples.of(TubeSamples.line());
        List<Drawing> all = BendTemplate.of(c);
        assertThat(all).hasSize(1);
        Drawing d = all.get(0);
        BentPath path = c.path().orElseThrow();
        assertThat(length(paths(d, Pen.CENTRE_LINE).get(0).points()))
                .isCloseTo(path.developed(), within(path.developed() * 0.001));
        List<Shape.Path> outlines = paths(d, Pen.OUTLINE);
        Point one = outlines.get(0).points().get(0);
        Point other = outlines.get(1).points().get(0);
        assertThat(distance(one, other)).isCloseTo(9.525, within(1e-9));
        assertThat(d.box().width()).isGreaterThan(d.box().height());
        assertThat(labels(d)).containsExactly("1: 90°", "2: 90°");
    }

    @Test
    void aTubeOutOfOnePlaneHasATemplateForEachStretch() {
        TubeCase c = way(
                Vector.ZERO,
                new Vector(200, 0, 0),
                new Vector(200, 200, 0),
                new Vector(400, 200, 0),
                new Vector(400, 200, 200));
        assertThat(BendTemplate.of(c)).hasSize(2);
        assertThat(BendTemplate.of(c).stream().flatMap(d -> labels(d).stream())).contains("1: 90°", "2: 90°", "3: 90°");
        assertThat(BendTemplate.of(TubeSamples.of(TubeLine.NEW))).isEmpty();
    }

    @Test
    void theStripShowsWhatIsSettledWhatIsOpenAndWhatStops() {
        Drawing sound = TubePlan.of(TubeSamples.of(TubeSamples.line())).largeStrip();
        assertThat(sound.glows()).hasSize(4);
        assertThat(paths(sound, Pen.STOP)).isEmpty();
        assertThat(sound.spots())
                .extracting(Drawing.Spot::subject)
                .contains(Subject.END_A, Subject.TUBE_END_A, Subject.TUBE, Subject.TUBE_END_B, Subject.END_B);
        assertThat(sound.dimensions()).isNotEmpty();

        Drawing wrong = TubePlan.of(
                        TubeSamples.of(TubeSamples.line(), TubeSamples.service(), EndCode.SAE45, "3/8", Practice.USUAL))
                .strip();
        assertThat(paths(wrong, Pen.STOP)).isNotEmpty();

        Drawing open = TubePlan.of(TubeSamples.of(TubeLine.NEW, Service.UNSAID, EndCode.JIC37, "-6", Practice.USUAL))
                .strip();
        assertThat(open.glows()).isEmpty();
        assertThat(paths(open, Pen.SELECTED)).isNotEmpty();
        assertThat(paths(open, Pen.STOP)).isEmpty();
    }

    @Test
    void brazedEndsHaveNoNut() {
        TubeCase brazed = TubeSamples.with(l -> l.withEnd(LineEnd.A, TubeSamples.end(TubeEndKind.SWAGE, "none"))
                .withEnd(LineEnd.B, TubeSamples.end(TubeEndKind.SWAGE, "none")));
        Drawing with = TubePlan.of(TubeSamples.of(TubeSamples.line())).strip();
        Drawing without = TubePlan.of(brazed).strip();
        // A nut shows two lines of its flats.
        assertThat(paths(with, Pen.FINE).size() - paths(without, Pen.FINE).size())
                .isEqualTo(4);
    }
}
