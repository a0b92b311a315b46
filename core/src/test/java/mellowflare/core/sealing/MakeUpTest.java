package mellowflare.core.sealing;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.Length;
import mellowflare.core.sealing.MakeUp.Material;
import org.junit.jupiter.api.Test;

class MakeUpTest {
    private static SealAdvice advise(EndCode code, String size, Optional<Material> material) {
        End end = DATA.get(EndTable.KEY).find(id(code, size, Gender.MALE)).orElseThrow();
        return DATA.get(Sealing.KEY)
                .advise(end, Seat.NONE, DATA.get(FluidTable.KEY).find("water"), material, Practice.USUAL, DATA)
                .orElseThrow();
    }

    @Test
    void testEveryTaperThreadOfEveryMaterialHasABandAndTheWeakerNeverMoreThanTheStronger() {
        MakeUp table = DATA.get(MakeUp.KEY);
        for (End end : DATA.get(EndTable.KEY).all()) {
            EndCode code = end.id().code();
            if (!java.util.List.of(EndCode.NPT, EndCode.NPTF, EndCode.BSPT, EndCode.RP, EndCode.DIN3852T)
                    .contains(code)) {
                continue;
            }
            Length over = end.thread().orElseThrow().major();
            double last = Double.MAX_VALUE;
            for (Material m : Material.values()) {
                MakeUp.Band band = table.of(code, over, m).orElseThrow();
                assertThat(band.high()).as(end.brief() + " " + m).isLessThanOrEqualTo(last);
                last = band.high();
            }
            assertThat(table.of(code, over, Material.PLASTIC).orElseThrow().high())
                    .isLessThanOrEqualTo(1.5);
        }
    }

    @Test
    void testThreeTurnsAreNeverAskedOfBrassAluminiumOrPlastic() {
        assertThat(advise(EndCode.NPT, "1/2", Optional.of(Material.STEEL)).tighten())
                .isEqualTo(
                        "hand tight, then 2 to 3 turns with a wrench until the force rises; stop before the last thread is gone");
        assertThat(advise(EndCode.NPT, "1/2", Optional.of(Material.BRASS)).tighten())
                .contains("1 to 2 turns");
        assertThat(advise(EndCode.BSPT, "1", Optional.of(Material.ALUMINIUM)).tighten())
                .contains("1 to 1 1/2 turns");
        SealAdvice plastic = advise(EndCode.NPT, "1/2", Optional.of(Material.PLASTIC));
        assertThat(plastic.tighten()).contains("1 to 1 1/2 turns with a strap wrench");
        assertThat(plastic.never()).anyMatch(n -> n.contains("on plastic"));
        assertThat(advise(EndCode.NPT, "1/2", Optional.empty()).tighten())
                .contains("2 to 3 turns in steel", "1 to 2 in brass", "1 to 1 1/2 with a strap wrench");
    }

    @Test
    void testWeakerOfTwoMetalsRulesOnceBothAreKnown() {
        assertThat(Material.weaker(Optional.of(Metal.STEEL), Optional.of(Metal.BRASS)))
                .contains(Material.BRASS);
        assertThat(Material.weaker(Optional.of(Metal.ALUMINIUM), Optional.of(Metal.COPPER)))
                .contains(Material.ALUMINIUM);
        assertThat(Material.weaker(Optional.of(Metal.STEEL), Optional.empty())).isEmpty();
    }
}
