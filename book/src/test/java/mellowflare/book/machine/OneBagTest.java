package mellowflare.book.machine;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.book.Jobs;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.machine.Carried;
import mellowflare.core.machine.Hours;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachinePart;
import mellowflare.core.machine.StepTimes;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The one bag and the hours of all lines together. */
class OneBagTest {
    private static Machine all(List<Job> jobs) {
        return Machine.of(
                "Slip", jobs.stream().map(j -> Evaluation.of(j, Jobs.DATA)).toList());
    }

    /** The job with every step ticked, a minute after each other. */
    private static Job ticked(Job job, Duration apart) {
        MakeLog log = MakeLog.EMPTY;
        Instant at = Jobs.NOW;
        for (Step s : Evaluation.of(job.withLog(log), Jobs.DATA).steps()) {
            at = at.plus(apart);
            log = log.with(new StepEntry(s.id(), StepEntry.Outcome.DONE, "Maren", at, Map.of(), ""));
        }
        return job.withLog(log);
    }

    @Test
    void testEveryToolGoesAlongOnceAndEveryPartThatIsStillToTake() {
        Machine m = all(Jobs.demo());
        List<Carried> bag = Carried.of(m);
        List<String> tools = bag.stream()
                .filter(c -> c.sort() == Carried.Sort.TOOL)
                .map(Carried::name)
                .toList();
        assertThat(tools).doesNotHaveDuplicates().hasSizeGreaterThan(30);
        m.lines()
                .forEach(l -> l.of().steps().stream()
                        .filter(s -> l.of().job().log().entry(s.id()).isEmpty())
                        .forEach(s -> assertThat(tools).as(s.id()).containsAll(s.tools())));
        assertThat(bag.stream().filter(c -> c.sort() == Carried.Sort.PART).map(Carried::name))
                .containsExactlyElementsOf(m.parts().stream()
                        .filter(p ->
                                p.take().need() - p.take().taken() > (p.take().metres() ? 0.01 : 0))
                        .map((MachinePart p) -> p.take().name())
                        .toList());
        List<Carried> unseen =
                bag.stream().filter(c -> c.sort() == Carried.Sort.UNSEEN).toList();
        assertThat(unseen).as("the stub behind the wall").isNotEmpty();
        assertThat(unseen)
                .allMatch(c -> c.amount().equals(Integer.toString(c.lines().size())));
    }

    @Test
    void testWhatIsDoneAsksForNothing() {
        Job slew = Jobs.demo().stream()
                .filter(j -> j.id().equals("demo-slew-hose"))
                .findFirst()
                .orElseThrow();
        assertThat(Carried.of(all(List.of(slew))))
                .anyMatch(c -> c.sort() == Carried.Sort.TOOL && c.lines().equals(List.of("A")));
        assertThat(Carried.of(all(List.of(ticked(slew, Duration.ofMinutes(1))))))
                .noneMatch(c -> c.sort() == Carried.Sort.TOOL);
    }

    @Test
    void testHoursAreThoseOfTheTicksInTheBook(@TempDir Path folder) throws Exception {
        Job slew = Jobs.demo().stream()
                .filter(j -> j.id().equals("demo-slew-hose"))
                .findFirst()
                .orElseThrow();
        Job made = ticked(slew, Duration.ofMinutes(7));
        Job open = slew.alike("other", "Other");
        int steps = Evaluation.of(made, Jobs.DATA).steps().size();
        try (Book book = Book.open(folder)) {
            assertThat(book.stepTimes()).isEqualTo(StepTimes.NONE);
            book.save(made, "", "ticked", "", Jobs.NOW);
            book.save(open, "", "copied", "", Jobs.NOW);
            StepTimes times = book.stepTimes();
            assertThat(times.of("cut")).hasValue(Duration.ofMinutes(7));
            Hours hours = Hours.of(all(List.of(made, open)), times);
            assertThat(hours.spent()).isEqualTo(Duration.ofMinutes(7L * (steps - 1)));
            // The first tick has none before it; every other step of the copy was ticked once.
            assertThat(hours.open()).isEqualTo(steps);
            assertThat(hours.known()).isEqualTo(steps - 1);
            assertThat((double) hours.left().toMinutes()).isCloseTo(7.0 * (steps - 1), within(1e-9));
            assertThat(hours.toGo()).startsWith("over ");
            assertThat(hours.says()).endsWith("; %d of %d steps known".formatted(steps - 1, steps));
        }
    }

    @Test
    void testBeforeAnythingWasTickedNobodyKnowsTheHours() {
        List<Job> fresh = new ArrayList<>();
        Jobs.demo().forEach(j -> fresh.add(j.withLog(MakeLog.EMPTY)));
        Hours hours = Hours.of(all(fresh), StepTimes.NONE);
        assertThat(hours.spent()).isZero();
        assertThat(hours.known()).isZero();
        assertThat(hours.open()).isGreaterThan(100);
        assertThat(hours.toGo()).isEqualTo("–");
    }
}
