package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class LeftOffTest {
    private static final LeftOff AT_SIX = new LeftOff(6, 22, "Cut: with the wheel");

    @Test
    void testWhatABookKeepsIsReadAgain() {
        for (LeftOff each : new LeftOff[] {LeftOff.NOT_STARTED, AT_SIX, LeftOff.finished(22)}) {
            assertThat(LeftOff.read(each.kept())).isEqualTo(each);
        }
        assertThat(LeftOff.read("left at two")).isEqualTo(LeftOff.NOT_STARTED);
        assertThat(LeftOff.read("")).isEqualTo(LeftOff.NOT_STARTED);
    }

    @Test
    void testOnlyTheMiddleIsInProgress() {
        assertThat(AT_SIX.inProgress()).isTrue();
        assertThat(LeftOff.NOT_STARTED.inProgress()).isFalse();
        assertThat(LeftOff.finished(22).inProgress()).isFalse();
        assertThat(AT_SIX.text()).isEqualTo("step 6 of 22: Cut: with the wheel");
        assertThat(AT_SIX.brief()).isEqualTo("step 6 of 22");
        assertThat(LeftOff.finished(22).brief()).isEqualTo("finished, all 22 steps");
    }
}
