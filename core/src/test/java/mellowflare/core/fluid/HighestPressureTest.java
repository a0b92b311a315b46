package mellowflare.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

/** A surge counts like working pressure, and one that is said to be lower is a slip. */
class HighestPressureTest {
    private static Service service(Double working, Double peak) {
        return Service.UNSAID
                .withWorking(Optional.ofNullable(working).map(GaugePressure::ofBar))
                .withPeak(Optional.ofNullable(peak).map(GaugePressure::ofBar));
    }

    private static Optional<HighestPressure> highest(Double working, Double peak) {
        return HighestPressure.of(service(working, peak));
    }

    private static HighestPressure bar(double bar, boolean surge) {
        return new HighestPressure(GaugePressure.ofBar(bar), surge);
    }

    @Test
    void testTheHigherOfTheTwoIsWhatTheLineMustWithstand() {
        assertEquals(Optional.of(bar(250, true)), highest(210.0, 250.0));
        assertEquals(Optional.of(bar(210, false)), highest(210.0, 150.0));
        assertEquals(Optional.of(bar(210, false)), highest(210.0, 210.0));
        assertEquals(Optional.of(bar(210, false)), highest(210.0, null));
        assertEquals(Optional.of(bar(250, true)), highest(null, 250.0));
        assertEquals(Optional.empty(), highest(null, null));
        assertEquals(Optional.of(bar(0, true)), highest(-0.3, 0.0));
        assertEquals("highest surge", bar(1, true).word());
        assertEquals("working pressure", bar(1, false).word());
    }

    @Test
    void testASurgeBelowTheWorkingPressureIsWarnedOf() {
        List<Finding> slip = SurgeAboveWorking.check(service(210.0, 21.0));
        assertThat(slip).hasSize(1);
        assertEquals(State.FAIL, slip.get(0).state());
        assertEquals(Severity.WARN, slip.get(0).severity());
        assertEquals(Subject.SERVICE, slip.get(0).about());
        assertEquals(
                "The highest surge, 21 bar, is below the working pressure, 210 bar: one of them is wrong.",
                slip.get(0).says(UnitSystem.METRIC));
        assertEquals(
                List.of(State.PASS),
                SurgeAboveWorking.check(service(210.0, 210.0)).stream()
                        .map(Finding::state)
                        .toList());
        assertThat(SurgeAboveWorking.check(service(210.0, null))).isEmpty();
        assertThat(SurgeAboveWorking.check(service(null, 21.0))).isEmpty();
    }
}
