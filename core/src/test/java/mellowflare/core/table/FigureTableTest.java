package mellowflare.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import org.junit.jupiter.api.Test;

class FigureTableTest {
    private static final List<Column> TWO = List.of(Column.words("part"), Column.figures("cut at"));

    private static FigureTable of(String... figures) {
        return FigureTable.of(
                FigureTable.What.PARTS,
                "Cuts",
                TWO,
                List.of(figures).stream().map(f -> Row.of("p", f)).toList());
    }

    private static List<String> figures(FigureTable table) {
        return table.rows().stream().map(r -> r.cells().get(1)).toList();
    }

    @Test
    void testAUnitThatAllFiguresShareMovesIntoTheHeading() {
        FigureTable t = of("41 9/16 in", FigureTable.OPEN, "7/8 in", "");
        assertThat(t.columns().get(1).unit()).isEqualTo("in");
        assertThat(figures(t)).containsExactly("41 9/16", FigureTable.OPEN, "7/8", "");
        assertThat(of("0.31 in WC", "1.2 in WC").columns().get(1).unit()).isEqualTo("in WC");
        assertThat(of("1.2 m³/h", "3 m³/h").columns().get(1).unit()).isEqualTo("m³/h");
    }

    @Test
    void testUnitsThatDifferStayWithTheirFigures() {
        FigureTable t = of("600 mm", "2.6 m");
        assertThat(t.columns().get(1).unit()).isEmpty();
        assertThat(figures(t)).containsExactly("600 mm", "2.6 m");
        assertThat(figures(of("12", "3 pieces"))).containsExactly("12", "3 pieces");
        assertThat(of("90°", "45°").columns().get(1).unit()).isEmpty();
    }

    @Test
    void testTheSumLosesTheUnitThatStandsInTheHeading() {
        FigureTable t = of("10 mm", "20 mm").withSum("all", "30 mm").withNote("so");
        assertThat(t.sum().orElseThrow()).containsExactly("all", "30");
        assertThat(of("10 mm").withSum("all", "3 in").sum().orElseThrow()).containsExactly("all", "3 in");
        assertThat(t.note()).isEqualTo("so");
        assertThat(t.columns().get(1).unit()).isEqualTo("mm");
    }

    @Test
    void testWordsKeepTheirUnits() {
        assertThat(FigureTable.of(FigureTable.What.PARTS, "t", List.of(Column.words("a")), List.of(Row.of("3 mm")))
                        .rows()
                        .get(0)
                        .cells())
                .containsExactly("3 mm");
    }

    @Test
    void testAReaderHearsEachFigureWithItsHeadingAndUnit() {
        assertThat(of("10 mm", "20 mm").spoken()).isEqualTo("Cuts. p, cut at 10 mm. p, cut at 20 mm");
    }

    @Test
    void testARowOfOtherWidthIsRefused() {
        assertThatThrownBy(() -> FigureTable.of(FigureTable.What.PARTS, "t", TWO, List.of(Row.of("a"))))
                .hasMessageContaining("t");
        FigureTable whole = of("1");
        assertThatThrownBy(() -> whole.withSum("a", "b", "c")).isInstanceOf(RuntimeException.class);
        assertThat(Row.of("a", "b").out(1).out()).containsExactly(1);
    }

    /** By its name in the first column, or in any column of words; never by a figure that happens to read the same. */
    @Test
    void testAPartIsFoundByItsNameInAnyColumnOfWords() {
        FigureTable t = FigureTable.of(
                FigureTable.What.PARTS,
                "Cuts",
                List.of(Column.figures("no"), Column.words("part"), Column.figures("length")),
                List.of(Row.of("1", "riser", "10 mm"), Row.of("2", "wall", "1 mm"), Row.of("3", "riser", "2 mm")));
        assertThat(t.about("riser")).hasSize(2);
        assertThat(t.about("riser").get(0)).contains("Cuts").contains("10 mm");
        assertThat(t.about("2")).hasSize(1);
        assertThat(t.about("wall")).hasSize(1);
        assertThat(t.about("10")).isEmpty();
        assertThat(t.about("nothing")).isEmpty();
    }
}
