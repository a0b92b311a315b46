package mellowflare.core.lookalike;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import org.junit.jupiter.api.Test;

class LookAlikesTest {
    private final LookAlikes lookAlikes = DATA.get(LookAlikes.KEY);

    private Optional<LookAlikeKind> kind(EndCode a, String sizeA, EndCode b, String sizeB) {
        return lookAlikes.of(id(a, sizeA, Gender.MALE)).stream()
                .filter(t -> t.other().id().equals(id(b, sizeB, Gender.MALE)))
                .map(LookAlike::kind)
                .findFirst();
    }

    @Test
    void testDangerousPairsOfTheTradeAreFound() {
        assertThat(kind(EndCode.JIC37, "-8", EndCode.ORB, "-8")).contains(LookAlikeKind.SAME_THREAD);
        assertThat(kind(EndCode.NPT, "1/2", EndCode.BSPT, "1/2")).contains(LookAlikeKind.OTHER_FLANK);
        assertThat(kind(EndCode.NPT, "3/4", EndCode.BSPT, "3/4")).contains(LookAlikeKind.OTHER_FLANK);
        assertThat(kind(EndCode.BSPT, "1/2", EndCode.BSPP, "1/2")).contains(LookAlikeKind.TAPER_AGAINST_STRAIGHT);
        // Within a tenth of a millimetre, only the pitch tells: 12 against 11 to the inch.
        assertThat(kind(EndCode.ORB, "-16", EndCode.BSPP, "1")).contains(LookAlikeKind.PITCH_TELLS);
        assertThat(kind(EndCode.ORB, "-14", EndCode.BSPP, "7/8")).contains(LookAlikeKind.PITCH_TELLS);
        // Nobody meets a cylinder valve and a boss of the same diameter on one machine: 14 against 12 to the inch.
        assertThat(kind(EndCode.JIC37, "-14", EndCode.FLATGASKET, "1")).isEmpty();
        // Equal pitch of 14, bands 0.44 mm apart, flanks of 60 against 55 degrees.
        assertThat(kind(EndCode.ORB, "-10", EndCode.BSPP, "5/8")).contains(LookAlikeKind.OTHER_FLANK);
    }

    @Test
    void testTwinsAreMutual() {
        for (End end : DATA.get(EndTable.KEY).all()) {
            for (LookAlike t : lookAlikes.of(end.id())) {
                assertThat(lookAlikes.of(t.other().id()).stream()
                                .filter(back -> back.other().equals(end))
                                .filter(back -> back.kind() == t.kind()
                                        && back.crestGap().equals(t.crestGap())))
                        .as(end.brief() + " and " + t.other().brief())
                        .hasSize(1);
            }
        }
    }

    @Test
    void testFarApartEndsAreNoTwins() {
        assertThat(kind(EndCode.JIC37, "-4", EndCode.BSPP, "1")).isEmpty();
        assertThat(lookAlikes.of(id(EndCode.NPT, "12", Gender.MALE)))
                .extracting(t -> t.other().brief())
                .containsExactly("NPTF 12");
    }

    @Test
    void testMetricTwinsOfOneThreadAreFoundAcrossFamilies() {
        assertThat(kind(EndCode.JIC37, "-8", EndCode.AN37, "-8")).contains(LookAlikeKind.SAME_JOINT);
        assertThat(kind(EndCode.NPT, "1/2", EndCode.NPTF, "1/2")).contains(LookAlikeKind.SAME_JOINT);
        // One thread and one seat, but for tubes of 8 and 6 mm: no joint.
        assertThat(kind(EndCode.DIN24L, "L8", EndCode.DIN24S, "S6")).contains(LookAlikeKind.SAME_THREAD);
        assertThat(kind(EndCode.ISO6149, "M14x1.5", EndCode.DIN3852, "M14x1.5")).contains(LookAlikeKind.SAME_THREAD);
        // 0.1 mm apart and 17 against 18 to the inch: starts by hand, then binds.
        assertThat(kind(EndCode.ORB, "-6", EndCode.ISO6149, "M14x1.5")).contains(LookAlikeKind.STARTS_THEN_BINDS);
        // Of one diameter and in one toolbox: a leaf tells 11.5 from 14 and 20 from 24 to the inch, the eye does not.
        assertThat(kind(EndCode.GHT, "3/4", EndCode.NPT, "3/4")).contains(LookAlikeKind.PITCH_TELLS);
        assertThat(kind(EndCode.GHT, "3/4", EndCode.BSPP, "3/4")).contains(LookAlikeKind.PITCH_TELLS);
        assertThat(kind(EndCode.SAE45, "1/4", EndCode.COMP, "1/4")).contains(LookAlikeKind.PITCH_TELLS);
        assertThat(kind(EndCode.SAE45, "1/4", EndCode.INVFLARE, "1/4")).contains(LookAlikeKind.PITCH_TELLS);
        assertThat(LookAlikeKind.PITCH_TELLS.ifForced()).contains("jams");
    }

    @Test
    void testEndsWithoutAThreadHaveTwinsTooAndHandAndSeriesCount() {
        assertThat(kind(EndCode.CODE61, "-16", EndCode.CODE62, "-16")).contains(LookAlikeKind.FLANGE_SERIES);
        assertThat(kind(EndCode.PUSH, "8 mm", EndCode.PUSH, "5/16")).contains(LookAlikeKind.SAME_SIZE);
        assertThat(kind(EndCode.PUSH, "6 mm", EndCode.PUSH, "1/4")).contains(LookAlikeKind.NEARLY_THE_SIZE);
        assertThat(kind(EndCode.PUSH, "10 mm", EndCode.PUSH, "3/8")).contains(LookAlikeKind.NEARLY_THE_SIZE);
        assertThat(kind(EndCode.PUSH, "12 mm", EndCode.PUSH, "1/2"))
                .as("0.7 mm apart")
                .isEmpty();
        assertThat(kind(EndCode.LPG, "gas quick 3/8", EndCode.AIRQC, "B-12")).contains(LookAlikeKind.COUPLER_ALIKE);
        assertThat(kind(EndCode.LPG, "G 3/8 left", EndCode.BSPP, "3/8")).contains(LookAlikeKind.OTHER_HAND);
        assertThat(kind(EndCode.BUBBLE, "M10x1", EndCode.INVFLARE, "M10x1")).contains(LookAlikeKind.SAME_THREAD);
        assertThat(kind(EndCode.ACORING, "#8", EndCode.SAE45, "1/2")).contains(LookAlikeKind.SAME_THREAD);
        assertThat(kind(EndCode.CRUSH, "M14x1.5", EndCode.DIN3852, "M14x1.5")).contains(LookAlikeKind.SAME_JOINT);
        assertThat(kind(EndCode.JIS60BSP, "1/2", EndCode.BSPP, "1/2")).contains(LookAlikeKind.SAME_JOINT);
    }

    @Test
    void testEveryPairStandsOnceInTheList() {
        List<LookAlikePair> pairs = lookAlikes.pairs();
        long mutual = DATA.get(EndTable.KEY).all().stream()
                .mapToLong(e -> lookAlikes.of(e.id()).size())
                .sum();
        assertThat(2L * pairs.size()).isEqualTo(mutual);
        assertThat(pairs).extracting(p -> p.lookAlike().kind()).isSorted();
        assertThat(pairs).doesNotHaveDuplicates();
    }
}
