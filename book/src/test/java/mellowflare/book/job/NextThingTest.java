package mellowflare.book.job;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.book.Jobs;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.StillNeeded;
import mellowflare.core.advice.Subject;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.NextThing;
import org.junit.jupiter.api.Test;

/** What comes next: first what is asked for, then what stops the line, and only then the making. */
class NextThingTest {
    /** The findings as they would be were everything told that the checks ask for. */
    private static List<Finding> told(Evaluation e) {
        return e.findings().stream().filter(f -> f.missing().isEmpty()).toList();
    }

    @Test
    void testALineThatStopsIsNeverLedToTheBench() {
        List<String> stopped = new ArrayList<>();
        List<String> made = new ArrayList<>();
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            List<Finding> told = told(e);
            Optional<NextThing> next = NextThing.of(e, told);
            if (told.stream().anyMatch(Finding::stops)) {
                stopped.add(job.id());
                assertThat(next).as(job.id()).isPresent();
                assertThat(next.get().at()).as(job.id()).isNotEqualTo(Subject.MAKE);
                assertThat(told)
                        .as(job.id())
                        .anyMatch(f -> f.stops()
                                && f.says(job.units()).equals(next.get().says()));
            } else if (!e.steps().isEmpty() && !e.leftOff().done()) {
                made.add(job.id());
                assertThat(next.orElseThrow().at()).as(job.id()).isEqualTo(Subject.MAKE);
            }
        }
        assertThat(stopped).hasSizeGreaterThan(1);
        assertThat(made).hasSizeGreaterThan(1);
    }

    @Test
    void testTheFirstThingAskedForIsTheFirstThatTheChecksShow() {
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            StillNeeded needed = StillNeeded.of(e.findings());
            if (needed.count() > 0) {
                assertThat(NextThing.of(e).orElseThrow().need())
                        .as(job.id())
                        .contains(needed.needs().get(0).need());
            }
        }
    }
}
