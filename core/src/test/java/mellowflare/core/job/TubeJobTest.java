package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.TubeSamples;
import org.junit.jupiter.api.Test;

class TubeJobTest {
    private static Job job() {
        Job open = Job.open("t", "Pump line", "Dunlin", UnitSystem.METRIC);
        return Samples.soundLine()
                .withService(TubeSamples.service())
                .in(open)
                .withKind(TubeLineKind.TUBE)
                .with(TubeLineKind.TUBE, TubeSamples.line());
    }

    @Test
    void aTubeJobIsWorkedOutAsTube() {
        Evaluation e = Evaluation.of(job(), Samples.DATA);
        TubePlan plan = e.plan(TubeLineKind.TUBE).orElseThrow();
        assertThat(e.steps()).anyMatch(s -> s.id().equals("scrap"));
        assertThat(e.findings()).anyMatch(f -> f.rule().id().equals("shape.holds"));
        assertThat(e.cut()).isEqualTo(plan.c().cut().map(c -> c.shop(UnitSystem.METRIC)));
        assertThat(e.leftOff().text()).isEqualTo("not started");
        // Its ports are those of the line: a boss at A does not take a 37 degree flare.
        assertThat(e.stops()).isPositive();
    }

    @Test
    void turnedIntoHoseAndBackNothingIsLost() {
        Job hose = job().withKind(HoseLineKind.HOSE);
        assertThat(Evaluation.of(hose, Samples.DATA).plan(TubeLineKind.TUBE)).isEmpty();
        assertThat(hose.withKind(TubeLineKind.TUBE)).isEqualTo(job());
    }

    /** A hold point that was passed on a hose is not passed on the tube that took its place. */
    @Test
    void ticksStayWithWhatTheLineWasMadeOf() {
        Job hose = job().withKind(HoseLineKind.HOSE)
                .withLog(MakeLog.EMPTY.with(new mellowflare.core.procedure.StepEntry(
                        "cut",
                        mellowflare.core.procedure.StepEntry.Outcome.DONE,
                        "Maren",
                        Instant.EPOCH,
                        Map.of(),
                        "")));
        Job tube = hose.withKind(TubeLineKind.TUBE);
        assertThat(Evaluation.of(hose, Samples.DATA).bench().log().entry("cut")).isPresent();
        assertThat(tube.log()).isEqualTo(MakeLog.EMPTY);
        Evaluation e = Evaluation.of(tube, Samples.DATA);
        assertThat(e.steps()).anyMatch(s -> s.id().equals("cut"));
        assertThat(e.bench().log().entry("cut")).isEmpty();
        assertThat(e.leftOff().text()).isEqualTo("not started");
        assertThat(tube.withKind(HoseLineKind.HOSE)).isEqualTo(hose);
    }

    @Test
    void workedOutAfterAChangeItIsTheSame() {
        Evaluation before = Evaluation.of(job(), Samples.DATA);
        Job changed = job().change(TubeLineKind.TUBE, t -> t.withRadius(Optional.of(Length.ofMm(30))));
        assertThat(Evaluation.after(before, changed, Samples.DATA).findings())
                .isEqualTo(Evaluation.of(changed, Samples.DATA).findings());
        // What does not touch the line leaves its plan as it was.
        assertThat(Evaluation.after(before, job().withTitle("other"), Samples.DATA)
                        .plan())
                .isSameAs(before.plan());
    }

    /** The cut is held until the distance end to end was read a second time and the figure read back. */
    @Test
    void theCutIsReadBackFirst() {
        Job j = job();
        Evaluation e = Evaluation.of(j, Samples.DATA);
        assertThat(e.bench().figureStillNeeds()).isEmpty();
        assertThat(e.bench().cutStillNeeds()).containsExactly("the cut figure read back");
        MakeLog log = e.bench().readBack("Tobbe", Instant.EPOCH).value().orElseThrow();
        assertThat(Evaluation.of(j.withLog(log), Samples.DATA).bench().cutStillNeeds())
                .isEmpty();
        // A changed plan makes the reading void and says so.
        Job changed = j.withLog(log).change(TubeLineKind.TUBE, t -> t.withSquareUp(Length.ofMm(4)));
        Evaluation after = Evaluation.of(changed, Samples.DATA);
        assertThat(after.bench().cutStillNeeds()).isNotEmpty();
        assertThat(after.findings()).anyMatch(f -> f.stops() && f.rule().id().equals("make.cut-still-right"));
    }

    @Test
    void stepsAreTickedWithTheFlareMeasured() {
        Job j = job();
        Evaluation e = Evaluation.of(j, Samples.DATA);
        MakeLog log = e.bench().readBack("Tobbe", Instant.EPOCH).value().orElseThrow();
        for (int i = 0; i < 60; i++) {
            Evaluation now = Evaluation.of(j.withLog(log), Samples.DATA);
            var next = now.bench().next();
            if (next.isEmpty()) {
                break;
            }
            String id = next.get().id();
            Map<String, String> figures = next.get().records().isEmpty()
                    ? Map.of()
                    : Map.of(
                            next.get().records().get(0).id(),
                            next.get().records().get(0).atLeast().isPresent()
                                    ? "400 bar"
                                    : next.get()
                                                    .records()
                                                    .get(0)
                                                    .lengthBand()
                                                    .orElseThrow()
                                                    .middle()
                                                    .mm() + " mm");
            if (id.equals("flare@A")) {
                assertThat(now.bench()
                                .tick(id, "Maren", Instant.EPOCH, Map.of("flare", "14 mm"))
                                .refusal()
                                .orElseThrow())
                        .contains(
                                "14 mm is outside 11.68 mm to 12.45 mm for the flare across: measure again, or put it right before going on.");
            }
            log = now.bench()
                    .tick(id, "Maren", Instant.EPOCH, figures)
                    .value()
                    .orElseThrow(() -> new AssertionError(id + ": "
                            + now.bench()
                                    .tick(id, "Maren", Instant.EPOCH, figures)
                                    .refusal()));
        }
        assertThat(Evaluation.of(j.withLog(log), Samples.DATA).leftOff().text()).startsWith("finished, all");
    }
}
