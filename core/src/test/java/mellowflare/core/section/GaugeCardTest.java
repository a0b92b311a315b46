package mellowflare.core.section;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import org.junit.jupiter.api.Test;

class GaugeCardTest {

    private static List<Shape.Path> outlines(Drawing d) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Path p && p.pen() == Pen.OUTLINE)
                .map(Shape.Path.class::cast)
                .toList();
    }

    @Test
    void testRulerIsAHundredMillimetresAndFourInches() {
        List<Shape.Path> lines = outlines(GaugeCard.ruler());
        assertThat(lines.get(0).points().get(1).x()
                        - lines.get(0).points().get(0).x())
                .isEqualTo(100);
        assertThat(lines.get(1).points().get(1).x()).isCloseTo(101.6, within(1e-9));
    }

    @Test
    void testCombTeethStandOnePitchApart() {
        List<Shape.Path> combs = outlines(GaugeCard.combs(DATA));
        assertThat(combs).as("one for every pitch of the tables").hasSize(20);
        // Five outline points a turn; one of the combs is 11 1/2 to the inch.
        assertThat(combs.stream()
                        .map(Shape.Path::points)
                        .map(p -> p.get(6).x() - p.get(1).x()))
                .anySatisfy(pitch -> assertThat(pitch).isCloseTo(25.4 / 11.5, within(1e-9)));
    }

    @Test
    void testWedgesOpenByTheIncludedAngle() {
        List<Shape.Path> wedges = outlines(GaugeCard.wedges());
        double[] included = {24, 60, 74, 84, 90};
        for (int i = 0; i < included.length; i++) {
            List<Point> p = wedges.get(i).points();
            double a = Math.atan2(
                    p.get(0).y() - p.get(1).y(), p.get(0).x() - p.get(1).x());
            double b = Math.atan2(
                    p.get(2).y() - p.get(1).y(), p.get(2).x() - p.get(1).x());
            assertThat(Math.toDegrees(a - b)).isCloseTo(included[i], within(1e-6));
        }
    }

    @Test
    void testSlotsAreAsWideAsTheThreadAndNothingLeavesThePaper() {
        List<Shape.Path> slots = GaugeCard.slots(DATA).stream()
                .flatMap(d -> outlines(d).stream())
                .toList();
        assertThat(slots).hasSizeGreaterThan(40);
        // 37 degree flare -8: 18.77 to 19.01 mm over the crests, slot 18.9.
        assertThat(slots.stream()
                        .map(s -> s.points().get(2).x() - s.points().get(1).x()))
                .anySatisfy(w -> assertThat(w).isCloseTo(18.9, within(1e-9)));
        for (Drawing d : GaugeCard.drawings(DATA)) {
            assertThat(d.box().width()).isEqualTo(GaugeCard.WIDTH);
            outlines(d)
                    .forEach(o -> o.points()
                            .forEach(p -> assertThat(d.box().holds(p))
                                    .as(p.toString())
                                    .isTrue()));
        }
    }
}
