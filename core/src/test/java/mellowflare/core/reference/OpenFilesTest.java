package mellowflare.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** Files that users put in the place of house lists: which kind they are, row by row, and back into text. */
class OpenFilesTest {
    private static final FileKind SPOONS =
            new FileKind("spoons", "spoons", List.of("id", "length_mm", "metal"), Set.of("metal"));
    private static final FileKind FORKS = new FileKind("forks", "forks", List.of("id", "prongs"), Set.of());
    private static final List<FileKind> KINDS = List.of(SPOONS, FORKS);

    private record Spoon(String id, double length) {
        Spoon {
            if (length <= 0) {
                throw new IllegalArgumentException("A spoon has some length");
            }
        }

        static Spoon read(CsvTable.Row r) {
            return new Spoon(r.need("id"), r.number("length_mm"));
        }
    }

    private static CsvTable.Row first(String text) throws ForeignFile {
        return FileKind.rows("mine.csv", text).get(0);
    }

    @Test
    void testTheKindFollowsFromTheColumnsWhateverTheirOrder() throws ForeignFile {
        assertThat(FileKind.of("mine.csv", first("metal,length_mm,remark,id\nsteel,180,,a\n"), KINDS))
                .isEqualTo(SPOONS);
        assertThat(FileKind.of("mine.csv", first("prongs,id\n4,a\n"), KINDS)).isEqualTo(FORKS);
    }

    @Test
    void testAColumnThatCameLaterMayLack() throws ForeignFile {
        assertThat(FileKind.of("mine.csv", first("id,length_mm\na,180\n"), KINDS))
                .isEqualTo(SPOONS);
    }

    @Test
    void testAForeignFileIsToldWhatItLacksToTheNearestKind() {
        assertThatThrownBy(() -> FileKind.of("mine.csv", first("id,metal\na,steel\n"), KINDS))
                .isInstanceOf(ForeignFile.class)
                .hasMessage("This is not a catalogue file: the columns of mine.csv fit none."
                        + " For spoons it lacks: length_mm.");
        assertThatThrownBy(() -> FileKind.rows("mine.csv", "")).isInstanceOf(ForeignFile.class);
        assertThatThrownBy(() -> FileKind.rows("mine.csv", "id,length_mm\n"))
                .isInstanceOf(ForeignFile.class)
                .hasMessageContaining("has no rows");
    }

    @Test
    void testGoodRowsCountAndEveryOtherIsNamed() throws ForeignFile {
        RowByRow<Spoon> read = RowByRow.read(
                FileKind.rows("mine.csv", "id,length_mm\na,180\nb,long\n,150\nc,-3\na,90\nd,120\n"),
                Spoon::read,
                Spoon::id);
        assertThat(read.values()).containsExactly(new Spoon("a", 180), new Spoon("d", 120));
        assertThat(read.troubles()).hasSize(4);
        assertThat(read.troubles().get(0)).contains("mine.csv", "line 3", "“long” is not a number");
        assertThat(read.troubles().get(1)).contains("line 4", "id", "is empty");
        assertThat(read.troubles().get(2)).contains("line 5", "A spoon has some length");
        assertThat(read.troubles().get(3)).contains("line 6", "“a” appears twice; the first one counts");
    }

    @Test
    void testAListLaidOverAnotherKeepsTheOrderAndAddsAtTheEnd() {
        List<Spoon> house = List.of(new Spoon("a", 180), new Spoon("b", 150), new Spoon("c", 90));
        List<Spoon> own = List.of(new Spoon("x", 60), new Spoon("b", 155));
        assertThat(RowByRow.laid(house, own, Spoon::id))
                .containsExactly(new Spoon("a", 180), new Spoon("b", 155), new Spoon("c", 90), new Spoon("x", 60));
        assertThat(RowByRow.laid(house, List.of(), Spoon::id)).isEqualTo(house);
        assertThat(RowByRow.laid(List.of(), own, Spoon::id)).isEqualTo(own);
    }

    /** As short as it can be, and still the same number when it is read again. */
    @Property(tries = 300)
    void testANumberIsReadBackTheSame(@ForAll double value) {
        if (Double.isFinite(value)) {
            assertThat(Double.parseDouble(CsvText.number(value))).isEqualTo(value == 0 ? 0.0 : value);
        }
    }

    @Test
    void testWholeNumbersHaveNoPoint() {
        assertThat(CsvText.number(180)).isEqualTo("180");
        assertThat(CsvText.number(-3)).isEqualTo("-3");
        assertThat(CsvText.number(0.0015)).isEqualTo("0.0015");
    }

    @Test
    void testWordsWithCommasAndQuotesComeBack() throws ForeignFile {
        String text =
                CsvText.of(List.of("id", "length_mm"), List.of("a, b", "say \"c\"", "d\ne"), s -> List.of(s, "1"));
        assertThat(FileKind.rows("mine.csv", text))
                .extracting(r -> r.need("id"))
                .containsExactly("a, b", "say \"c\"", "d\ne");
    }
}
