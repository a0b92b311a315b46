package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import mellowflare.core.Samples;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.line.Kind;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.TubeLineKind;
import mellowflare.core.tube.TubeSamples;
import org.junit.jupiter.api.Test;

/** A step that was skipped is said by its title, once, whatever the line is made of. */
class SkippedStepsTest {
    private static final Instant AT = Instant.parse("2026-11-01T08:00:00Z");

    private static Job job(Kind<?, ?> kind) {
        return Samples.soundLine()
                .withService(TubeSamples.service())
                .in(Job.open("t", "Pump line", "Dunlin", UnitSystem.METRIC))
                .with(TubeLineKind.TUBE, TubeSamples.line())
                .withKind(kind);
    }

    private static List<Finding> skipped(Job job) {
        return Evaluation.of(job, Samples.DATA).findings().stream()
                .filter(f -> f.rule().id().equals("make.passed-over"))
                .toList();
    }

    @Test
    void testSkippedIsSaidOfHoseAndTubeAlike() {
        for (Kind<?, ?> kind : List.of(Kinds.usual(), TubeLineKind.TUBE)) {
            Job job = job(kind);
            assertThat(skipped(job)).isEmpty();
            Step first = Evaluation.of(job, Samples.DATA).steps().get(0);
            MakeLog done = Evaluation.of(job, Samples.DATA)
                    .bench()
                    .tick(first.id(), "Maren", AT, Map.of())
                    .value()
                    .orElseThrow();
            assertThat(skipped(job.withLog(done)))
                    .singleElement()
                    .satisfies(f -> assertThat(f.state()).isEqualTo(State.PASS));
            MakeLog over = Evaluation.of(job, Samples.DATA)
                    .bench()
                    .passOver(first.id(), "Tobbe", AT, "the pump is at the other yard")
                    .value()
                    .orElseThrow();
            Job left = job.withLog(over);
            assertThat(skipped(left)).singleElement().satisfies(f -> {
                assertThat(f.state()).isEqualTo(State.FAIL);
                assertThat(f.severity()).isEqualTo(Severity.WARN);
                assertThat(f.says(UnitSystem.METRIC))
                        .isEqualTo("“" + first.title() + "” was skipped by Tobbe: the pump is at the other yard");
            });
            // The page of the line shows it too; those of the tests stand with the tests.
            Evaluation now = Evaluation.of(left, Samples.DATA);
            assertThat(now.lineFindings()).containsAll(skipped(left)).isEqualTo(now.findings());
            assertThat(HandOver.of(Evaluation.of(left, Samples.DATA), ZoneOffset.UTC).sections().stream()
                            .flatMap(s -> s.items().stream())
                            .filter(i -> i.says().contains("was skipped")))
                    .hasSize(1);
        }
    }
}
