package mellowflare.core.flow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

class PipeVelocityTest {

    @Test
    void testSpeedIsFlowOverArea() {
        // 38 L/min through 12.7 mm: 6.3333e-4 m3/s over 1.26677e-4 m2 = 5.0 m/s
        assertThat(PipeVelocity.metresPerSecond(FlowRate.ofLitresPerMinute(38), Length.ofMm(12.7)))
                .isCloseTo(4.99960, within(1e-4));
    }
}
