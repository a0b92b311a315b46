package mellowflare.core.reference;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

class CsvTableTest {
    private static final String HEAD = "# remark\nname,size_in,size_mm,size,list,source,confidence\n";

    private static CsvTable.Row row(String cells) {
        return CsvTable.fromText("t.csv", HEAD + cells).rows().get(0);
    }

    @Test
    void testCellsAreReadByTheUnitInTheColumnName() {
        CsvTable.Row row = row("a,1.5,20,7,x; y;z,ISO 1 table 2,sure\n");
        assertThat(row.length("size_in")).isEqualTo(Length.ofInches(1.5));
        assertThat(row.length("size_mm")).isEqualTo(Length.ofMm(20));
        assertThat(row.list("list")).containsExactly("x", "y", "z");
        assertThat(row.source().shown()).isEqualTo("ISO 1 table 2");
    }

    @Test
    void testUnconfirmedSourceSaysSo() {
        assertThat(row("a,1,1,1,,trade chart,unconfirmed\n").source().shown()).isEqualTo("trade chart (unconfirmed)");
    }

    @Test
    void testBrokenCellNamesFileLineAndColumn() {
        assertThatThrownBy(() -> row("a,x,1,1,,s,sure\n").length("size_in"))
                .isInstanceOf(BrokenTable.class)
                .hasMessage("t.csv, line 3, column size_in: “x” is not a number");
        assertThatThrownBy(() -> row("a,1,1,1,,s,sure\n").length("size")).hasMessageContaining("says no unit");
        assertThatThrownBy(() -> row("a,1,1,1,,s,sure\n").text("weight")).hasMessageContaining("no such column");
        assertThatThrownBy(() -> row("a,1,1,1,,,sure\n").source()).hasMessageContaining("column source: is empty");
        assertThatThrownBy(() -> row("a,1,1,1,,s,maybe\n").source()).hasMessageContaining("is not a known word");
        assertThat(row("yes,1,1,1,,s,sure\n").yes("name")).isTrue();
        assertThat(row("No,1,1,1,,s,sure\n").yes("name")).isFalse();
        assertThatThrownBy(() -> row("yess,1,1,1,,s,sure\n").yes("name"))
                .hasMessageContaining("“yess” is not a known word");
    }

    @Test
    void testMissingEmptyOrDoubledTableStopsTheStart() {
        assertThatThrownBy(() -> CsvTable.beside(CsvTableTest.class, "nowhere.csv"))
                .isInstanceOf(BrokenTable.class)
                .hasMessageContaining("missing");
        assertThatThrownBy(() -> CsvTable.fromText("t.csv", HEAD)).hasMessageContaining("has no rows");
        CsvTable twice = CsvTable.fromText("t.csv", HEAD + "a,1,1,1,,s,sure\na,1,1,1,,s,sure\n");
        assertThatThrownBy(() -> twice.map(r -> r.need("name"), n -> n)).hasMessage("t.csv, line 4: appears twice: a");
    }

    @Test
    void testReferenceDataGivesTablesByKeyAndRefusesWhatWasNotPutIn() {
        ReferenceKey<String> key = new ReferenceKey<>("words", String.class);
        ReferenceData data = ReferenceData.empty("v1");
        assertThat(data.with(key, "hello").get(key)).isEqualTo("hello");
        assertThatThrownBy(() -> data.get(key)).hasMessageContaining("hold no words");
    }

    @Test
    void testNamesThatASpreadsheetWouldRunAreShownInstead() {
        assertThat(CsvText.shown("=1+1")).isEqualTo("'=1+1");
        assertThat(CsvText.shown("+cmd")).isEqualTo("'+cmd");
        assertThat(CsvText.shown("@SUM(A1)")).isEqualTo("'@SUM(A1)");
        assertThat(CsvText.shown("-2+3")).isEqualTo("'-2+3");
        for (String plain : new String[] {"-8", "-12.5", "1e-7", "", "drop 3", "1/2"}) {
            assertThat(CsvText.shown(plain)).isEqualTo(plain);
        }
    }
}
