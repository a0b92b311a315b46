package mellowflare.book.shelf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.book.Jobs;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Take;
import mellowflare.core.line.Taking;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.parts.Shelved;
import mellowflare.core.parts.Stock;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Held;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The shelf follows the ticks of the demo jobs. */
class ShelfFollowsTest {
    private static final ReferenceData DATA = Jobs.DATA;

    /** The job with its next steps ticked, each taking what it takes. */
    private static Job worked(Job job, int steps, ReferenceData data) {
        Job now = job.withLog(MakeLog.EMPTY);
        for (int i = 0; i < steps; i++) {
            Evaluation e = Evaluation.of(now, data);
            if (e.bench().next().isEmpty()) {
                return now;
            }
            Step due = e.bench().next().get();
            StepEntry done = new StepEntry(
                    due.id(), StepEntry.Outcome.DONE, "Maren", Jobs.NOW.plusSeconds(i), Map.of(), "", e.takesNext());
            now = now.withLog(now.log().with(done));
        }
        return now;
    }

    private static Map<String, Double> sums(List<Used> used) {
        Map<String, Double> all = new TreeMap<>();
        used.forEach(u -> all.merge(u.key(), u.amount(), Double::sum));
        return all;
    }

    private static Job demo(String title) {
        return Jobs.demo().stream()
                .filter(j -> j.title().contains(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testEveryPartIsTakenAtOneStepAndNoneTwice() {
        int parts = 0;
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job.withLog(MakeLog.EMPTY), DATA);
            List<Used> used = new ArrayList<>();
            e.steps().forEach(s -> used.addAll(Taking.at(s, e.plan(), DATA)));
            Map<String, Double> taken = sums(used);
            boolean cuts = !e.plan().cuts().isEmpty();
            for (Take t : Take.together(e.plan().takes())) {
                if (!e.steps().isEmpty() && t.need() > 0 && !(t.metres() && cuts)) {
                    assertThat(taken.get(t.key()))
                            .describedAs("%s of %s", t.name(), job.title())
                            .isCloseTo(t.need(), within(1e-9));
                    parts++;
                }
            }
            double cut = e.plan().cuts().stream()
                    .flatMap(c -> c.task().pieces().stream())
                    .mapToDouble(p -> p.length().mm() * p.count() / 1000)
                    .sum();
            if (!e.steps().isEmpty() && cuts) {
                assertThat(used.stream()
                                .filter(Used::metres)
                                .mapToDouble(Used::amount)
                                .sum())
                        .describedAs(job.title())
                        .isCloseTo(cut, within(1e-6));
            }
        }
        assertThat(parts).isGreaterThan(60);
    }

    @Test
    void testAnOrderThatStopsToAskTakesNothingThere() {
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job.withLog(MakeLog.EMPTY), DATA);
            assertThat(e.steps())
                    .describedAs(job.title())
                    .filteredOn(s -> s.takes().isEmpty())
                    .allSatisfy(s -> assertThat(Taking.at(s, e.plan(), DATA)).isEmpty());
        }
        // An end of the shop's own whose fixing nobody has said.
        Stock house = Stock.of(DATA);
        ReferenceData unsaid = new Stock(
                        house.hoses(),
                        house.ends().stream()
                                .map(p -> p.withAttach(Optional.empty()))
                                .toList(),
                        house.adapters(),
                        house.ferrules(),
                        house.seals(),
                        house.tools())
                .in(DATA);
        Evaluation open = Evaluation.of(demo("Crane slew hose").withLog(MakeLog.EMPTY), unsaid);
        Step asks = open.steps().get(open.steps().size() - 1);
        assertThat(asks.id()).describedAs("the order stops to ask").startsWith("fixing");
        assertThat(Taking.at(asks, open.plan(), DATA)).isEmpty();
    }

    @Test
    void testAHoseEndIsTakenWhenItGoesOnAndItsRingWhenItIsFitted() {
        Evaluation e = Evaluation.of(demo("Crane slew hose").withLog(MakeLog.EMPTY), DATA);
        Map<String, List<String>> by = new TreeMap<>();
        e.steps().forEach(s -> {
            List<Used> used = Taking.at(s, e.plan(), DATA);
            if (!used.isEmpty()) {
                by.put(s.id(), used.stream().map(Used::key).toList());
            }
        });
        assertThat(by.keySet()).contains("cut", "fit@A");
        assertThat(by.get("cut")).hasSize(1);
        assertThat(by.keySet().stream().filter(k -> k.startsWith("socket@") || k.startsWith("push@")))
                .hasSize(2);
        assertThat(by).doesNotContainKey("record");
    }

    @Test
    void testALineSaysTheSameOfItselfBeforeAndAfterItTookItsParts() {
        for (Job job : Jobs.demo()) {
            Evaluation before = Evaluation.of(job.withLog(MakeLog.EMPTY), DATA);
            if (before.steps().isEmpty()) {
                continue;
            }
            Job made = worked(job, before.steps().size(), DATA);
            Shelf shelf = Shelf.of(List.of(), made.moves());
            Evaluation after = Evaluation.of(made, Shelved.over(DATA, shelf));
            assertThat(after.plan().tables())
                    .describedAs(job.title())
                    .isEqualTo(before.plan().tables());
            assertThat(Take.together(after.plan().takes()).stream()
                            .filter(t -> t.onShelf().isPresent())
                            .mapToDouble(Take::lacks)
                            .sum())
                    .describedAs("what %s has taken it does not lack", job.title())
                    .isLessThanOrEqualTo(1e-6);
        }
    }

    @Test
    void testTheNextLineFindsWhatTheFirstHasLeft() {
        Job slew = demo("Crane slew hose");
        Evaluation planned = Evaluation.of(slew.withLog(MakeLog.EMPTY), DATA);
        String hose = planned.plan().cuts().get(0).key();
        double listed = ShelfLine.of(hose, DATA).orElseThrow().held().amount();
        Job made = worked(slew, planned.steps().size(), DATA);
        ReferenceData now = Shelved.over(DATA, Shelf.of(List.of(), made.moves()));
        Held held = ShelfLine.of(hose, now).orElseThrow().held();
        double piece = planned.cut().orElseThrow().mm() / 1000;
        // Two millimetres go with the cut.
        assertThat(held.amount()).isCloseTo(listed - piece - 0.002, within(1e-9));
        assertThat(held.pieces()).hasSize(1);
        Take end = planned.plan().takes().stream()
                .filter(t -> t.role() == mellowflare.core.shelf.PartRole.END)
                .findFirst()
                .orElseThrow();
        assertThat(ShelfLine.of(end.key(), now).orElseThrow().held().amount())
                .isEqualTo(end.onShelf().orElseThrow() - 1);
        Job alike = slew.alike("other", "Other").withLog(MakeLog.EMPTY);
        assertThat(Evaluation.of(alike, now).plan().takes().stream()
                        .filter(t -> t.key().equals(end.key()))
                        .findFirst()
                        .orElseThrow()
                        .onShelf())
                .hasValue(end.onShelf().orElseThrow() - 1);
    }

    @Test
    void testTheBookReadsTheShelfFromItsJobsAndUndoReturnsWhatWasTaken(@TempDir Path folder) throws Exception {
        Job slew = demo("Crane slew hose").withLog(MakeLog.EMPTY);
        int all = Evaluation.of(slew, DATA).steps().size();
        Instant at = Jobs.NOW;
        try (Book book = Book.open(folder)) {
            book.save(slew, "", "opened", "", at);
            assertThat(book.shelf().touched()).isEmpty();
            Job made = worked(slew, all, DATA);
            book.save(made, "", "ticked", "", at.plusSeconds(60));
            assertThat(book.shelf().of(slew.id())).containsExactlyInAnyOrderElementsOf(made.moves());
            book.undo(slew.id(), at.plusSeconds(90));
            assertThat(book.shelf().touched()).describedAs("after undo").isEmpty();
            book.redo(slew.id(), at.plusSeconds(95));
            assertThat(book.shelf().touched()).isNotEmpty();
        }
        try (Book again = Book.open(folder)) {
            assertThat(again.shelf().of(slew.id()))
                    .hasSize(worked(slew, all, DATA).moves().size());
        }
    }

    @Test
    void testCountsStayInTheBookAndTheLastCanBeTakenBack(@TempDir Path folder) throws Exception {
        Instant at = Jobs.NOW;
        Count six = Count.of("P-1", "end", 6, at, "Oda");
        Count lengths = Count.lengths(
                "H-8",
                "hose",
                List.of(mellowflare.core.measure.Length.ofMm(4200), mellowflare.core.measure.Length.ofMm(900.5)),
                at,
                "Oda");
        try (Book book = Book.open(folder)) {
            book.count(six);
            book.count(Count.of("P-1", "end", 2, at.plus(Duration.ofHours(1)), "Maren"));
            book.count(lengths);
        }
        try (Book book = Book.open(folder)) {
            assertThat(book.shelf().held("P-1").orElseThrow().amount()).isEqualTo(2);
            assertThat(book.shelf().count("H-8")).hasValue(lengths);
            assertThat(book.countBack("P-1")).isTrue();
            assertThat(book.shelf().count("P-1")).hasValue(six);
            assertThat(book.countBack("P-1")).isTrue();
            assertThat(book.countBack("P-1")).isFalse();
        }
    }
}
