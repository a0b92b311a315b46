package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import mellowflare.core.Stands;
import org.junit.jupiter.api.Test;

/** Where words would lie over something, as a map of each shape: three letters tried at every place. */
class RoomMapTest {
    private static final int CELLS = 40;
    private static final double STEP = 3;
    private static final Letters LETTERS = new Letters(2, 6, 14);

    private static Drawing.Sheet with(Drawing.Sheet sheet, double x, double y) {
        return sheet.label(new Point(x, y), "nnn", "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
    }

    private static List<String> map(Drawing drawing) {
        List<String> rows = new ArrayList<>();
        for (int row = CELLS; row >= 0; row--) {
            StringBuilder line = new StringBuilder();
            for (int column = 0; column <= CELLS; column++) {
                Drawing.Sheet sheet = new Drawing.Sheet();
                drawing.shapes().forEach(sheet::add);
                LabelRoom.Crossed c = LabelRoom.crossed(
                        with(sheet, column * STEP, row * STEP).done(0, 0, CELLS * STEP, CELLS * STEP), LETTERS);
                line.append(c.words() > 0 ? c.lines() > 0 ? '%' : '#' : c.lines() > 0 ? '+' : '.');
            }
            rows.add(line.toString());
        }
        return rows;
    }

    private static Point at(double x, double y) {
        return new Point(x, y);
    }

    private static Map<String, Shape> shapes() {
        Map<String, Shape> all = new LinkedHashMap<>();
        List<Point> corner = List.of(at(20, 20), at(100, 30), at(60, 100));
        all.put("open path", new Shape.Path(corner, false, Pen.OUTLINE, Fill.NONE));
        all.put("closed path", new Shape.Path(corner, true, Pen.FINE, Fill.METAL));
        all.put("closed path of two", new Shape.Path(corner.subList(0, 2), true, Pen.FINE, Fill.METAL));
        all.put("no line", new Shape.Path(corner, true, Pen.NONE, Fill.METAL));
        all.put("disc", new Shape.Disc(at(60, 70), 28, Pen.OUTLINE, Fill.PAPER));
        all.put("seal", new Shape.Glow(List.of(at(10, 90), at(60, 60), at(110, 80))));
        all.put("dimension below", new Shape.Dimension(at(20, 70), at(90, 60), -2, "70", true));
        all.put("dimension above", new Shape.Dimension(at(20, 50), at(90, 60), 2, "70", true));
        all.put("upright dimension", new Shape.Dimension(at(70, 20), at(60, 90), 2, "70", true));
        all.put("upright dimension, right", new Shape.Dimension(at(50, 90), at(60, 20), -2, "700", true));
        all.put("leader", new Shape.Leader(at(30, 90), at(90, 30), "the nut"));
        all.put("name", new Shape.Label(at(60, 60), "the nut", "smaller words", Shape.Role.NAME, Shape.Anchor.START));
        all.put("name before", new Shape.Label(at(60, 60), "the nut", "", Shape.Role.NAME, Shape.Anchor.END));
        all.put("no words", new Shape.Label(at(60, 60), "", "", Shape.Role.NAME, Shape.Anchor.END));
        return all;
    }

    @Test
    void testTheMapsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        shapes().forEach((name, shape) -> {
            lines.add(name);
            Drawing.Sheet sheet = new Drawing.Sheet();
            lines.addAll(map(sheet.add(shape).done(0, 0, CELLS * STEP, CELLS * STEP)));
        });
        Stands.as(getClass(), "maps.txt", lines);
    }

    /** Forty names among lines and each other: where they go, as it was when it was last looked through. */
    @Test
    void testCrowdedNamesGoWhereTheyWent() {
        Drawing crowd = crowd(40);
        List<String> lines = new ArrayList<>();
        lines.add("before " + LabelRoom.crossed(crowd, LETTERS));
        Drawing settled = LabelRoom.settled(crowd, LETTERS);
        lines.add("after " + LabelRoom.crossed(settled, LETTERS));
        for (Shape s : settled.shapes()) {
            if (s instanceof Shape.Label l) {
                lines.add(l.text() + " " + l.under() + " " + l.role() + " " + Stands.figure(l.at().x()) + " "
                        + Stands.figure(l.at().y()));
            }
        }
        Stands.as(getClass(), "crowd.txt", lines);
        assertThat(LabelRoom.crossed(settled, LETTERS).words())
                .isLessThan(LabelRoom.crossed(crowd, LETTERS).words() / 4);
        assertEquals(LabelRoom.settled(crowd, LETTERS), settled);
    }

    private static Drawing crowd(int names) {
        Random random = new Random(5);
        Drawing.Sheet sheet = new Drawing.Sheet();
        shapes().values().stream().filter(s -> !(s instanceof Shape.Label)).forEach(sheet::add);
        for (int i = 0; i < names; i++) {
            sheet.label(
                    at(random.nextInt(120), random.nextInt(120)),
                    "name " + i,
                    i % 3 == 0 ? "under it" : "",
                    Shape.Role.NAME,
                    Shape.Anchor.values()[i % 3]);
        }
        return sheet.done(0, 0, 120, 120);
    }

    @Test
    void testAFewNamesFindFreePlaces() {
        Drawing settled = LabelRoom.settled(crowd(8), LETTERS);
        assertEquals(0, LabelRoom.crossed(settled, LETTERS).words());
    }

    /** A line that is clipped passes where a thousand places along it lie inside, and one that only touches does not. */
    @Test
    void testALinePassesThroughAFieldWhereAPlaceOfItLiesInside() {
        Random random = new Random(3);
        for (int n = 0; n < 3000; n++) {
            double ax = random.nextInt(13) - 1;
            double ay = random.nextInt(13) - 1;
            double bx = random.nextInt(13) - 1;
            double by = random.nextInt(13) - 1;
            boolean inside = false;
            for (int k = 1; k < 2520 && !inside; k++) {
                double x = ax + (bx - ax) * k / 2520;
                double y = ay + (by - ay) * k / 2520;
                inside = x > 3 && x < 8 && y > 2 && y < 6;
            }
            inside |= ax > 3 && ax < 8 && ay > 2 && ay < 6 || bx > 3 && bx < 8 && by > 2 && by < 6;
            assertEquals(inside, Clip.passes(ax, ay, bx, by, 3, 2, 8, 6), ax + " " + ay + " to " + bx + " " + by);
        }
    }
}
