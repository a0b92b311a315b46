package mellowflare.core.connection;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.thread.ThreadTable;
import org.junit.jupiter.api.Test;

class EndTableTest {
    private final EndTable table = EndTable.load(ThreadTable.load());

    @Test
    void testEveryEndHasAMateOfTheSameThreadAndSeats() {
        for (End end : table.all()) {
            End mate = table.find(end.id().mate()).orElseThrow();
            assertThat(mate.thread()).isEqualTo(end.thread());
            assertThat(mate.seats()).isEqualTo(end.seats());
        }
    }

    @Test
    void testTubeOfAFlareIsItsDashInSixteenths() {
        CsvTable.beside(EndTable.class, "flare37.csv").rows().forEach(r -> {
            End end = table.find(new EndId(EndCode.JIC37, r.need("size"), Gender.MALE))
                    .orElseThrow();
            assertThat(end.tubeOutside().orElseThrow()).isEqualTo(r.length("tube_od_in"));
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
            BossRing ring = port.ring().orElseThrow();
            Length over = ring.inside().plus(ring.section().times(2));
            assertThat(ring.designation())
                    .isEqualTo("-9" + "%02d".formatted(port.dash().orElseThrow().number()));
            assertThat(ring.inside()).as(dash).isLessThan(port.thread().major());
            assertThat(over).as(dash).isGreaterThan(port.thread().major());
            assertThat(ring.housing().mm()).as(dash).isCloseTo(over.mm(), within(0.9));
            assertThat(ring.source().confidence()).isEqualTo(Confidence.UNCONFIRMED);
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
