package mellowflare.core.connection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import mellowflare.core.thread.ThreadTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TradeWordsTest {
    private final EndTable table = EndTable.load(ThreadTable.load());
    private final TradeWords words = TradeWords.load();

    private Map<Trade, String> of(EndCode code, String size, Gender gender) {
        return words.of(table.find(new EndId(code, size, gender)).orElseThrow());
    }

    @Test
    void testOnePartHasItsOwnWordsAtEachCounter() {
        Map<Trade, String> nipple = of(EndCode.NPT, "1/2", Gender.MALE);
        assertThat(nipple.get(Trade.PLUMBER)).isEqualTo("1/2 MIP (also MPT; iron pipe size)");
        assertThat(nipple.get(Trade.REFRIGERATION)).isEqualTo("1/2 MPT");
        assertThat(nipple.get(Trade.HYDRAULIC)).isEqualTo("1/2 NPT male (dash -8)");
        Map<Trade, String> flare = of(EndCode.SAE45, "3/8", Gender.FEMALE);
        assertThat(flare.get(Trade.REFRIGERATION)).contains("tube by its outside");
        assertThat(flare.get(Trade.HYDRAULIC)).startsWith("-6 ");
        assertThat(flare.get(Trade.AUTOMOTIVE)).contains("5/8-18");
    }

    @Test
    void testCopperOfThePlumberIsNamedAnEighthUnderItsOutside() {
        assertThat(of(EndCode.PUSH, "CTS 1/2", Gender.MALE).get(Trade.PLUMBER)).contains("5/8 in outside");
        assertThat(of(EndCode.PUSH, "15 mm", Gender.MALE).get(Trade.PLUMBER)).contains("15 mm outside");
    }

    @Test
    void testATradeWithoutAWordIsLeftOut() {
        assertThat(of(EndCode.BUBBLE, "M10x1", Gender.MALE)).containsOnlyKeys(Trade.AUTOMOTIVE);
    }

    @Test
    void testEveryEndIsAskedForSomewhereAndNoTemplateIsLeftOpen() {
        for (End end : table.all()) {
            assertThat(words.of(end)).as(end.id().text()).isNotEmpty();
            assertThat(words.of(end).values())
                    .as(end.id().text())
                    .allSatisfy(w -> assertThat(w).doesNotContain("{").doesNotContain("  "));
        }
    }
}
