package mellowflare.core.lookalike;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;

import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class ComparisonTest {

    private static End end(EndCode code, String size, Gender gender) {
        return DATA.get(EndTable.KEY).find(id(code, size, gender)).orElseThrow();
    }

    private static Comparison of(End one, End other) {
        return Comparison.of(one, other, UnitSystem.METRIC, DATA);
    }

    @Test
    void testOnlyWhatDiffersIsMarked() {
        Comparison c = of(end(EndCode.JIC37, "-8", Gender.MALE), end(EndCode.ORB, "-8", Gender.MALE));
        assertThat(c.rows().stream().filter(r -> !r.same()).map(Comparison.Row::what))
                .containsExactly("seat", "seals on", "tube", "source");
        assertThat(c.rows().stream().filter(Comparison.Row::same).map(Comparison.Row::what))
                .contains("across", "pitch", "flanks");
        assertThat(c.verdict()).startsWith("Look-alikes: the very same thread, another seal.");
    }

    @Test
    void testMatesLookAlikesAndStrangersGetTheirOwnSentence() {
        End flare = end(EndCode.JIC37, "-8", Gender.MALE);
        assertThat(of(flare, end(EndCode.JIC37, "-8", Gender.FEMALE)).verdict()).startsWith("Mates and seals");
        assertThat(of(flare, end(EndCode.SAE45, "1/2", Gender.FEMALE)).verdict())
                .contains("seals nowhere");
        assertThat(of(flare, end(EndCode.NPT, "2", Gender.MALE)).verdict()).isEqualTo("Not easily confused.");
        assertThat(of(flare, end(EndCode.NPT, "2", Gender.FEMALE)).verdict()).contains("do not go together");
        assertThat(of(flare, flare).verdict()).contains("same end");
    }

    @Test
    void testEndsWithoutAThreadCompareTooAndEmptyLooksAreLeftOut() {
        Comparison c = of(end(EndCode.CODE61, "-16", Gender.MALE), end(EndCode.CODE62, "-16", Gender.MALE));
        assertThat(c.rows()).noneMatch(r -> r.what().equals("pitch"));
        assertThat(c.rows()).anySatisfy(r -> {
            assertThat(r.what()).isEqualTo("across");
            assertThat(r.same()).isFalse();
        });
        assertThat(c.verdict()).contains("pressure series");
        assertThat(of(end(EndCode.LPG, "gas quick 3/8", Gender.MALE), end(EndCode.AIRQC, "B-12", Gender.MALE))
                        .verdict())
                .contains("Never put a gas coupler on air, or an air coupler on gas.");
    }

    @Test
    void testChartTellsWhatSealsFromWhatOnlyGoesOn() {
        InterchangeChart chart = InterchangeChart.of(DATA);
        assertThat(chart.cell(EndCode.JIC37, EndCode.AN37).orElseThrow().goes()).contains(LookAlikeKind.Goes.SEALS);
        assertThat(chart.cell(EndCode.JIC37, EndCode.ORB).orElseThrow().goes())
                .contains(LookAlikeKind.Goes.ON_AND_LEAKS)
                .doesNotContain(LookAlikeKind.Goes.SEALS);
        assertThat(chart.cell(EndCode.BSPT, EndCode.RP).orElseThrow().goes()).contains(LookAlikeKind.Goes.SEALS);
        assertThat(chart.cell(EndCode.CODE61, EndCode.CODE62)).isEmpty();
        assertThat(chart.cell(EndCode.BARB, EndCode.NPT)).isEmpty();
        assertThat(chart.males()).contains(EndCode.NPT).doesNotContain(EndCode.RP);
        assertThat(chart.females()).contains(EndCode.RP).doesNotContain(EndCode.DIN3852T);
        assertThat(chart.cell(EndCode.JIC37, EndCode.SAE45).orElseThrow().says())
                .contains("pairs, such as JIC37 -2 in SAE45 1/8: It screws together all the way and seals nowhere.");
    }

    @Test
    void testEveryMarkOfTheChartHasASentenceAndNothingThatStaysOff() {
        InterchangeChart chart = InterchangeChart.of(DATA);
        for (EndCode male : chart.males()) {
            for (EndCode female : chart.females()) {
                chart.cell(male, female).ifPresent(c -> {
                    assertThat(c.says()).as(male + " in " + female).endsWith(".");
                    assertThat(c.goes()).isNotEmpty().doesNotContain(LookAlikeKind.Goes.NOT_ON);
                });
            }
        }
    }
}
