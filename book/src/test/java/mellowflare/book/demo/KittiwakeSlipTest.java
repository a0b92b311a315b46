package mellowflare.book.demo;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import mellowflare.book.Jobs;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.HoseLineKind;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.tube.TubeLineKind;
import org.junit.jupiter.api.Test;

class KittiwakeSlipTest {
    private final List<Evaluation> demo =
            Jobs.demo().stream().map(j -> Evaluation.of(j, Jobs.DATA)).toList();
    private final Evaluation winch = demo.get(1);
    private final Evaluation slew = demo.get(2);

    @Test
    void testEveryOtherLineOfTheYardHasPartsThatBelongTogether() {
        for (Evaluation e : demo.subList(3, 9)) {
            assertThat(e.plan().findings().stream()
                            .filter(Finding::stops)
                            .map(f -> f.rule().id()))
                    .as(e.job().title())
                    .isEmpty();
            assertThat(e.plan(HoseLineKind.HOSE).orElseThrow().parts())
                    .as(e.job().title())
                    .isNotEmpty();
        }
    }

    @Test
    void testEveryTubeOfTheYardCanBeMadeAsItIsPlanned() {
        for (Evaluation e : demo.subList(9, 13)) {
            assertThat(e.job().is(TubeLineKind.TUBE)).isTrue();
            assertThat(e.findings().stream()
                            .filter(Finding::stops)
                            .map(f -> f.says(e.job().units())))
                    .as(e.job().title())
                    .isEmpty();
            assertThat(e.cut()).as(e.job().title()).isPresent();
        }
    }

    @Test
    void testOneJobIsHalfMadeOneNotBegunAndOneStops() {
        assertThat(demo.size()).isGreaterThanOrEqualTo(15);
        assertThat(slew.leftOff().text()).startsWith("step 6 of");
        assertThat(slew.plan().stops()).isFalse();
        assertThat(winch.leftOff().text()).isEqualTo("not started");
        assertThat(demo.get(0).plan().findings().stream().filter(Finding::stops))
                .extracting(f -> f.rule().id())
                .containsExactlyInAnyOrder("line.clocking", "hose.bend-radius");
    }

    @Test
    void testMeasuredEndsCameOutOfTheIdentifier() {
        Job slew = this.slew.job();
        assertThat(slew.ports().a().end().orElseThrow().text()).isEqualTo("ORB -8 female");
        assertThat(slew.ports().b().end().orElseThrow().text()).isEqualTo("JIC37 -8 male");
        assertThat(slew.ports().a().certainty().orElseThrow()).isGreaterThan(0.9);
        assertThat(winch.job().ports().a().end().orElseThrow().text()).isEqualTo("JIC37 -6 male");
    }

    /** The window tells by comparing whether anything changed: what follows from one job is one value, however often it is worked out. */
    @Test
    void testWorkedOutTwiceItIsTheSame() {
        List<String> differ = demo.stream()
                .filter(e -> !Evaluation.of(e.job(), Jobs.DATA).equals(e))
                .map(e -> e.job().title())
                .toList();
        assertThat(differ).isEmpty();
    }

    @Test
    void testOpenEndIsAskedFor() {
        assertThat(winch.plan().findings()).anySatisfy(f -> {
            assertThat(f.state()).isEqualTo(State.NOT_CHECKED);
            assertThat(f.about()).isEqualTo(Subject.END_B);
        });
    }
}
