package mellowflare.core.identify;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.id;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.Seat;
import mellowflare.core.measure.Length;
import mellowflare.core.thread.Pitch;
import org.junit.jupiter.api.Test;

/** What to do when measuring tells no more, and which looks go together. */
class SafeCourseTest {
    private static final Identifier IDENTIFIER = new Identifier(DATA);

    private static End end(EndCode code, String size) {
        return DATA.get(EndTable.KEY).find(id(code, size, Gender.MALE)).orElseThrow();
    }

    private static String course(double share, End... ends) {
        List<Candidate> all = new ArrayList<>();
        for (End e : ends) {
            all.add(new Candidate(e, all.isEmpty() ? 1 - share : share, List.of(), List.of()));
        }
        return SafeCourse.of(all);
    }

    @Test
    void testOneThatIsLeftIsTriedWithAKnownMate() {
        assertThat(course(0.03, end(EndCode.JIC37, "-8"), end(EndCode.ORB, "-8")))
                .contains("by fingers, and trust it");
        assertThat(course(0.03, end(EndCode.PUSH, "8 mm"), end(EndCode.ORB, "-8")))
                .contains("Measuring can tell no more. Try a known new mate by hand before you trust it.");
        assertThat(course(0))
                .contains(
                        "Measuring can tell no more. Run a known new mate on by fingers, and trust it if it goes several turns.");
    }

    @Test
    void testTwoThatAreLeftAreTreatedByThreadAndSeat() {
        assertThat(course(0.031, end(EndCode.JIC37, "-8"), end(EndCode.AN37, "-8")))
                .contains("the same joint");
        assertThat(course(0.031, end(EndCode.JIC37, "-8"), end(EndCode.ORB, "-8")))
                .contains("no pressure on it");
        assertThat(course(0.031, end(EndCode.NPT, "1/2"), end(EndCode.NPTF, "1/2")))
                .contains("the same joint");
        assertThat(course(0.031, end(EndCode.NPT, "1/2"), end(EndCode.BSPT, "1/2")))
                .contains("goes several turns without");
        assertThat(course(0.031, end(EndCode.BSPP, "3/8"), end(EndCode.LPG, "G 3/8 left")))
                .contains("goes several turns without");
        assertThat(course(0.031, end(EndCode.JIC37, "-8"), end(EndCode.AN37, "-8"), end(EndCode.ORB, "-8")))
                .contains("no pressure on it");
        assertThat(course(0.031, end(EndCode.JIC37, "-8"), end(EndCode.AN37, "-8"), end(EndCode.NPT, "1/2")))
                .contains("goes several turns without");
    }

    private static List<Finding> looks(Observation seen) {
        return new LooksAgree().check(IdentifyCase.of(seen, IDENTIFIER, DATA));
    }

    private static Observation seen() {
        return Observation.of(Gender.MALE).withDiameter(Optional.of(Length.ofMm(18.9)));
    }

    private static String fails(Observation seen) {
        List<Finding> all = looks(seen);
        assertThat(all).isNotEmpty().allMatch(f -> f.state() == State.FAIL);
        return String.join(
                "; ",
                all.stream()
                        .map(f -> f.figures().get("one") + " + " + f.figures().get("two"))
                        .toList());
    }

    private static void passes(Observation seen) {
        assertThat(looks(seen)).singleElement().matches(f -> f.state() == State.PASS);
    }

    private static void waits(Observation seen) {
        assertThat(looks(seen)).singleElement().matches(f -> f.state() == State.NOT_CHECKED);
    }

    @Test
    void testLooksThatNoEndHasTogetherAreSaid() {
        Observation flare = seen().withSeat(Optional.of(Seat.CONE37));
        waits(seen());
        waits(flare);
        waits(seen().withTaper(Optional.of(TaperSeen.TAPERED)));
        passes(flare.withTaper(Optional.of(TaperSeen.PARALLEL)));
        passes(flare.withPitch(Optional.of(Pitch.ofPerInch(16))));
        assertThat(fails(flare.withTaper(Optional.of(TaperSeen.TAPERED))))
                .contains("tapered")
                .contains("37° cone");
        assertThat(fails(flare.withPitch(Optional.of(Pitch.ofMm(3))))).contains("pitch");
        Observation both = flare.withTaper(Optional.of(TaperSeen.TAPERED)).withPitch(Optional.of(Pitch.ofMm(3)));
        assertThat(looks(both)).hasSize(2);
        // Only the look that is wrong is named.
        assertThat(looks(both.withTaper(Optional.of(TaperSeen.PARALLEL)))).hasSize(1);
    }

    @Test
    void testALeftHandThreadOfAPitchThatNoneHasIsSaid() {
        Observation left = seen().withSeat(Optional.of(Seat.CONE37)).withHand(Optional.of(HandSeen.LEFT));
        waits(left);
        assertThat(fails(left.withPitch(Optional.of(Pitch.ofPerInch(16))))).contains("left-hand");
        passes(left.withHand(Optional.of(HandSeen.RIGHT)).withPitch(Optional.of(Pitch.ofPerInch(16))));
        // A leaf that is a hair off is the same leaf.
        passes(seen().withSeat(Optional.of(Seat.CONE37)).withPitch(Optional.of(Pitch.ofPerInch(16.3))));
        fails(seen().withSeat(Optional.of(Seat.CONE37)).withPitch(Optional.of(Pitch.ofPerInch(16.5))));
    }
}
