package mellowflare.core.hose.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.Stands;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import org.junit.jupiter.api.Test;

class RepairTest {
    private static final Catalogue CATALOGUE = Samples.DATA.get(Catalogue.KEY);

    private static String part(HoseEndPart end) {
        return end.part();
    }

    @Test
    void testRepairsOfEveryHoseStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (HosePart hose : CATALOGUE.hoses()) {
            lines.add(hose.part());
            for (Repair r : Repair.of(hose, Length.ofMm(60), Samples.DATA)) {
                lines.add("  " + r.one().part() + " to " + r.other().part()
                        + r.joiner().map(j -> " by " + j.part()).orElse("") + " out "
                        + Stands.figure(r.cut().takeOut().mm()) + " short "
                        + Stands.figure(r.cut().shortBy().mm()));
            }
        }
        Stands.as(getClass(), "repairs.txt", lines);
    }

    /** Both ends fit the hose and are straight; they mate, or the same joiner takes both. */
    @Test
    void testARepairGoesTogether() {
        int direct = 0;
        int joined = 0;
        for (HosePart hose : CATALOGUE.hoses()) {
            List<Repair> repairs = Repair.of(hose, Length.ofMm(60), Samples.DATA);
            assertThat(repairs).hasSizeLessThanOrEqualTo(hose.whole() ? 0 : 4);
            for (Repair r : repairs) {
                for (HoseEndPart end : List.of(r.one(), r.other())) {
                    assertThat(end.elbow()).as(part(end)).isFalse();
                    assertThat(end.hoseDash()).contains(hose.dash());
                    assertThat(end.series()).contains(hose.series());
                }
                assertThat(r.other().swivel()).isTrue();
                assertThat(r.cut().damaged()).isEqualTo(Length.ofMm(60));
                if (r.joiner().isPresent()) {
                    joined++;
                    assertThat(r.one()).isEqualTo(r.other());
                    assertThat(r.joiner().get().a()).isEqualTo(r.joiner().get().b());
                    assertThat(r.joiner().get().a().mate()).isEqualTo(r.one().end());
                } else {
                    direct++;
                    assertThat(r.one().end().gender()).isEqualTo(Gender.MALE);
                    assertThat(r.one().end().mate()).isEqualTo(r.other().end());
                    assertThat(r.one().seat()).isEqualTo(r.other().seat());
                    assertThat(r.one().attach()).isEqualTo(r.other().attach());
                }
            }
        }
        assertThat(direct).isPositive();
        assertThat(joined).isPositive();
    }

    @Test
    void testWhatIsBoughtWholeIsNeverRepaired() {
        Optional<HosePart> whole =
                CATALOGUE.hoses().stream().filter(HosePart::whole).findFirst();
        assertThat(Repair.of(whole.orElseThrow(), Length.ofMm(60), Samples.DATA))
                .isEmpty();
    }
}
