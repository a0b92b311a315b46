package mellowflare.core.connection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mellowflare.core.thread.ThreadTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EndSearchTest {
    private final EndTable table = EndTable.load(ThreadTable.load());
    private final EndSearch search = new EndSearch(table, TradeWords.load());

    private List<String> find(String words) {
        return search.find(words).stream().map(e -> e.id().text()).toList();
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "FIP 1/2|NPT 1/2 female",
                "1/2 mpt|NPT 1/2 male",
                "Rp 3/4|RP 3/4 female",
                "BSP parallel 3/4 female|BSPP 3/4 female",
                "banjo M10x1 male|CRUSH M10x1 male",
                "Code 61 dash 16|CODE61 -16 male",
                "push-in 6|PUSH 6 mm male",
                "propane 510|LPG 510 male",
                "MIP 3/4|NPT 3/4 male",
                "meter swivel 3/4|FLATGASKET 3/4 female",
                "tap connector 1/2|FLATGASKET 1/2 female",
                "hose bibb|GHT 3/4 male",
                "#8 insert|ACORING #8 male",
                "G 1 male|BSPP 1 male",
                "jic dash 8|JIC37 -8 male",
                "AN -6 female|AN37 -6 female",
                "flare brake 3/16 female|INVFLARE 3/16 female",
                "DIN light L12|DIN24L L12 male",
                "M14x1.5 metric boss|ISO6149 M14x1.5 male",
                "garden hose|GHT 3/4 male",
                "refrigeration 3/8|SAE45 3/8 male",
                "9/16-18 face|ORFS -4 male",
            })
    void testEveryTradesWordsFindTheEnd(String words, String first) {
        assertThat(find(words)).as(words).startsWith(first);
    }

    @Test
    void testSizeMustBeWholeAndWordsMayBeShort() {
        assertThat(find("NPT 1 male")).as("not 10, 1-1/4 or 1/2").containsExactly("NPT 1 male", "NPTF 1 male");
        assertThat(find("npt 1/2 fem")).startsWith("NPT 1/2 female");
        assertThat(find("bub")).hasSize(12);
    }

    @Test
    void testNothingOrNonsenseIsHandledQuietly() {
        assertThat(search.find("  ")).hasSize(table.all().size());
        assertThat(search.find("unobtainium 7/3 \\ ( [")).isEmpty();
    }
}
