package mellowflare.core.connection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthText;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.thread.ThreadTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class EndTableTest {
    private final EndTable table = EndTable.load(ThreadTable.load());

    @Test
    void testEveryEndHasAMateOfTheOtherGenderAndTheSameSeat() {
        for (End end : table.all()) {
            if (end.body() == Body.BARB) {
                assertThat(table.mate(end)).as("a barb takes a hose").isEmpty();
                continue;
            }
            End mate = table.mate(end)
                    .orElseThrow(() -> new AssertionError(end.id().text()));
            assertThat(mate.gender()).isNotEqualTo(end.gender());
            assertThat(mate.body()).isEqualTo(end.body());
            assertThat(mate.leftHand()).isEqualTo(end.leftHand());
            if (end.form().mate().isEmpty()) {
                assertThat(mate.thread()).isEqualTo(end.thread());
                assertThat(mate.seats()).isEqualTo(end.seats());
            }
        }
    }

    @Test
    void testATaperMaleIsTheMateOfAParallelPortMadeForIt() {
        End rp = table.find(new EndId(EndCode.RP, "1/2", Gender.FEMALE)).orElseThrow();
        assertThat(table.mate(rp).orElseThrow().brief()).isEqualTo("BSPT 1/2");
        assertThat(rp.sealsOnThread()).isTrue();
        End keg =
                table.find(new EndId(EndCode.DIN3852T, "M14x1.5", Gender.MALE)).orElseThrow();
        assertThat(table.mate(keg).orElseThrow().brief()).isEqualTo("DIN3852 M14x1.5");
    }

    @Test
    void testEveryFamilyOfTheContractIsThere() {
        Set<EndCode> there = table.all().stream().map(e -> e.id().code()).collect(Collectors.toSet());
        assertThat(there).containsExactlyInAnyOrder(EndCode.values());
        assertThat(Arrays.stream(EndCode.values()).map(EndCode::name))
                .contains(
                        ("NPT NPTF BSPT BSPP JIC37 AN37 SAE45 INVFLARE BUBBLE ORB ORFS ISO6149 DIN3852 DIN24L DIN24S JIS30BSP JIS60BSP JIS30M"
                                        + " CODE61 CODE62 CRUSH ACORING ACSERVICE LPG GHT COMP PUSH BARB AIRQC AIRPIPE")
                                .split(" "));
    }

    /** A figure that is not known is left out, never guessed: those ends are few, without a thread, and marked. */
    @Test
    void testEndsWithoutAFigureAcrossAreMarked() {
        List<End> without =
                table.all().stream().filter(e -> e.across().isEmpty()).toList();
        assertThat(without).isNotEmpty().allMatch(e -> e.thread().isEmpty());
        assertThat(without.stream().map(e -> e.id().code()).distinct())
                .containsOnly(EndCode.AIRQC, EndCode.LPG, EndCode.ACSERVICE, EndCode.COMP);
    }

    @Test
    void testTubeNamedBySizeIsTheTubeOfTheTable() {
        for (End end : table.all()) {
            String size = end.id().size();
            if (end.id().code() == EndCode.DIN24L || end.id().code() == EndCode.DIN24S) {
                assertThat(end.tube()).contains(Length.ofMm(Double.parseDouble(size.substring(1))));
            }
            if ((end.id().code() == EndCode.SAE45 || end.id().code() == EndCode.COMP)) {
                assertThat(end.tube().orElseThrow().mm())
                        .as(end.brief())
                        .isCloseTo(
                                LengthText.readWithUnit(size.endsWith(" mm") ? size : size + " in")
                                        .value()
                                        .orElseThrow()
                                        .mm(),
                                within(0.01));
            }
            if (end.id().code() == EndCode.ORFS) {
                assertThat(end.tube()).contains(end.dash().orElseThrow().tubeOutside());
            }
        }
    }

    @Test
    void testTubeOfAFlareIsItsDashInSixteenths() {
        CsvTable.beside(EndTable.class, "flare37.csv").rows().forEach(r -> {
            End end = table.find(new EndId(EndCode.JIC37, r.need("size"), Gender.MALE))
                    .orElseThrow();
            assertThat(end.tube().orElseThrow()).isEqualTo(r.length("tube_od_in"));
        });
    }

    @Test
    void testFlareAndBossShareTheThreadDashForDash() {
        for (String dash : table.sizes(EndCode.ORB)) {
            End boss = table.find(new EndId(EndCode.ORB, dash, Gender.MALE)).orElseThrow();
            End flare = table.find(new EndId(EndCode.JIC37, dash, Gender.MALE)).orElseThrow();
            assertThat(boss.thread()).as(dash).isEqualTo(flare.thread());
        }
    }

    /** AS568 -9xx rings: the thread must pass through, the ring must fill its conical housing beyond the thread. */
    @Test
    void testBossRingFitsItsThreadAndHousing() {
        for (String dash : table.sizes(EndCode.ORB)) {
            End port = table.find(new EndId(EndCode.ORB, dash, Gender.FEMALE)).orElseThrow();
            SealRing ring = port.ring().orElseThrow();
            Length over = ring.inside().plus(ring.section().times(2));
            assertThat(ring.designation())
                    .isEqualTo("-9" + "%02d".formatted(port.dash().orElseThrow().number()));
            Length major = port.thread().orElseThrow().major();
            assertThat(ring.inside()).as(dash).isLessThan(major);
            assertThat(over).as(dash).isGreaterThan(major);
            assertThat(ring.housing().orElseThrow().mm()).as(dash).isCloseTo(over.mm(), within(0.9));
        }
    }

    @Test
    void testSeatAnglesAreHalfAnglesWhereTheTradeMeansHalf() {
        assertThat(Seat.CONE37.halfAngleDegrees()).contains(37.0);
        assertThat(Seat.CONE60.halfAngleDegrees()).contains(30.0);
        assertThat(Seat.CONE24.halfAngleDegrees()).contains(12.0);
        assertThat(Seat.NONE.halfAngleDegrees()).isEmpty();
        assertThat(Seat.ofCode("port-oring")).contains(Seat.PORT_ORING);
        assertThat(Seat.ofCode("cone38")).isEmpty();
    }

    @Test
    void testTitlesAreInTradeWords() {
        End flare = table.find(new EndId(EndCode.JIC37, "-8", Gender.MALE)).orElseThrow();
        assertThat(flare.title()).isEqualTo("37 degree flare, dash 8");
        assertThat(flare.brief()).isEqualTo("JIC37 -8");
        assertThat(flare.id().text()).isEqualTo("JIC37 -8 male");
    }
}
