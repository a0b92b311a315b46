package mellowflare.core.air;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.day.DayRun;
import mellowflare.core.air.draw.DayPlot;
import mellowflare.core.air.draw.MainDrawing;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.AirMain;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.run.cut.BarStrips;
import mellowflare.core.run.walk.Turn;
import mellowflare.core.run.walk.Walked;
import org.junit.jupiter.api.Test;

class AirDrawingsTest {
    private static Drawing draw(AirMain m, double turn, double tilt, String chosen) {
        AirPlan p = AirPlan.of(AirSamples.of(m));
        return MainDrawing.page(p.c(), p.findings(), turn, tilt, Optional.ofNullable(chosen));
    }

    private static void within(Drawing d, double slack) {
        for (Shape s : d.shapes()) {
            List<Point> points = s instanceof Shape.Path p
                    ? p.points()
                    : s instanceof Shape.Disc c
                            ? List.of(c.centre())
                            : s instanceof Shape.Glow g ? g.points() : List.of();
            for (Point p : points) {
                assertThat(p.x()).isBetween(d.box().left() - slack, d.box().right() + slack);
                assertThat(p.y()).isBetween(d.box().bottom() - slack, d.box().top() + slack);
            }
        }
    }

    private static long discs(Drawing d) {
        return d.shapes().stream().filter(Shape.Disc.class::isInstance).count();
    }

    /** In a large shop sound fittings would lie over each other: they are left out, what is wrong is not. */
    @Test
    void testALargeShopIsDrawnFinerAndWhatIsWrongIsStillMarked() {
        AirMain small = AirSamples.comb(10);
        AirMain large = AirSamples.comb(60);
        // Elbow and tees of the small one stand beside its outlets; of the large one the outlets and the compressor are
        // left, and the ring round the tightest outlet.
        assertThat(discs(draw(small, 28, 30, null))).isGreaterThan(10 + 10);
        assertThat(discs(draw(large, 28, 30, null))).isEqualTo(60 + 1 + 1);
        List<Piece> open = new ArrayList<>(large.pieces());
        open.add(AirSamples.pipe("tail", Turn.AHEAD, 2));
        Drawing wrong = draw(large.withPieces(open), 28, 30, null);
        assertThat(wrong.shapes().stream()
                        .filter(s -> s instanceof Shape.Disc d && d.pen() == Pen.STOP)
                        .count())
                .isEqualTo(1);
    }

    /** Each pipe has the shade of its speed against the guide, with the scale beside; the tightest outlet alone is ringed. */
    @Test
    void testSpeedWaterAndTheTightestOutletAreDrawnOnTheLine() {
        AirPlan plan = AirPlan.of(AirSamples.of(AirSamples.comb(4)));
        Drawing d = MainDrawing.page(plan.c(), plan.findings(), 28, 30, Optional.empty());
        Map<Fill, Long> pipes = new EnumMap<>(Fill.class);
        plan.c().sized().stream()
                .filter(s -> s.run().kind() != Walked.Kind.HOSE)
                .forEach(s -> {
                    double share = plan.c().together().flow().pipes().stream()
                                    .filter(p -> p.pipe().name().equals(s.name()))
                                    .mapToDouble(p -> p.metresPerSecond())
                                    .findFirst()
                                    .orElse(0)
                            / (s.run().kind() == Walked.Kind.MAIN ? 9 : 15);
                    Fill fill = share == 0
                            ? Fill.METAL
                            : share > 1
                                    ? Fill.OVER
                                    : share > 2.0 / 3 ? Fill.DEEP : share > 1.0 / 3 ? Fill.MIDDLE : Fill.PALE;
                    pipes.merge(fill, 1L, Long::sum);
                });
        assertThat(pipes.keySet()).as("a main with more than one speed").hasSizeGreaterThan(1);
        pipes.forEach((fill, count) -> {
            long drawn = d.shapes().stream()
                    .filter(s -> s instanceof Shape.Path p
                            && p.fill() == fill
                            && p.points().size() == 4
                            && p.pen() == Pen.OUTLINE)
                    .count();
            assertThat(drawn).as(fill + " of " + pipes).isGreaterThanOrEqualTo(fill == Fill.METAL ? 0 : count);
        });
        assertThat(d.shapes().stream()
                        .filter(s -> s instanceof Shape.Disc c && c.pen() == Pen.SELECTED)
                        .count())
                .isEqualTo(1);
        assertThat(d.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().startsWith("speed"));
    }

    /** The name of the compressor stands on the paper, wherever it comes to lie. */
    @Test
    void testTheCompressorsNameStaysOnThePaper() {
        for (double turn = 0; turn < 360; turn += 15) {
            Drawing d = draw(AirSamples.comb(60), turn, 30, null);
            Shape.Label name = d.shapes().stream()
                    .filter(s -> s instanceof Shape.Label l && l.text().startsWith("screw"))
                    .map(Shape.Label.class::cast)
                    .findFirst()
                    .orElseThrow();
            double wide = 5 * name.text().length();
            double left = name.at().x()
                    - switch (name.anchor()) {
                        case START -> 0;
                        case MIDDLE -> wide / 2;
                        case END -> wide;
                    };
            assertThat(left).as("turn %s", turn).isGreaterThan(d.box().left() - 12);
            assertThat(left + wide).as("turn %s", turn).isLessThan(d.box().right() + 12);
        }
    }

    /** Names of outlets never lie over each other in a shop that has room for them. */
    @Test
    void testNamesOfOutletsKeepClearOfEachOther() {
        for (double turn = 0; turn < 360; turn += 30) {
            List<Shape.Label> names = draw(AirSamples.ring(), turn, 30, null).shapes().stream()
                    .filter(s -> s instanceof Shape.Label l
                            && (l.text().equals("bench") || l.text().equals("pit")))
                    .map(Shape.Label.class::cast)
                    .toList();
            assertThat(names).hasSize(2).allMatch(l -> l.role() == Shape.Role.OVER);
            assertThat(Math.hypot(
                            names.get(0).at().x() - names.get(1).at().x(),
                            names.get(0).at().y() - names.get(1).at().y()))
                    .as("turn %s", turn)
                    .isGreaterThan(12);
        }
    }

    @Test
    void testTheMainStaysInItsPictureHoweverItIsTurned() {
        AirMain room = AirSamples.ring()
                .withShop(AirSamples.ring()
                        .shop()
                        .withSize(
                                Optional.of(Length.ofMm(18_000)),
                                Optional.of(Length.ofMm(9000)),
                                Optional.of(Length.ofMm(4000))));
        for (double turn = 0; turn < 360; turn += 45) {
            for (double tilt = 0; tilt <= 90; tilt += 30) {
                within(draw(room, turn, tilt, "m2"), 12);
            }
        }
    }

    @Test
    void testOnlyWhereTheChosenPieceSealsItGlows() {
        assertThat(draw(AirSamples.ring(), 28, 30, null).glows()).isEmpty();
        assertThat(draw(AirSamples.ring(), 28, 30, "m2").glows()).hasSize(2);
    }

    @Test
    void testAnOpenEndIsMarkedAndAShortOutletSaysWhatItHas() {
        List<Piece> open = new ArrayList<>(AirSamples.small().pieces());
        open.remove(8);
        Drawing d = draw(AirSamples.small().withPieces(open), 28, 30, null);
        assertThat(d.shapes())
                .anyMatch(s -> s instanceof Shape.Disc c && c.pen() == Pen.STOP)
                .anyMatch(s -> s instanceof Shape.Label l
                        && l.text().equals("bench")
                        && l.under().endsWith("bar"));
    }

    @Test
    void testAWarningAtAPlaceIsMarkedThere() {
        List<Piece> dry = new ArrayList<>(AirSamples.small().pieces());
        dry.set(8, new Piece.Cap("far"));
        Drawing d = draw(AirSamples.small().withPieces(dry), 28, 30, null);
        assertThat(d.shapes()).anyMatch(s -> s instanceof Shape.Path p && p.pen() == Pen.WARN && p.closed());
    }

    @Test
    void testAnUnsizedMainIsDashed() {
        Drawing d = draw(AirSamples.small().withSize(Optional.empty()).withDropSize(Optional.empty()), 28, 30, null);
        assertThat(d.shapes()).anyMatch(s -> s instanceof Shape.Path p && p.pen() == Pen.MEASURED && p.closed());
    }

    @Test
    void testTheStripSaysWhatIsOpenAndWhereItStops() {
        Drawing none = AirPlan.of(AirSamples.of(AirMain.NEW)).strip();
        assertThat(none.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("?"));
        assertThat(none.spots()).extracting(Drawing.Spot::subject).contains(Subject.COMPRESSOR, Subject.MAIN);
        Drawing pvc = AirPlan.of(AirSamples.of(AirSamples.small().withSystem(Optional.of("pvc"))))
                .strip();
        assertThat(pvc.shapes()).anyMatch(s -> s instanceof Shape.Path p && p.pen() == Pen.STOP);
    }

    @Test
    void testTheDayIsDrawnOverItsHours() {
        AirCase c = AirSamples.of(AirSamples.ring());
        Drawing d = DayPlot.of(c, DayRun.of(c, 1, p -> {}, () -> false).orElseThrow());
        within(d, 0.5);
        assertThat(d.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("8 h"))
                .anyMatch(s -> s instanceof Shape.Label l && l.text().equals("cuts in"));
    }

    @Test
    void testEveryBarIsDrawnWithItsPieces() {
        AirMain m = AirSamples.ring();
        AirCase c = AirSamples.of(m);
        Map<String, CutPlan> bars = c.work().orElseThrow().bars(m, c.system().orElseThrow());
        Drawing d = BarStrips.of(bars, UnitSystem.METRIC);
        within(d, 4);
        long pieces = bars.values().stream()
                .flatMap(p -> p.bars().stream())
                .mapToLong(b -> b.pieces().size())
                .sum();
        assertThat(d.shapes().stream()
                        .filter(s -> s instanceof Shape.Path p && p.pen() == Pen.OUTLINE)
                        .count())
                .isEqualTo(pieces);
    }
}
