package mellowflare.core.picture;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.LabelRoom;
import mellowflare.core.geometry.Letters;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import org.junit.jupiter.api.Test;

/** The pictures of single steps: what they say, that they stay on their paper, and what tells them apart. */
class PicturesTest {
    private static final List<String> MOMENTS =
            List.of("nut right back", "by hand, ring touches", "back, one turn at most", "hold it, nut tight");

    private static final Map<String, Drawing> ALL = Map.ofEntries(
            Map.entry("fall", FallPicture.of("10 mm", "on each metre, to the drain")),
            Map.entry("nut", NutPicture.of("nut: thread towards the end", "")),
            Map.entry(
                    "nut with sleeve",
                    NutPicture.of("nut: thread towards the end", "sleeve: wide mouth towards the end")),
            Map.entry("thread", TapedThreadPicture.of("PTFE tape", "first thread bare", "clockwise, from the end")),
            Map.entry("looks", FlareLooksPicture.of("good: full, 12.07 mm", "too small", "lopsided", "cracked")),
            Map.entry(
                    "socket",
                    SocketPicture.of("38 mm", "on, left-handed, to its stop", "then half a turn back", Fill.RUBBER)),
            Map.entry("gap", GapPicture.of("0.8 mm", "the hose must not creep out", Fill.RUBBER)),
            Map.entry("halves meet", GapPicture.of("", "witness mark: it must not move", Fill.WIRE)),
            Map.entry("boss", BossPicture.of(MOMENTS)),
            Map.entry("ring", RingPipePicture.of("32 mm", List.of("nut", "grip ring", "washer", "O-ring"))),
            Map.entry("bender", BenderPicture.of("leg mark at the bender’s line", "to 90° on the lever")),
            Map.entry("gauge", GaugePicture.of("420 bar", "brought up slowly; it must stay", "10 min")),
            Map.entry("bolts", BoltPicture.of(8, "in this order", "a third, two thirds, full, then round")),
            Map.entry("hangers", HangerPicture.of("1250 mm at most", "one near every turn")),
            Map.entry("drop", DropPicture.of("out of the top", "outlet, with its valve", "leg, with its drain")),
            Map.entry(
                    "extractor",
                    ExtractorPicture.of(
                            "number 4 for size 1/2", "turned the way the thread goes out", "what is left, cut open")));

    private static List<String> words(Drawing d) {
        List<String> words = new ArrayList<>();
        for (Shape s : d.shapes()) {
            if (s instanceof Shape.Label l) {
                words.add(l.text());
            }
        }
        d.dimensions().forEach(x -> words.add(x.text()));
        return words;
    }

    private static List<Shape.Path> paths(Drawing d, Pen pen) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Path p && p.pen() == pen)
                .map(Shape.Path.class::cast)
                .toList();
    }

    @Test
    void testEachSaysWhatItIsGiven() {
        assertThat(words(ALL.get("fall"))).contains("10 mm", "on each metre, to the drain");
        assertThat(words(ALL.get("nut"))).containsExactly("nut: thread towards the end");
        assertThat(words(ALL.get("nut with sleeve"))).contains("sleeve: wide mouth towards the end");
        assertThat(words(ALL.get("thread"))).contains("PTFE tape", "first thread bare", "clockwise, from the end");
        assertThat(words(ALL.get("looks")))
                .containsExactlyInAnyOrder("good: full, 12.07 mm", "too small", "lopsided", "cracked");
    }

    @Test
    void testAllStaysOnThePaper() {
        ALL.forEach((name, d) -> d.shapes().forEach(s -> {
            if (s instanceof Shape.Path p) {
                for (Point at : p.points()) {
                    assertThat(d.box().holds(at)).as(name + " " + at).isTrue();
                }
            }
        }));
    }

    @Test
    void testAtTheSizeOfTheBenchNoWordsLieOnOthers() {
        ALL.forEach((name, d) -> {
            double scale = Math.min(720 / d.box().width(), 133 / d.box().height());
            Letters letters = new Letters(scale, 14, 30);
            assertThat(LabelRoom.crossed(LabelRoom.settled(d, letters), letters).words())
                    .as(name)
                    .isZero();
        });
    }

    /** The run goes down towards the end that the arrow points to, and the level's bubble is at the high end. */
    @Test
    void testTheRunFallsTheWayThatTheArrowPoints() {
        List<Point> pipe = paths(ALL.get("fall"), Pen.OUTLINE).get(0).points();
        assertThat(pipe.get(0).x()).isLessThan(pipe.get(1).x());
        assertThat(pipe.get(0).y()).isGreaterThan(pipe.get(1).y());
        List<Point> arrow = paths(ALL.get("fall"), Pen.SELECTED).stream()
                .filter(p -> p.points().size() == 2)
                .findFirst()
                .orElseThrow()
                .points();
        assertThat(arrow.get(1).x()).isGreaterThan(arrow.get(0).x());
        assertThat(arrow.get(1).y()).isLessThan(arrow.get(0).y());
    }

    /** Three are crossed out and one is not. */
    @Test
    void testOnlyTheGoodFlareIsNotCrossedOut() {
        Drawing d = ALL.get("looks");
        List<Shape.Path> crosses =
                paths(d, Pen.STOP).stream().filter(p -> p.points().size() == 2).toList();
        assertThat(crosses).hasSize(6);
        double tick = paths(d, Pen.SELECTED).get(0).points().get(0).x();
        crosses.forEach(c -> assertThat(c.points().get(0).x()).isGreaterThan(tick + 40));
    }

    /** What seals lies on the thread but not on the first one: it begins a thread from the end. */
    @Test
    void testTheFirstThreadIsBare() {
        Drawing d = ALL.get("thread");
        double end = paths(d, Pen.OUTLINE).get(1).points().stream()
                .mapToDouble(Point::x)
                .max()
                .orElseThrow();
        double sealed = paths(d, Pen.THREAD).get(0).points().stream()
                .mapToDouble(Point::x)
                .max()
                .orElseThrow();
        assertThat(end - sealed).isBetween(11.0, 13.0);
    }

    /** Each bolt once; the next one always lies across, the one after that a quarter round (crosswise pattern of ASME PCC-1). */
    @Test
    void testBoltsAreDrawnUpCrosswise() {
        assertThat(BoltPicture.star(4)).containsExactly(1, 3, 2, 4);
        assertThat(BoltPicture.star(8)).containsExactly(1, 5, 3, 7, 2, 6, 4, 8);
        for (int bolts : new int[] {4, 8, 12, 16, 20}) {
            List<Integer> turn = BoltPicture.star(bolts);
            assertThat(turn).doesNotHaveDuplicates().hasSize(bolts);
            for (int n = 1; n < bolts; n += 2) {
                int across = Math.floorMod(turn.indexOf(n + 1) - turn.indexOf(n), bolts);
                assertThat(across).as("bolt " + n + " of " + bolts).isEqualTo(bolts / 2);
            }
            int quarter = Math.floorMod(turn.indexOf(3) - turn.indexOf(1), bolts);
            assertThat(quarter).isEqualTo(bolts / 4);
        }
        assertThatThrownBy(() -> BoltPicture.star(6)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> BoltPicture.star(0)).isInstanceOf(IllegalArgumentException.class);
    }

    /** Two holes level: none lies on a centre line. */
    @Test
    void testBoltHolesLieOnBothSidesOfTheCentreLine() {
        List<Shape.Disc> holes = ALL.get("bolts").shapes().stream()
                .filter(s -> s instanceof Shape.Disc d
                        && d.fill() == Fill.PAPER
                        && d.centre().x() != 0)
                .map(Shape.Disc.class::cast)
                .toList();
        assertThat(holes).hasSize(8);
        assertThat(holes)
                .allMatch(h -> Math.abs(h.centre().x()) > h.radius()
                        && Math.abs(h.centre().y()) > h.radius());
    }

    @Test
    void testABossElbowHasFourMomentsAndTheirNumbers() {
        List<String> all = new ArrayList<>();
        ALL.get("boss").shapes().forEach(s -> {
            if (s instanceof Shape.Label l) {
                all.add(l.text());
                all.add(l.under());
            }
        });
        assertThat(all)
                .contains(
                        "1 nut right back",
                        "2 by hand, ring touches",
                        "3 back, one turn at most",
                        "4 hold it, nut tight");
        assertThatThrownBy(() -> BossPicture.of(List.of("one"))).isInstanceOf(IllegalArgumentException.class);
    }

    /** The nut comes down on the washer only in the last moment; before it is out of the way. */
    @Test
    void testOnlyInTheLastMomentTheNutIsDown() {
        assertThat(paths(ALL.get("boss"), Pen.OUTLINE)).isNotEmpty();
        List<Double> nuts = paths(ALL.get("boss"), Pen.OUTLINE).stream()
                .map(Shape.Path::points)
                .filter(at -> Math.abs(at.get(1).x() - at.get(0).x() - 38) < 1e-9)
                .map(at -> at.get(0).y())
                .toList();
        assertThat(nuts).hasSize(4);
        assertThat(nuts.get(3)).isLessThan(10);
        assertThat(nuts.subList(0, 3)).allMatch(y -> y >= 30);
    }

    /** Nothing is left between the halves of a joint that meets. */
    @Test
    void testAGapIsDrawnOnlyWhereOneIsLeft() {
        assertThat(words(ALL.get("gap"))).contains("0.8 mm");
        assertThat(ALL.get("halves meet").dimensions()).isEmpty();
        assertThat(paths(ALL.get("halves meet"), Pen.THREAD)).isEmpty();
        assertThat(paths(ALL.get("gap"), Pen.THREAD)).hasSize(1);
    }

    /** Left-handed: seen from the open end it goes on counter-clockwise and comes back clockwise. */
    @Test
    void testASocketGoesOnLeftHandedAndBackTheOtherWay() {
        List<List<Point>> turns = paths(ALL.get("socket"), Pen.SELECTED).stream()
                .map(Shape.Path::points)
                .filter(p -> p.size() > 3)
                .toList();
        assertThat(turns).hasSize(2);
        Point face = ALL.get("socket").shapes().stream()
                .filter(s -> s instanceof Shape.Disc)
                .map(s -> ((Shape.Disc) s).centre())
                .findFirst()
                .orElseThrow();
        assertThat(turned(turns.get(0), face)).isPositive();
        assertThat(turned(turns.get(1), face)).isNegative();
    }

    private static double turned(List<Point> arc, Point middle) {
        double sum = 0;
        for (int i = 1; i < arc.size(); i++) {
            Point a = arc.get(i - 1);
            Point b = arc.get(i);
            sum += (a.x() - middle.x()) * (b.y() - middle.y()) - (a.y() - middle.y()) * (b.x() - middle.x());
        }
        return sum;
    }

    /** The ring's place is next to the end, the nut's farthest from it. */
    @Test
    void testPartsOfARingJointLieInTheirOrder() {
        List<Shape.Label> names = new ArrayList<>();
        ALL.get("ring").shapes().forEach(s -> {
            if (s instanceof Shape.Label l) {
                names.add(l);
            }
        });
        names.sort(Comparator.comparingDouble(l -> l.at().x()));
        assertThat(names).extracting(Shape.Label::text).containsExactly("nut", "grip ring", "washer", "O-ring");
        assertThat(words(ALL.get("ring"))).contains("32 mm");
        assertThatThrownBy(() -> RingPipePicture.of("32 mm", List.of())).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testAGaugeSaysItsTimeOnlyWhereOneIsKnown() {
        assertThat(words(ALL.get("gauge"))).contains("420 bar", "10 min");
        assertThat(words(GaugePicture.of("9 bar", "slowly", ""))).containsExactly("9 bar");
    }
}
