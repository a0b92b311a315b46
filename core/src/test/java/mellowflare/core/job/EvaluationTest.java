package mellowflare.core.job;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import mellowflare.core.Samples;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.api.Test;

class EvaluationTest {

    @Test
    void testSameJobAndDataGiveTheSameResult() {
        Job job = Samples.soundLine().in(Job.open("a", "slew hose", "crane", UnitSystem.METRIC));
        Evaluation first = Evaluation.of(job, Samples.DATA);
        Evaluation again = Evaluation.of(job, Samples.DATA);
        assertThat(again.plan().findings()).isEqualTo(first.plan().findings());
        assertThat(again.bench()).isEqualTo(first.bench());
    }

    @Test
    void testNewJobCanBeWorkedOutAndStops() {
        Evaluation fresh = Evaluation.of(Job.open("a", "", "", UnitSystem.INCH), Samples.DATA);
        assertThat(fresh.plan().cutFigure()).isEmpty();
        assertThat(fresh.plan().stops()).isFalse();
        assertThat(fresh.leftOff().text()).isEqualTo("not started");
    }

    @Test
    void testInchJobMarksSixteenths() {
        Job job = Samples.soundLine().in(Job.open("a", "slew hose", "crane", UnitSystem.INCH));
        assertThat(Evaluation.of(job, Samples.DATA).bench().cut().orElseThrow().inches())
                .isEqualTo(41.5625);
    }

    @Test
    void testJobWithoutAnIdCannotBeBuilt() {
        assertThatThrownBy(() -> Job.open(" ", "t", "m", UnitSystem.INCH)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testShippedDataNamesItsVersion() {
        assertThat(Samples.DATA.version()).isEqualTo(ShippedData.VERSION);
    }
}
