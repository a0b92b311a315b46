package mellowflare.core.machine;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import mellowflare.core.machine.StepTimes.Tick;
import mellowflare.core.procedure.StepEntry;
import org.junit.jupiter.api.Test;

class StepTimesTest {
    private static final Instant START = Instant.parse("2026-11-30T08:00:00Z");

    private static Tick tick(String step, long seconds) {
        return new Tick(step, START.plusSeconds(seconds));
    }

    private static StepEntry done(String step, long seconds) {
        return new StepEntry(step, StepEntry.Outcome.DONE, "Maren", START.plusSeconds(seconds), Map.of(), "");
    }

    @Test
    void testAStepTookFromTheTickBeforeToItsOwnAndTheMiddleOfAllCounts() {
        StepTimes times = StepTimes.of(List.of(
                List.of(tick("safe", 0), tick("cut", 300), tick("fit@A", 900), tick("fit@B", 1500)),
                List.of(tick("safe", 0), tick("cut", 600)),
                List.of(tick("safe", 0), tick("cut", 7200))));
        assertThat(times.of("safe")).as("nobody knows when the first began").isEmpty();
        assertThat(times.of("cut")).as("300, 600 and 7200 s").hasValue(Duration.ofSeconds(600));
        assertThat(times.of("fit@A")).as("both ends are one row").hasValue(Duration.ofSeconds(600));
        assertThat(StepTimes.of(List.of(List.of(tick("a", 0), tick("b", 100), tick("c", 200), tick("b", 400))))
                        .of("b"))
                .as("of two the mean")
                .hasValue(Duration.ofSeconds(150));
    }

    @Test
    void testTicksInARowAndBreaksSayNothing() {
        StepTimes times = StepTimes.of(List.of(
                List.of(tick("a", 0), tick("b", 19), tick("c", 39), tick("d", 39 + 7200), tick("e", 39 + 14_401))));
        assertThat(times.of("b")).as("19 s").isEmpty();
        assertThat(times.of("c")).as("20 s").hasValue(Duration.ofSeconds(20));
        assertThat(times.of("d")).as("two hours").hasValue(Duration.ofHours(2));
        assertThat(times.of("e")).as("two hours and a second").isEmpty();
        assertThat(StepTimes.of(List.of(List.of(tick("a", 500), tick("b", 0)))).of("b"))
                .as("a clock that was set back")
                .isEmpty();
    }

    @Test
    void testWhatWasWorkedLeavesBreaksOut() {
        assertThat(StepTimes.spent(List.of(done("a", 0), done("b", 10), done("c", 1810), done("d", 90_000))))
                .isEqualTo(Duration.ofSeconds(1810));
        assertThat(StepTimes.spent(List.of(done("a", 60), done("b", 0)))).isZero();
        assertThat(StepTimes.spent(List.of())).isZero();
    }
}
