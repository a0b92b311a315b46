package mellowflare.cli.input;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.StringReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

class FieldsTest {
    private static Fields fields(String json) throws Exception {
        return new Fields((ObjectNode) new ObjectMapper().readTree(json));
    }

    @Test
    void testNumberIsBaseUnitAndTextCarriesItsOwn() throws Exception {
        Fields f = fields("{\"a\": 40, \"b\": \"40 mm\", \"c\": \"40\", \"d\": \"\", \"e\": null, \"z\": 0}");
        assertThat(f.length("a")).contains(Length.ofMm(40)).isEqualTo(f.length("b"));
        assertThatThrownBy(() -> f.length("c"))
                .isInstanceOf(Refused.class)
                .hasMessageStartingWith("“c”: “40” has no unit");
        assertThat(f.length("d")).isEmpty();
        assertThat(f.length("e")).isEmpty();
        assertThat(f.lengthOrZero("z")).contains(Length.ZERO);
        assertThatThrownBy(() -> f.length("z")).hasMessageContaining("above zero");
    }

    @Test
    void testNumbersOutsideWhatCanBeAreRefusedNotThrown() throws Exception {
        Fields f = fields("{\"p\": -5, \"t\": -300, \"q\": -1, \"x\": 1e400, \"pitch\": 50}");
        assertThatThrownBy(() -> f.pressure("p")).isInstanceOf(Refused.class).hasMessageContaining("“p”");
        assertThatThrownBy(() -> f.temperature("t")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> f.flow("q")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> f.length("x")).isInstanceOf(Refused.class);
        assertThatThrownBy(() -> f.pitch("pitch")).isInstanceOf(Refused.class);
    }

    @Test
    void testPathsNameTheFieldInsideObjectsAndLists() throws Exception {
        Fields f = fields("{\"service\": {\"working\": \"x\"}, \"ends\": [{\"part\": 7}, 3]}");
        assertThatThrownBy(() -> f.object("service").pressure("working")).hasMessageStartingWith("“service.working”");
        assertThatThrownBy(() -> f.objects("ends")).hasMessageStartingWith("“ends[1]”");
        Fields one = fields("{\"ends\": [{\"part\": 7}]}");
        assertThatThrownBy(() -> one.objects("ends").get(0).text("part")).hasMessageStartingWith("“ends[0].part”");
        assertThat(f.object("missing").text("anything")).isEmpty();
        assertThatThrownBy(() -> f.object("ends")).hasMessageContaining("in braces");
        assertThatThrownBy(() -> f.objects("service")).hasMessageContaining("in brackets");
    }

    @Test
    void testFieldNobodyAskedForIsRefused() throws Exception {
        Fields f = fields("{\"a\": 1, \"diamter\": 2}");
        f.length("a");
        assertThatThrownBy(f::nothingElse).hasMessage("“diamter”: there is no such field here; known are a.");
    }

    @Test
    void testWordsAreListedWhenOneIsUnknown() throws Exception {
        Fields f = fields("{\"g\": \"MALE\", \"h\": \"both\"}");
        Map<String, Integer> words = Map.of("male", 1, "female", 2);
        assertThat(f.needWord("g", words)).isEqualTo(1);
        assertThatThrownBy(() -> f.word("h", words)).hasMessageEndingWith("use female, male.");
    }

    @Test
    void testCsvCellsTakeTheUnitOfTheirColumnAndEmptyOnesAreLeftOut() throws Exception {
        List<String> seen = new ArrayList<>();
        Records.csv(
                new StringReader("\uFEFFgender,diameter_in,gap_mm,note\nmale,0.559,,\n\nfemale,9/16,2,x\n"),
                new Records.Taker() {
                    @Override
                    public void take(long row, ObjectNode record) {
                        seen.add(row + " " + record);
                    }

                    @Override
                    public void broken(long row, String sentence) {
                        seen.add(row + " " + sentence);
                    }
                });
        assertThat(seen)
                .containsExactly(
                        "1 {\"gender\":\"male\",\"diameter\":\"0.559 in\"}",
                        "2 {\"gender\":\"female\",\"diameter\":\"9/16 in\",\"gap\":\"2 mm\",\"note\":\"x\"}");
    }
}
