package mellowflare.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import org.junit.jupiter.api.Test;

/** A slip in a word that tables and code share stops the start, and says where it is. */
class StepWordsTest {
    @Test
    void testAWordThatNobodySaysStopsTheTableAndNamesFileAndLine() {
        assertThatThrownBy(() -> StepTable.beside(HoseStepWriter.class, StepWords.of("made", "whole")))
                .isInstanceOf(BrokenTable.class)
                .hasMessageContaining("shared.csv, line 3, column when")
                .hasMessageContaining("none of the words")
                .hasMessageMatching("(?s).*\\b\\d+\\b.*");
    }

    @Test
    void testAWordThatNoTableKnowsStopsTheCode() {
        StepTable table = StepTable.beside(HoseStepWriter.class, HoseStepWriter.WORDS);
        assertThatThrownBy(() -> table.<Void>placed(Set.of("maed"), block -> List.of(), side -> Set.of()))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("maed");
    }

    @Test
    void testWordsOfValuesAreLowerCaseWithHyphens() {
        assertThat(StepWords.of("a").each("work-", Work.values()).stranger(List.of("a", "work-new", "work-conversion")))
                .isEmpty();
    }

    /** Each row of a table that stands for itself: the header, then what is tried. */
    private static void read(String row, StepWords words) {
        CsvTable table = CsvTable.fromText(
                "steps.csv",
                "id,per,when,title,text,tools,hold,gate,caution,record,record_of,record_within_mm,source,confidence,tests,takes,shows\n"
                        + row
                        + ","
                                .repeat(16
                                        - (int) row.chars()
                                                .filter(c -> c == ',')
                                                .count()));
        StepTable.of(table, words);
    }

    @Test
    void testAFigureThatNobodyFillsStopsTheTable() {
        StepWords words = StepWords.of("made").figures("cut").lengths("cut");
        read("cut,line,made,Cut,Cut at {cut}.,saw,,,,cut length,cut,1,house,typical", words);
        assertThatThrownBy(() -> read("cut,line,made,Cut,Cut at {cat}.,saw,,,,,,,house,typical", words))
                .isInstanceOf(BrokenTable.class)
                .hasMessage("steps.csv, line 2, column text: {cat} is none of the figures of this order of work");
        assertThatThrownBy(() -> read("cut,line,made,Cut,Cut.,saw {size},,,,,,,house,typical", words))
                .hasMessageContaining("column tools: {size}");
        assertThatThrownBy(() -> read("cut,line,made,Cut,Cut.,saw,,,,,,,house,typical,,knot", words))
                .hasMessageContaining("column takes: “knot” is nothing that a step takes");
        assertThatThrownBy(() -> read("cut,line,made,Cut,Cut.,saw,,,,,,,house,typical,,,shutt", words))
                .hasMessageContaining("column shows: “shutt” is nothing that a step shows");
        assertThatThrownBy(() ->
                        read("cut,line,made,Cut,Cut.,saw,,,,,,,house,typical,,,shut; zero; soap; wiped; light", words))
                .hasMessageContaining("column shows: a step shows 4 things at the most");
        assertThatThrownBy(() -> read("cut,line,made,Cut,Cut.,saw,,,,cut length,cat,1,house,typical", words))
                .hasMessageContaining("column record_of: “cat” is nothing that is written down here");
        assertThatThrownBy(() -> read("cut,line,made,Cut,Cut.,saw,,,,,,,house,typical,squeeze", words))
                .hasMessageContaining("column tests: “squeeze” is no test of tests.csv");
        assertThatThrownBy(() -> read("swim,shared,,,,,,,,,,,,", words))
                .hasMessageContaining("column id: “swim” is none of the rows that orders of work share");
    }

    @Test
    void testAFigureThatNoTextKnowsStopsTheCode() {
        assertThatThrownBy(() -> HoseStepWriter.WORDS.check(Map.of("cutt", "")))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("cutt");
    }
}
