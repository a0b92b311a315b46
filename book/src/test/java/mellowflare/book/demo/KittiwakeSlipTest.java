package mellowflare.book.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mellowflare.book.Jobs;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import org.junit.jupiter.api.Test;

class KittiwakeSlipTest {
    private final List<Evaluation> demo =
            Jobs.demo().stream().map(j -> Evaluation.of(j, Jobs.DATA)).toList();

    @Test
    void testOneJobIsHalfMadeOneNotBegunAndOneStops() {
        assertThat(demo).hasSize(3);
        assertThat(demo.get(2).leftOff()).startsWith("step 5 of");
        assertThat(demo.get(2).plan().stops()).isFalse();
        assertThat(demo.get(1).leftOff()).isEqualTo("not begun");
        assertThat(demo.get(0).plan().findings().stream().filter(Finding::stops))
                .hasSize(2);
    }

    @Test
    void testMeasuredEndsCameOutOfTheIdentifier() {
        Job slew = demo.get(2).job();
        assertThat(slew.line().a().port().orElseThrow().text()).isEqualTo("ORB -8 female");
        assertThat(slew.line().b().port().orElseThrow().text()).isEqualTo("JIC37 -8 male");
        assertThat(slew.line().a().certainty().orElseThrow()).isGreaterThan(0.9);
        assertThat(demo.get(1).job().line().a().port().orElseThrow().text()).isEqualTo("JIC37 -6 male");
    }

    @Test
    void testOpenEndIsAskedFor() {
        assertThat(demo.get(1).plan().findings()).anySatisfy(f -> {
            assertThat(f.state()).isEqualTo(State.NOT_CHECKED);
            assertThat(f.about()).isEqualTo(Subject.END_B);
        });
    }
}
