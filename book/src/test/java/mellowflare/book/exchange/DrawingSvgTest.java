package mellowflare.book.exchange;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import org.junit.jupiter.api.Test;

/** Whatever a drawing holds comes out in the picture. */
class DrawingSvgTest {
    @Test
    void testEveryKindOfShapeIsDrawn() {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.add(new Shape.Path(List.of(new Point(0, 0), new Point(10, 5)), false, Pen.OUTLINE, Fill.NONE));
        sheet.add(new Shape.Disc(new Point(3, 3), 2, Pen.OUTLINE, Fill.NONE));
        sheet.add(new Shape.Glow(List.of(new Point(1, 1), new Point(2, 1))));
        sheet.add(new Shape.Label(new Point(4, 4), "a name", "below it", Shape.Role.NAME, Shape.Anchor.START));
        sheet.add(new Shape.Dimension(new Point(0, 0), new Point(10, 0), 1, "10 mm", true));
        sheet.add(new Shape.Leader(new Point(5, 9), new Point(6, 2), "seals here"));
        String svg = DrawingSvg.of(sheet.done(-5, -5, 20, 20), "all shapes");
        assertThat(svg)
                .contains("<circle", "a name", "below it", "10 mm", "#f6b26b")
                .contains(">seals here</text>", "5.00,-9.00 6.00,-2.00");
    }

    /** The edge that keeps lines clear comes before the words, or it would cover them. */
    @Test
    void testWordsOverALineAreWrittenLastAndUncovered() {
        Drawing.Sheet sheet = new Drawing.Sheet();
        sheet.add(new Shape.Label(new Point(5, 0), "over", "", Shape.Role.OVER, Shape.Anchor.MIDDLE));
        sheet.add(new Shape.Label(new Point(90, 60), "free", "", Shape.Role.NAME, Shape.Anchor.MIDDLE));
        sheet.add(new Shape.Path(List.of(new Point(-50, 0), new Point(50, 0)), false, Pen.OUTLINE, Fill.NONE));
        List<String> lines = DrawingSvg.of(sheet.done(-60, -20, 120, 80), "words over a line")
                .lines()
                .toList();
        List<String> over = lines.stream().filter(l -> l.contains(">over<")).toList();
        assertThat(over).hasSize(2);
        assertThat(over.get(0)).contains("stroke=\"#ffffff\"");
        assertThat(over.get(1)).doesNotContain("stroke");
        assertThat(lines.stream().filter(l -> l.contains(">free<"))).hasSize(1);
        int line = lines.indexOf(
                lines.stream().filter(l -> l.contains("-50.00")).findFirst().orElseThrow());
        assertThat(lines.indexOf(over.get(0))).isGreaterThan(line);
    }
}
