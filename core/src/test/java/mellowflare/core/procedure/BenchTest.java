package mellowflare.core.procedure;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.LineSample;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class BenchTest {
    private static final Instant AT = Instant.parse("2026-11-01T08:00:00Z");

    private Job job = soundLine().in(Job.open("j", "slew hose", "crane", UnitSystem.METRIC));

    private Bench bench() {
        return Evaluation.of(job, DATA).bench();
    }

    private void tick(String step, Map<String, String> figures) {
        Read<MakeLog> log = bench().tick(step, "Maren", AT, figures);
        assertThat(log.refusal()).as(step).isEmpty();
        job = job.withLog(log.value().orElseThrow());
    }

    private void toTheCut() {
        for (String step : new String[] {"safe", "catch", "parts", "scrap", "mark"}) {
            tick(step, Map.of());
        }
    }

    private String refusal(Read<MakeLog> read) {
        return read.refusal().orElseThrow();
    }

    @Test
    void testStepsAreTickedInOrderOnly() {
        assertThat(refusal(bench().tick("mark", "Maren", AT, Map.of())))
                .contains("“Make the machine safe” comes first");
        assertThat(refusal(bench().tick("safe", "  ", AT, Map.of()))).contains("who is at the bench");
        tick("safe", Map.of());
        assertThat(bench().next().orElseThrow().id()).isEqualTo("catch");
        assertThat(bench().doneCount()).isEqualTo(1);
    }

    @Test
    void testNoCutBeforeTheFigureWasReadBack() {
        toTheCut();
        assertThat(refusal(bench().tick("cut", "Maren", AT, Map.of())))
                .isEqualTo("Hold point: the cut still needs the cut figure read back.");
        job = job.withLog(bench().readBack("Tobbe", AT).value().orElseThrow());
        tick("cut", Map.of());
        assertThat(job.log().readBack().orElseThrow().figure()).isEqualTo(Length.ofMm(1056));
    }

    @Test
    void testReadBackNeedsNamesAndTwoReadingsThatAgree() {
        toTheCut();
        LineSample line = LineSample.of(job);
        job = in(line.withFinished(Optional.of(CalledFigure.unsigned(Length.ofMm(1140), "1140"))));
        assertThat(refusal(bench().readBack("Tobbe", AT)))
                .contains("who measured")
                .contains("who wrote it down")
                .contains("a second reading");
        job = in(line.withFinished(line.finished().map(f -> f.withSecond(Optional.of(Length.ofMm(1150)), ""))));
        assertThat(refusal(bench().readBack("Tobbe", AT))).contains("two readings that agree within 3.39 mm");
        job = in(line.withFinished(Optional.empty()));
        assertThat(refusal(bench().readBack("Tobbe", AT)))
                .contains(
                        "Before the cut figure can be read back, it needs a measured length, and everything the cut depends on.");
        job = in(line);
        assertThat(refusal(bench().readBack(" ", AT))).contains("Enter who hears the figure read back.");
    }

    @Test
    void testChangedPlanMakesTheReadBackVoid() {
        toTheCut();
        job = job.withLog(bench().readBack("Tobbe", AT).value().orElseThrow());
        assertThat(bench().readBackHolds()).isTrue();
        LineSample line = LineSample.of(job);
        job = in(line.withFinished(line.finished()
                .map(f -> f.withValue(Length.ofMm(1160), "1160")
                        .withSigned("M", "T")
                        .withSecond(Optional.of(Length.ofMm(1160)), "T"))));
        assertThat(bench().readBackHolds()).isFalse();
        assertThat(refusal(bench().tick("cut", "Maren", AT, Map.of()))).contains("read back");
    }

    @Test
    void testRecordedFigureMustLieInItsBand() {
        toTheCut();
        job = job.withLog(bench().readBack("Tobbe", AT).value().orElseThrow());
        tick("cut", Map.of());
        assertThat(refusal(bench().tick("check-cut", "Maren", AT, Map.of()))).contains("Write down the cut length");
        assertThat(refusal(bench().tick("check-cut", "Maren", AT, Map.of("check-cut", "abc"))))
                .contains("not a length");
        assertThat(refusal(bench().tick("check-cut", "Maren", AT, Map.of("check-cut", "1060"))))
                .contains(
                        "1060 mm is outside 1054.5 mm to 1057.5 mm for the cut length: measure again, or put it right before going on.");
        tick("check-cut", Map.of("check-cut", "1056.5"));
        assertThat(job.log().entry("check-cut").orElseThrow().figures()).containsEntry("check-cut", "1056.5 mm");
    }

    @Test
    void testProofPressureMustBeReached() {
        tickAllUntil("proof");
        assertThat(refusal(bench().tick("proof", "Maren", AT, Map.of("proof", "400"))))
                .contains("The proof pressure must be at least 420 bar.");
        tick("proof", Map.of("proof", "6100 psi"));
        assertThat(job.log().entry("proof").orElseThrow().figures()).containsEntry("proof", "6100 psi");
    }

    private void tickAllUntil(String stop) {
        while (!bench().next().orElseThrow().id().equals(stop)) {
            Step s = bench().next().orElseThrow();
            if (s.gate() == Step.Gate.CUT_FIGURE) {
                job = job.withLog(bench().readBack("Tobbe", AT).value().orElseThrow());
            }
            Map<String, String> figures = new java.util.HashMap<>();
            s.records()
                    .forEach(r -> figures.put(
                            r.id(),
                            r.lengthBand()
                                    .map(b -> b.middle().mm() + " mm")
                                    .orElseGet(() -> r.atLeast().orElseThrow().bar() + " bar")));
            tick(s.id(), figures);
        }
    }

    @Test
    void testWholeLineCanBeMadeAndSaysSo() {
        tickAllUntil("record");
        tick("record", Map.of());
        assertThat(bench().next()).isEmpty();
        assertThat(Evaluation.of(job, DATA).leftOff().text()).isEqualTo("finished, all 22 steps");
        assertThat(refusal(bench().tick("record", "Maren", AT, Map.of()))).contains("ticked already");
    }

    @Test
    void testPassingOverNeedsAReasonAndTheCutCannotBe() {
        assertThat(refusal(bench().passOver("safe", "Maren", AT, " ")))
                .contains("Give a reason for skipping this step.");
        assertThat(refusal(bench().passOver("catch", "Maren", AT, "later")))
                .contains("Only the current step can be skipped.");
        job = job.withLog(bench().passOver("safe", "Maren", AT, "machine is in pieces")
                .value()
                .orElseThrow());
        tick("catch", Map.of());
        tick("parts", Map.of());
        tick("scrap", Map.of());
        tick("mark", Map.of());
        assertThat(refusal(bench().passOver("cut", "Maren", AT, "no saw")))
                .contains("The cut cannot be skipped: every later step depends on it.");
        assertThat(job.log().entry("safe").orElseThrow().outcome()).isEqualTo(StepEntry.Outcome.PASSED_OVER);
    }

    @Test
    void testWhereItWasLeftIsSaidByStep() {
        assertThat(Evaluation.of(job, DATA).leftOff().text()).isEqualTo("not started");
        toTheCut();
        assertThat(Evaluation.of(job, DATA).leftOff().text()).isEqualTo("step 6 of 22: Cut with the wheel");
        job = job.withLog(job.log().withoutLast());
        assertThat(Evaluation.of(job, DATA).leftOff().text()).isEqualTo("step 5 of 22: Mark the cut");
    }

    private Job in(LineSample line) {
        return line.in(job);
    }
}
