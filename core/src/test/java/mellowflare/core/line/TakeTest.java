package mellowflare.core.line;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Severity;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Shelved;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;
import mellowflare.core.table.FigureTable;
import org.junit.jupiter.api.Test;

/** What a line takes, what of it the shelf holds, and what is cut out of bars. */
class TakeTest {
    private static Take part(String number, double need, double each) {
        return Take.part(number, "name " + number, PartRole.REST, need, false, each);
    }

    @Test
    void testWhatIsTakenOfOnePartIsAddedUp() {
        List<Take> all = Take.together(List.of(
                part("E1", 2, 3).at(LineEnd.A),
                part("F1", 1, 0),
                part("E1", 4, 3).at(LineEnd.B)));
        assertThat(all).hasSize(2);
        assertEquals(6, all.get(0).need());
        assertEquals(Optional.empty(), all.get(0).end());
        assertEquals(Optional.of(3.0), all.get(0).each());
        assertEquals(Optional.empty(), all.get(1).each());
        Take named = Take.named("own nut", PartRole.REST, 2, false, Optional.of(0.5));
        assertEquals("own nut", named.key());
        assertEquals("E1", part("E1", 1, 1).key());
        assertEquals(
                Used.counted("E1", "name E1", 2, Used.From.JOB),
                part("E1", 2, 1).used(Used.From.JOB));
        Take metres = Take.part("H1", "hose", PartRole.CUT, 1.5, true, 9);
        assertThat(metres.used(Used.From.SHELF).metres()).isTrue();
        assertEquals(1.5, metres.used(Used.From.SHELF).amount());
    }

    private static Setting setting(List<Used> used, double onShelf) {
        MakeLog log = used.isEmpty()
                ? MakeLog.EMPTY
                : MakeLog.EMPTY.with(
                        new StepEntry("fit", StepEntry.Outcome.DONE, "Maren", Instant.EPOCH, Map.of(), "").using(used));
        Shelf shelf = Shelf.of(List.of(Count.of("X1", "x", onShelf, Instant.EPOCH, "Maren")), List.of());
        return Samples.setting(Practice.USUAL, log, Shelved.over(Samples.DATA, shelf));
    }

    /** Three of seven are taken already: of two rows of four and three the first has its three, the second none. */
    @Test
    void testWhatWasTakenCountsOnce() {
        List<Take> all = Take.shelved(
                List.of(part("X1", 4, 1), part("X1", 3, 1)),
                setting(
                        List.of(
                                Used.counted("X1", "x", 2, Used.From.SHELF),
                                Used.counted("X1", "x", 1, Used.From.SHELF)),
                        5));
        assertEquals(3, all.get(0).taken());
        assertEquals(0, all.get(1).taken());
        assertEquals(Optional.of(5.0), all.get(0).onShelf());
        assertEquals(0, all.get(0).lacks());
        Take both = Take.together(all).get(0);
        assertEquals(7, both.need());
        assertEquals(3, both.taken());
        assertEquals(0, both.lacks());
        Take few =
                Take.shelved(List.of(part("X1", 7, 1)), setting(List.of(), 5)).get(0);
        assertEquals(2, few.lacks());
        assertEquals(
                Optional.empty(),
                Take.shelved(List.of(part("X2", 1, 1)), setting(List.of(), 5))
                        .get(0)
                        .onShelf());
        List<Take> more = Take.shelved(
                List.of(part("X1", 1, 1), part("X1", 1, 1)),
                setting(List.of(Used.counted("X1", "x", 5, Used.From.SHELF)), 5));
        assertThat(more).extracting(Take::taken).containsExactly(1.0, 1.0);
    }

    /** Two of 2500 fit a bar of 6000 with a kerf of 2: 994 is left and goes back; one of 7000 has no bar. */
    @Test
    void testWhatIsCutSaysWhatGoesBack() {
        CutTask task = new CutTask(
                List.of(new CutTask.Piece("a", Length.ofMm(2500), 2), new CutTask.Piece("b", Length.ofMm(7000), 3)),
                List.of(new CutTask.Stock("bar", Length.ofMm(6000), 12, Optional.empty())),
                Length.ofMm(2),
                false,
                Length.ofMm(300));
        List<Used> used = new Cuts("P", "pipe", task).used();
        assertThat(used).hasSize(2);
        assertEquals(5, used.get(0).amount(), 1e-9);
        assertEquals(Optional.of(Length.ofMm(6000)), used.get(0).piece());
        assertEquals(996, used.get(0).left().orElseThrow().mm(), 1e-9);
        assertEquals(Used.From.JOB, used.get(0).from());
        assertEquals(21, used.get(1).amount(), 1e-9);
        assertEquals(Used.From.SHELF, used.get(1).from());
        assertEquals(Optional.empty(), used.get(1).piece());
        // What is shorter than what is kept does not go back.
        CutTask tight = new CutTask(
                List.of(new CutTask.Piece("a", Length.ofMm(5800), 1)),
                task.stock(),
                Length.ofMm(2),
                false,
                Length.ofMm(300));
        assertThat(new Cuts("P", "pipe", tight).used())
                .singleElement()
                .satisfies(u -> assertThat(u.left()).isEmpty());
    }

    // --- what every plan answers ---

    private final Plan plan = HosePlan.of(Samples.hoseCase(Samples.soundLine()));

    @Test
    void testAPlanIsAskedByTableByPartAndByRule() {
        FigureTable first = plan.tables().get(0);
        assertEquals(Optional.of(first), plan.table(first.what()));
        assertEquals(Optional.empty(), plan.table(FigureTable.What.RODS));
        String part = first.rows().get(0).cells().get(0);
        assertThat(plan.figuresOf(part))
                .isNotEmpty()
                .allSatisfy(t -> assertThat(t).isNotBlank());
        assertThat(plan.figuresOf("nobody's")).isEmpty();
        String rule = plan.findings().get(0).rule().id();
        assertEquals(Optional.of(plan.findings().get(0).says(UnitSystem.METRIC)), plan.says(rule, UnitSystem.METRIC));
        assertEquals(Optional.empty(), plan.says("nobody's", UnitSystem.METRIC));
        assertThat(plan.stops()).isFalse();
        assertThat(plan.marks()).doesNotContainValue(Severity.STOP);
        Plan broken = HosePlan.of(Samples.hoseCase(Samples.soundLine()
                .withService(Samples.soundLine().service().withWorking(Optional.of(GaugePressure.ofBar(2000))))));
        assertThat(broken.stops()).isTrue();
        assertThat(broken.marks()).containsValue(Severity.STOP);
    }

    @Test
    void testAStepIsShownByItsOwnPictureElseByWhatItsRowNames() {
        int own = 0;
        int named = 0;
        for (Step s : plan.steps()) {
            Optional<?> mine = plan.ownPicture(s);
            if (mine.isPresent()) {
                own++;
                assertEquals(mine, plan.picture(s));
            } else {
                named += plan.picture(s).isPresent() ? 1 : 0;
                assertEquals(!s.shows().isEmpty(), plan.picture(s).isPresent(), s.id());
            }
        }
        assertThat(own).isPositive();
        assertThat(named).isPositive();
    }
}
