package mellowflare.core.picture;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.LabelRoom;
import mellowflare.core.geometry.Letters;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import org.junit.jupiter.api.Test;

/** The pictures of single steps: what they say, that they stay on their paper, and what tells them apart. */
class PicturesTest {
    private static final Map<String, Drawing> ALL = Map.of(
            "fall", FallPicture.of("10 mm", "on each metre, to the drain"),
            "nut", NutPicture.of("nut: thread towards the end", ""),
            "nut with sleeve", NutPicture.of("nut: thread towards the end", "sleeve: wide mouth towards the end"),
            "thread", TapedThreadPicture.of("PTFE tape", "first thread bare", "clockwise, from the end"),
            "looks", FlareLooksPicture.of("good: full, 12.07 mm", "too small", "lopsided", "cracked"));

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
}
