package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.thread.ThreadForm;
import mellowflare.core.thread.ThreadSize;
import org.junit.jupiter.api.Test;

/** Whoever follows the next check, and sees what the part truly shows, comes to an end: settled, or told the safe course. */
class CheckWalkTest {
    private static final int LONGEST = 10;
    private final Identifier identifier = new Identifier(DATA);

    private static Observation done(Observation o, ClueKind clue, End truth) {
        Seat seat = truth.usualSeat();
        return switch (clue) {
            case BODY -> o.withBody(Optional.of(truth.body()));
            case DIAMETER -> o.withDiameter(truth.across().map(LengthBand::middle));
            case PITCH -> o.withPitch(truth.thread().map(ThreadSize::pitch));
            case FLANK ->
                o.withFlank(
                        truth.thread().map(t -> t.form() == ThreadForm.WHITWORTH ? FlankSeen.DEG55 : FlankSeen.DEG60));
            case HAND -> o.withHand(Optional.of(truth.leftHand() ? HandSeen.LEFT : HandSeen.RIGHT));
            case TAPER -> o.withTaper(Optional.of(truth.tapered() ? TaperSeen.TAPERED : TaperSeen.PARALLEL));
            case SEAT -> o.withSeat(Optional.of(seat));
            case SEAT_ANGLE -> o.withSeatAngle(seat.halfAngleDegrees().map(Angle::ofDegrees));
            case RING ->
                o.withRing(Optional.of(
                        switch (seat) {
                            case PORT_ORING -> RingSeen.THREAD_BASE;
                            case FACE_ORING -> RingSeen.FACE;
                            default -> RingSeen.NONE;
                        }));
            case SWIVEL ->
                o.withSwivel(Optional.of(truth.form().swivel() > 0.5 ? SwivelSeen.LOOSE_NUT : SwivelSeen.FIXED));
            case TUBE -> o.withTube(truth.tube());
            case TAPER_READING, HEX, SERVICE, REGION, MACHINE -> throw new AssertionError("never asked for: " + clue);
        };
    }

    @Test
    void testFollowingTheChecksEndsAndMostlySettles() {
        List<End> ends = DATA.get(EndTable.KEY).all().stream()
                .filter(e -> e.across().isPresent())
                .toList();
        int settled = 0;
        int right = 0;
        int steps = 0;
        for (End truth : ends) {
            Observation seen = Observation.of(truth.gender()).withBody(Optional.of(truth.body()));
            Identification answer = identifier.identify(seen);
            int step = 0;
            while (answer.nextCheck().isPresent() && answer.standing() != Identification.Standing.SETTLED) {
                Observation next = done(seen, answer.nextCheck().get().clue(), truth);
                assertThat(next)
                        .as(truth.brief() + " asked for what it cannot show: " + answer.nextCheck())
                        .isNotEqualTo(seen);
                seen = next;
                answer = identifier.identify(seen);
                assertThat(++step).as(truth.brief()).isLessThanOrEqualTo(LONGEST);
            }
            steps += step;
            assertThat(answer.safeCourse()).isNotBlank();
            boolean isSettled = answer.standing() == Identification.Standing.SETTLED;
            settled += isSettled ? 1 : 0;
            right += isSettled && sameToTheHand(answer.best().orElseThrow().end(), truth) ? 1 : 0;
        }
        System.out.printf(
                "walks %d, settled %.3f, right of these %.3f, checks on average %.2f%n",
                ends.size(), (double) settled / ends.size(), (double) right / settled, (double) steps / ends.size());
        assertThat((double) settled / ends.size()).as("settled").isGreaterThan(0.55);
        assertThat((double) right / settled).as("right of the settled").isGreaterThan(0.9);
        assertThat((double) steps / ends.size()).as("checks needed").isLessThan(6);
    }

    private static boolean sameToTheHand(End a, End b) {
        return a.equals(b)
                || a.thread().map(ThreadSize::name).equals(b.thread().map(ThreadSize::name))
                        && a.seats().stream().anyMatch(b.seats()::contains);
    }
}
