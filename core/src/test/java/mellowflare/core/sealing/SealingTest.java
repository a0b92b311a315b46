package mellowflare.core.sealing;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.SealPlace;
import mellowflare.core.connection.Seat;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import org.junit.jupiter.api.Test;

class SealingTest {
    private final Sealing sealing = Samples.DATA.get(Sealing.KEY);

    private SealAdvice advise(EndCode code, String size, Seat seat, String fluid, Practice practice) {
        End end = Samples.DATA
                .get(EndTable.KEY)
                .find(Samples.id(code, size, Gender.MALE))
                .orElseThrow();
        Optional<Fluid> runs = Samples.DATA.get(FluidTable.KEY).find(fluid);
        return sealing.advise(end, seat, runs, practice, Samples.DATA).orElseThrow();
    }

    @Test
    void testEverySeatOfEveryEndHasAdvice() {
        for (End end : Samples.DATA.get(EndTable.KEY).all()) {
            for (Seat seat : end.seats()) {
                SealAdvice a = sealing.advise(end, seat, Optional.empty(), Practice.USUAL, Samples.DATA)
                        .orElseThrow();
                assertThat(a.sealsOn()).isEqualTo(seat.sealPlace());
                assertThat(a.putOn())
                        .as(end.brief())
                        .allSatisfy(p -> assertThat(p).doesNotContain("{"));
                assertThat(a.tighten()).as(end.brief()).doesNotContain("{");
                assertThat(a.never()).as(end.brief()).isNotEmpty();
            }
        }
    }

    @Test
    void testNothingGoesOnAFlareAndTapeNeverDoes() {
        SealAdvice flare = advise(EndCode.JIC37, "-8", Seat.CONE37, "mineral-oil", Practice.USUAL);
        assertThat(flare.sealsOn()).isEqualTo(SealPlace.CONE);
        assertThat(flare.putOn()).containsExactly("nothing");
        assertThat(flare.never()).contains("tape", "paste");
        assertThat(flare.tighten()).startsWith("1 flat from finger tight");
    }

    @Test
    void testTapeSchoolYieldsWhereShredsDoHarm() {
        Practice tape = Practice.USUAL.with(MethodTopic.PIPE_THREAD_SEAL, "tape");
        SealAdvice water = advise(EndCode.NPT, "1/2", Seat.NONE, "water", tape);
        assertThat(water.putOn().get(0)).contains("PTFE tape");
        SealAdvice oil = advise(EndCode.NPT, "1/2", Seat.NONE, "mineral-oil", tape);
        assertThat(oil.putOn().get(0)).contains("paste").doesNotContain("tape");
        assertThat(oil.never()).anySatisfy(n -> assertThat(n).contains("shreds"));
        SealAdvice unsaid = advise(EndCode.NPT, "1/2", Seat.NONE, "", tape);
        assertThat(unsaid.putOn().get(0)).contains("paste");
    }

    @Test
    void testSleevesSayHowFarTheyAreTurnedWhereATableKnows() {
        assertThat(advise(EndCode.COMP, "1/4", Seat.FERRULE, "water", Practice.USUAL)
                        .tighten())
                .contains("1 1/4 turns past finger tight");
        assertThat(advise(EndCode.COMP, "1/2", Seat.FERRULE, "water", Practice.USUAL)
                        .tighten())
                .contains("2 1/4 turns past finger tight");
        assertThat(advise(EndCode.DIN24L, "L12", Seat.CONE24, "mineral-oil", Practice.USUAL)
                        .tighten())
                .contains("1 1/2 turns past finger tight", "when remade, to where the force rises");
        assertThat(advise(EndCode.COMP, "15 mm", Seat.FERRULE, "water", Practice.USUAL)
                        .tighten())
                .contains("by the turns its maker gives");
    }

    @Test
    void testFaceSealsAndFlangesNameTheirRingAndEachBoltItsTorque() {
        assertThat(advise(EndCode.ORFS, "-8", Seat.FACE_ORING, "mineral-oil", Practice.USUAL)
                        .putOn()
                        .get(0))
                .isEqualTo("new ring -014 in the face groove 90 Shore A");
        assertThat(advise(EndCode.ISO6149, "M14x1.5", Seat.PORT_ORING, "mineral-oil", Practice.USUAL)
                        .putOn()
                        .get(0))
                .startsWith("ring 11.3 x 2.2 mm 90 Shore A");
        assertThat(advise(EndCode.CODE61, "-16", Seat.FACE_ORING, "mineral-oil", Practice.USUAL)
                        .torque()
                        .orElseThrow()
                        .text())
                .isEqualTo("70 N m (52 lbf ft)");
        assertThat(advise(EndCode.SAE45, "3/8", Seat.CONE45, "r410a", Practice.USUAL)
                        .torque()
                        .orElseThrow()
                        .text())
                .startsWith("34 to 42 N m");
    }

    @Test
    void testALeftHandThreadAlwaysSaysWhichWay() {
        assertThat(advise(EndCode.LPG, "G 1/4 left", Seat.CONE60, "lpg", Practice.USUAL)
                        .tighten())
                .contains("anticlockwise");
        assertThat(advise(EndCode.LPG, "M20x1.5", Seat.WASHER, "lpg", Practice.USUAL)
                        .tighten())
                .doesNotContain("anticlockwise");
    }

    @Test
    void testBossRingIsNamedWithACompoundForTheFluid() {
        assertThat(advise(EndCode.ORB, "-8", Seat.PORT_ORING, "mineral-oil", Practice.USUAL)
                        .putOn()
                        .get(0))
                .isEqualTo("ring -908 90 Shore A, NBR");
        assertThat(advise(EndCode.ORB, "-8", Seat.PORT_ORING, "phosphate-ester", Practice.USUAL)
                        .putOn()
                        .get(0))
                .endsWith("EPDM");
        Practice again = Practice.USUAL.with(MethodTopic.BOSS_RING, "if-marked");
        assertThat(advise(EndCode.ORB, "-8", Seat.PORT_ORING, "mineral-oil", again)
                        .reuse())
                .isEqualTo("re-use unless marked");
    }

    @Test
    void testUncertainFiguresSayTheyAreUnconfirmed() {
        assertThat(advise(EndCode.JIC37, "-8", Seat.CONE37, "", Practice.USUAL)
                        .source()
                        .shown())
                .endsWith("(unconfirmed)");
    }

    @Test
    void testTurnsAndGradeOfTapeFollowSizeAndFluid() {
        Practice tape = Practice.USUAL.with(MethodTopic.PIPE_THREAD_SEAL, "tape");
        assertThat(advise(EndCode.NPT, "1/4", Seat.NONE, "compressed-air", tape)
                        .putOn()
                        .get(0))
                .contains(
                        "full-density PTFE tape, 3 turns, on the male thread only, first thread bare, wound in the direction of tightening")
                .contains("3 turns");
        assertThat(advise(EndCode.NPT, "3/4", Seat.NONE, "compressed-air", tape)
                        .putOn()
                        .get(0))
                .contains("4 turns");
        assertThat(advise(EndCode.NPT, "2", Seat.NONE, "compressed-air", tape)
                        .putOn()
                        .get(0))
                .contains("5 turns");
        SealAdvice gas = advise(EndCode.NPT, "1/2", Seat.NONE, "lpg", tape);
        assertThat(gas.putOn().get(0))
                .contains(
                        "gas-rated full-density PTFE tape (EN 751-3), 6 turns, on the male thread only, first thread bare, wound in the direction of tightening");
        assertThat(gas.never()).contains("water tape on gas");
        assertThat(advise(EndCode.NPT, "1/2", Seat.NONE, "potable-water", tape)
                        .putOn()
                        .get(0))
                .contains("approved for drinking water");
        Practice both = Practice.USUAL.with(MethodTopic.PIPE_THREAD_SEAL, "both");
        assertThat(advise(EndCode.NPT, "1/2", Seat.NONE, "water", both).putOn().get(0))
                .contains("paste over it");
    }

    @Test
    void testTypicalTorqueIsNamedWithItsDoubt() {
        SealAdvice flare = advise(EndCode.JIC37, "-8", Seat.CONE37, "mineral-oil", Practice.USUAL);
        // 52 N m / 1.35582 = 38.4; 57 / 1.35582 = 42.0
        assertThat(flare.torque().orElseThrow().text()).isEqualTo("52 to 57 N m (38 to 42 lbf ft)");
        assertThat(flare.saysTighten()).contains("1 flat").contains("unconfirmed");
        assertThat(advise(EndCode.NPT, "1/2", Seat.NONE, "water", Practice.USUAL)
                        .torque())
                .isEmpty();
    }

    @Test
    void testTorquesGrowWithSize() {
        double last = 0;
        for (String size : new String[] {"-4", "-6", "-8", "-10", "-12", "-16", "-20", "-24", "-32"}) {
            double low = advise(EndCode.JIC37, size, Seat.CONE37, "", Practice.USUAL)
                    .torque()
                    .orElseThrow()
                    .low()
                    .newtonMetres();
            assertThat(low).isGreaterThan(last);
            last = low;
        }
    }

    /** Charts for face seals differ up to 1.6 times in the small sizes: the band spans both and the source names both. */
    @Test
    void testWhereChartsDifferTheBandSpansBothAndSaysSo() {
        TorqueBand band = advise(EndCode.ORFS, "-4", Seat.FACE_ORING, "mineral-oil", Practice.USUAL)
                .torque()
                .orElseThrow();
        assertThat(band.low().newtonMetres()).isEqualTo(14);
        assertThat(band.high().newtonMetres()).isEqualTo(28);
        assertThat(band.source().shown()).contains("charts differ", "14 to 16", "25 to 28", "unconfirmed");
    }
}
