package mellowflare.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Set;
import mellowflare.core.fluid.Work;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.reference.BrokenTable;
import org.junit.jupiter.api.Test;

/** A slip in a word that tables and code share stops the start, and says where it is. */
class StepWordsTest {
    @Test
    void testAWordThatNobodySaysStopsTheTableAndNamesFileAndLine() {
        assertThatThrownBy(() -> StepTable.beside(HosePlan.class, StepWords.of("made", "whole")))
                .isInstanceOf(BrokenTable.class)
                .hasMessageContaining("steps.csv")
                .hasMessageContaining("none of the words")
                .hasMessageMatching("(?s).*\\b\\d+\\b.*");
    }

    @Test
    void testAWordThatNoTableKnowsStopsTheCode() {
        StepTable table = StepTable.beside(HosePlan.class, HosePlan.STEP_WORDS);
        assertThatThrownBy(() -> table.<Void>placed(Set.of("maed"), block -> List.of(), side -> Set.of()))
                .isInstanceOf(IllegalStateException.class)
                .hasMessageContaining("maed");
    }

    @Test
    void testWordsOfValuesAreLowerCaseWithHyphens() {
        assertThat(StepWords.of("a").each("work-", Work.values()).stranger(List.of("a", "work-new", "work-conversion")))
                .isEmpty();
    }
}
