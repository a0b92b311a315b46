package mellowflare.core.connection;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.lookalike.Interchange;
import mellowflare.core.lookalike.LookAlike;
import mellowflare.core.lookalike.LookAlikeKind;
import mellowflare.core.lookalike.LookAlikes;
import org.junit.jupiter.api.Test;

/** One answer to whether two ends seal on each other, for the mates, the chart, the look-alikes and the line. */
class TogetherTest {
    private static final EndTable ENDS = Samples.DATA.get(EndTable.KEY);

    private static End end(EndCode code, String size, Gender gender) {
        return ENDS.find(new EndId(code, size, gender)).orElseThrow();
    }

    private static Optional<Together.How> how(End one, End other) {
        return Together.of(one, other).map(Together::how);
    }

    @Test
    void testTheTwoNamesOfOneFlareGoTogether() {
        for (String dash : ENDS.sizes(EndCode.AN37)) {
            assertThat(how(end(EndCode.JIC37, dash, Gender.MALE), end(EndCode.AN37, dash, Gender.FEMALE)))
                    .as(dash)
                    .contains(Together.How.SAME_JOINT);
        }
        assertThat(Together.of(end(EndCode.JIC37, "-8", Gender.MALE), end(EndCode.SAE45, "1/2", Gender.FEMALE)))
                .isEmpty();
        assertThat(Together.of(end(EndCode.ORB, "-8", Gender.MALE), end(EndCode.JIC37, "-8", Gender.FEMALE)))
                .isEmpty();
    }

    @Test
    void testPipeSwivelSealsOnAChamferedNippleAndSaysSo() {
        Together t = Together.of(end(EndCode.NPT, "3/4", Gender.MALE), end(EndCode.NPSM, "3/4", Gender.FEMALE))
                .orElseThrow();
        assertThat(t.seats()).containsExactly(Seat.CONE60);
        assertThat(t.onlyIf()).hasValueSatisfying(c -> assertThat(c).contains("chamfer"));
        // The other way round a taper never seals in a straight thread.
        assertThat(Together.of(end(EndCode.NPT, "3/4", Gender.FEMALE), end(EndCode.NPSM, "3/4", Gender.MALE)))
                .isEmpty();
    }

    @Test
    void testATaperStudSealsOnItsThreadInThePortMadeForIt() {
        Together t = Together.of(
                        end(EndCode.DIN3852T, "M14x1.5", Gender.MALE), end(EndCode.DIN3852, "M14x1.5", Gender.FEMALE))
                .orElseThrow();
        assertThat(t.seats()).containsExactly(Seat.NONE);
    }

    @Test
    void testItIsTheSameEitherWayRoundAndNeverOfOneGenderOrOtherHand() {
        for (End one : ENDS.all()) {
            for (End other : ENDS.goOn(one)) {
                assertThat(Together.of(other, one).map(Together::how))
                        .as(one.id() + " and " + other.id())
                        .isEqualTo(how(one, other));
                assertThat(other.gender()).isNotEqualTo(one.gender());
                assertThat(other.leftHand()).isEqualTo(one.leftHand());
                assertThat(ENDS.goOn(other)).contains(one);
            }
        }
    }

    /** What the look-alike table calls one joint goes on the mate, and the chart says of each of them that it seals. */
    @Test
    void testMatesLookAlikesAndChartAgree() {
        LookAlikes lookAlikes = Samples.DATA.get(LookAlikes.KEY);
        for (End end : ENDS.all()) {
            Optional<End> mate = ENDS.mate(end);
            if (mate.isEmpty()) {
                continue;
            }
            for (LookAlike lookAlike : lookAlikes.of(end.id())) {
                if (lookAlike.kind() == LookAlikeKind.SAME_JOINT
                        && end.form().mate().isEmpty()) {
                    assertThat(ENDS.goOn(mate.get())).as(mate.get().id().text()).contains(lookAlike.other());
                }
            }
            assertThat(Interchange.on(end, Samples.DATA).stream()
                            .filter(Interchange::seals)
                            .map(Interchange::other))
                    .as(end.id().text())
                    .containsAll(ENDS.goOn(end));
        }
    }
}
