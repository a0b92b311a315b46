package mellowflare.core.hose.route;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import org.junit.jupiter.api.Test;

class RouteDrawingTest {
    private final RouteSketch sketch = RouteSketch.of(
                    new PortAt(Vector.ZERO, new Vector(1, 0, 0), Optional.empty()),
                    new PortAt(new Vector(900, 300, 200), new Vector(-1, 0, 0), Optional.empty()))
            .withClamps(List.of(new Vector(450, 150, 100)))
            .withKeepOuts(List.of(KeepOut.between("pipe", new Vector(200, 400, 0), new Vector(300, 500, 100))))
            .withMotion(List.of(new Vector(0, 0, 40)));
    private final RoutePlan plan = RouteFinder.find(sketch.task(
            Samples.DATA.get(Catalogue.KEY).hose("KH2-08").orElseThrow(), Optional.empty(), Optional.empty()));

    private Drawing draw(double turn, double tilt, UnitSystem units) {
        return RouteDrawing.of(sketch, Optional.of(plan), Length.ofMm(22.2), turn, tilt, units, "motor", "valve");
    }

    private static List<Point> centreLine(Drawing d) {
        return d.shapes().stream()
                .filter(s -> s instanceof Shape.Path p && p.pen() == Pen.CENTRE_LINE)
                .map(s -> ((Shape.Path) s).points())
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testThreePicturesShowBothSealsEachAndNameThePortsOnce() {
        Drawing d = draw(30, 24, UnitSystem.METRIC);
        assertThat(d.glows()).hasSize(6);
        assertThat(d.shapes().stream()
                        .filter(s -> s instanceof Shape.Label l && l.text().equals("motor")))
                .hasSize(1);
        assertThat(d.shapes())
                .anyMatch(s -> s instanceof Shape.Label l && l.under().equals("900, 300, 200"));
        assertThat(d.dimensions()).extracting(Shape.Dimension::text).containsExactly("900 mm");
        assertThat(draw(30, 24, UnitSystem.INCH).dimensions())
                .extracting(Shape.Dimension::text)
                .containsExactly("35 7/16 in");
    }

    @Test
    void testEverythingStaysInItsFieldHoweverItIsTurned() {
        for (int turn = 0; turn < 360; turn += 15) {
            for (int tilt = 0; tilt <= 90; tilt += 15) {
                Drawing d = draw(turn, tilt, UnitSystem.METRIC);
                for (Point p : centreLine(d)) {
                    assertThat(d.box().holds(p)).as(turn + " " + tilt).isTrue();
                    assertThat(p.x()).as("left of the small pictures").isLessThan(320);
                }
            }
        }
    }

    @Test
    void testLookedAtFromAboveUpHasNoExtent() {
        List<Point> above = centreLine(draw(0, 90, UnitSystem.METRIC));
        double scale = (above.get(above.size() - 1).x() - above.get(0).x()) / 900;
        double left = above.get(above.size() - 1).y() - above.get(0).y();
        assertThat(left / scale)
                .as("300 mm to the left are 300 mm up the paper")
                .isBetween(299.9, 300.1);
    }

    @Test
    void testWithoutAHoseThePortsAreShownAlone() {
        Drawing d = RouteDrawing.of(sketch, Optional.empty(), Length.ofMm(20), 30, 24, UnitSystem.METRIC, "a", "b");
        assertThat(d.glows()).hasSize(6);
        assertThat(d.shapes()).noneMatch(s -> s instanceof Shape.Path p && p.pen() == Pen.CENTRE_LINE);
    }

    @Test
    void testDirectionsAreNamedByTheNearest() {
        assertThat(Toward.nearest(new Vector(0.1, -0.9, 0.2))).isEqualTo(Toward.RIGHT);
        for (Toward t : Toward.values()) {
            assertThat(Toward.nearest(t.direction())).isEqualTo(t);
        }
    }

    @Test
    void testPicturesStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>(Stands.drawing(draw(30, 24, UnitSystem.METRIC)));
        lines.addAll(Stands.drawing(
                RouteDrawing.of(sketch, Optional.empty(), Length.ofMm(20), 310, 10, UnitSystem.METRIC, "a", "b")));
        draw(30, 24, UnitSystem.METRIC).spots().forEach(s -> lines.add("spot " + s.subject() + " " + s.box()));
        Stands.as(getClass(), "drawings.txt", lines);
    }
}
