package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNotEquals;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.hose.line.HoseEndPick;
import mellowflare.core.line.Port;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Used;
import mellowflare.core.testing.Duties;
import mellowflare.core.testing.TestAsk;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.trouble.FoundCause;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubeSamples;
import mellowflare.core.upkeep.Upkeep;
import org.junit.jupiter.api.Test;

/** What a job keeps through its changes, and what falls away. */
class JobTest {
    private static final Instant NINE = Instant.parse("2026-11-01T09:00:00Z");

    private static Job job() {
        return Samples.soundLine().in(Job.open("j", "slew hose", "crane", UnitSystem.METRIC));
    }

    private static StepEntry used(String step, int minute, String key) {
        return new StepEntry(step, StepEntry.Outcome.DONE, "Maren", NINE.plusSeconds(60L * minute), Map.of(), "")
                .using(List.of(Used.counted(key, key, 1, Used.From.SHELF)));
    }

    @Test
    void testWhatTicksOfAllKindsTookStandsInOrderOfTime() {
        Job hose = job().withLog(MakeLog.EMPTY.with(used("fit@A", 5, "E1")));
        Job both = hose.withKind(TubeLineKind.TUBE).withLog(MakeLog.EMPTY.with(used("nuts", 2, "N1")));
        assertThat(both.moves()).extracting(m -> m.used().key()).containsExactly("N1", "E1");
        assertThat(both.moves()).extracting(Move::job).containsOnly("j");
        assertThat(both.log().entries()).hasSize(1);
        assertThat(both.log(HoseLineKind.HOSE).entry("fit@A")).isPresent();
        assertEquals(hose, both.withLog(MakeLog.EMPTY).withKind(HoseLineKind.HOSE));
    }

    @Test
    void testTestsBelongToTheKindThatTheLineIsOf() {
        TestAsk ask = TestAsk.of(
                "proof",
                "Proof test",
                Duties.load().find("proof-ten").orElseThrow(),
                Optional.empty(),
                Optional.empty());
        Job tested = job().withTaken(List.of(TestRecord.of(ask)));
        assertThat(tested.taken()).hasSize(1);
        assertThat(tested.withKind(TubeLineKind.TUBE).taken()).isEmpty();
        assertEquals(job(), tested.withTaken(List.of()));
    }

    /** A copy is a new line: nothing of it is made, tested, due or handed over. */
    @Test
    void testACopyIsPlannedAlikeAndNothingOfItIsMade() {
        Job made = job().withLog(MakeLog.EMPTY.with(used("fit@A", 5, "E1")))
                .withUpkeep(Upkeep.NONE.withInService(Optional.of(LocalDate.of(2026, 11, 2))))
                .withTroubles(List.of(new FoundCause("x", LocalDate.of(2026, 11, 2), "Maren")))
                .withHanding(Handing.NONE.with(new Handed("", "Tobbe", NINE, "")));
        assertEquals(job().withId("k").withTitle("other side"), made.alike("k", "other side"));
    }

    @Test
    void testAnotherPortTakesWhatWasChosenForTheOldOne() {
        Job job = job().with(TubeLineKind.TUBE, TubeSamples.line());
        Port boss = job.ports().a();
        assertEquals(job, job.withPort(LineEnd.A, boss));
        Port flare = job.ports().b();
        Job other = job.withPort(LineEnd.A, flare);
        assertEquals(flare, other.ports().a());
        assertNotEquals(job.line(HoseLineKind.HOSE), other.line(HoseLineKind.HOSE));
        assertEquals(HoseEndPick.NONE, other.line(HoseLineKind.HOSE).end(LineEnd.A));
        assertEquals(
                job.line(HoseLineKind.HOSE).end(LineEnd.B),
                other.line(HoseLineKind.HOSE).end(LineEnd.B));
        assertEquals(EndCode.ORB, boss.end().orElseThrow().code());
        assertEquals(Gender.MALE, flare.end().orElseThrow().gender());
    }

    @Test
    void testTheMeasuredLengthIsSignedInTheLineOfItsKind() {
        CalledFigure other = CalledFigure.unsigned(Length.ofMm(1140), "1140").withSigned("Inga", "Per");
        Job signed = job().signed(other);
        assertEquals(
                "Inga", signed.line(HoseLineKind.HOSE).finished().orElseThrow().calledBy());
        assertEquals(job().ports(), signed.ports());
    }

    @Test
    void testAnEvaluationIsAsGoodAsAnotherOfTheSameJobAndTables() {
        Evaluation e = Evaluation.of(job(), Samples.DATA);
        assertEquals(e, Evaluation.of(job(), Samples.DATA));
        assertEquals(e.hashCode(), Evaluation.of(job(), Samples.DATA).hashCode());
        assertNotEquals(e, Evaluation.of(job().withTitle("other"), Samples.DATA));
        assertNotEquals(e, Evaluation.of(job(), Samples.DATA.with(Duties.KEY, Duties.load())));
        assertNotEquals(e, new Object());
        assertThat(e.with(e.plan()).findings()).isEqualTo(e.findings());
    }
}
