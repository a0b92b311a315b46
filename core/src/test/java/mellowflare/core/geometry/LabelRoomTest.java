package mellowflare.core.geometry;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;

class LabelRoomTest {
    private static final Letters LETTERS = new Letters(1, 10, 15);

    private static Drawing.Sheet sheet() {
        return new Drawing.Sheet();
    }

    private static Drawing done(Drawing.Sheet sheet) {
        return sheet.done(0, 0, 200, 200);
    }

    private static void name(Drawing.Sheet sheet, double x, double y, String text) {
        sheet.label(new Point(x, y), text, "", Shape.Role.NAME, Shape.Anchor.MIDDLE);
    }

    private static Point at(Drawing d, int label) {
        List<Shape.Label> all = d.shapes().stream()
                .filter(Shape.Label.class::isInstance)
                .map(Shape.Label.class::cast)
                .toList();
        return all.get(label).at();
    }

    @Test
    void testWhatLiesFreeStaysWhereItIs() {
        Drawing.Sheet s = sheet();
        s.line(Pen.OUTLINE, new Point(0, 50), new Point(200, 50));
        name(s, 100, 100, "free");
        Drawing d = done(s);
        assertThat(LabelRoom.settled(d, LETTERS)).isEqualTo(d);
        assertThat(LabelRoom.crossed(d, LETTERS)).isEqualTo(new LabelRoom.Crossed(0, 0, 0, 1));
    }

    @Test
    void testWordsLeaveALineByTheShortestWay() {
        Drawing.Sheet s = sheet();
        s.line(Pen.OUTLINE, new Point(0, 98), new Point(200, 98));
        name(s, 100, 100, "pump");
        Drawing d = done(s);
        assertThat(LabelRoom.crossed(d, LETTERS).lines()).isEqualTo(1);
        Drawing settled = LabelRoom.settled(d, LETTERS);
        assertThat(LabelRoom.crossed(settled, LETTERS).lines()).isZero();
        assertThat(at(settled, 0).y()).isBetween(102.0, 108.0);
        assertThat(at(settled, 0).x()).isEqualTo(100);
    }

    @Test
    void testTwoNamesPart() {
        Drawing.Sheet s = sheet();
        name(s, 100, 100, "one name");
        name(s, 104, 102, "the other");
        assertThat(LabelRoom.crossed(done(s), LETTERS).words()).isEqualTo(1);
        assertThat(LabelRoom.crossed(LabelRoom.settled(done(s), LETTERS), LETTERS)
                        .words())
                .isZero();
    }

    @Test
    void testWordsKeepOffDimensionsLeadersCirclesAndSeals() {
        Drawing.Sheet s = sheet();
        s.add(new Shape.Dimension(new Point(20, 100), new Point(180, 100), 1, "1290 mm", false));
        s.add(new Shape.Leader(new Point(20, 150), new Point(40, 160), "ring"));
        s.add(new Shape.Disc(new Point(100, 40), 12, Pen.OUTLINE, Fill.NONE));
        s.glow(new Point(150, 20), new Point(180, 20));
        name(s, 100, 120, "overall");
        name(s, 30, 154, "port");
        name(s, 112, 40, "wheel");
        name(s, 165, 21, "seal");
        LabelRoom.Crossed before = LabelRoom.crossed(done(s), LETTERS);
        assertThat(before.words()).isEqualTo(2);
        assertThat(before.lines()).isGreaterThanOrEqualTo(2);
        assertThat(LabelRoom.crossed(LabelRoom.settled(done(s), LETTERS), LETTERS))
                .isEqualTo(new LabelRoom.Crossed(0, 0, 0, 4));
    }

    /** Better over a line than off the page. */
    @Test
    void testWordsStayOnThePage() {
        Drawing.Sheet s = sheet();
        for (int y = 0; y <= 20; y += 4) {
            s.line(Pen.OUTLINE, new Point(-300, y), new Point(300, y));
        }
        name(s, 20, 10, "edge");
        Drawing low = s.done(0, 0, 40, 20);
        Point there = at(LabelRoom.settled(low, new Letters(1, 10, 15)), 0);
        assertThat(there.x()).isBetween(-16.0, 56.0);
        assertThat(there.y()).isBetween(-16.0, 36.0);
    }

    @Test
    void testLinesStopShortOfWordsThatFindNoFreePlace() {
        Drawing.Sheet s = sheet();
        for (int y = -100; y <= 300; y += 4) {
            s.line(Pen.OUTLINE, new Point(-300, y), new Point(500, y));
        }
        name(s, 100, 100, "shut in");
        LabelRoom.Crossed before = LabelRoom.crossed(done(s), LETTERS);
        assertThat(before.through()).isEqualTo(1);
        LabelRoom.Crossed after = LabelRoom.crossed(LabelRoom.settled(done(s), LETTERS), LETTERS);
        assertThat(after.lines()).isEqualTo(1);
        assertThat(after.through()).isZero();
    }

    /** A page with room for names alone: what stands under them is left out, the names are not. */
    @Test
    void testWhatStandsUnderNamesGivesWay() {
        Drawing.Sheet s = sheet();
        List<String> names = List.of("one", "two", "three");
        names.forEach(n -> s.label(new Point(20, 20), n, "cut 948 mm", Shape.Role.NAME, Shape.Anchor.MIDDLE));
        Drawing tight = s.done(0, 0, 40, 30);
        Letters letters = new Letters(1, 10, 15);
        assertThat(LabelRoom.crossed(tight, letters).words()).isEqualTo(3);
        Drawing settled = LabelRoom.settled(tight, letters);
        assertThat(LabelRoom.crossed(settled, letters).words()).isZero();
        assertThat(settled.shapes()).extracting(x -> ((Shape.Label) x).text()).containsExactlyElementsOf(names);
        assertThat(settled.shapes()).extracting(x -> ((Shape.Label) x).under()).containsOnly("");
    }

    @Test
    void testAScaleIsAboveZero() {
        assertThatThrownBy(() -> new Letters(0, 10, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Letters(1, 0, 1)).isInstanceOf(IllegalArgumentException.class);
        assertThat(LETTERS.wide("mm")).isGreaterThan(LETTERS.wide("ii"));
    }
}
