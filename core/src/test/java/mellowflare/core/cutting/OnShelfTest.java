package mellowflare.core.cutting;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

/** What lies on the shelf as stock, and bars that are given twice. */
class OnShelfTest {
    private static Length mm(double mm) {
        return Length.ofMm(mm);
    }

    @Test
    void testAlikeLengthsAreCounted() {
        List<CutTask.Stock> all = OnShelf.of(List.of(mm(1200), mm(3000), mm(1200)));
        assertEquals(
                List.of(1200.0, 3000.0), all.stream().map(s -> s.length().mm()).toList());
        assertEquals(
                List.of(Optional.of(2), Optional.of(1)),
                all.stream().map(CutTask.Stock::count).toList());
        assertThat(all).allMatch(CutTask.Stock::free);
        assertTrue(OnShelf.of(List.of()).isEmpty());
    }

    @Test
    void testOnePieceComesOffTheShortestThatGivesIt() {
        CutPlan plan = CutPlan.of(OnShelf.one("tube", mm(700), List.of(mm(3000), mm(900), mm(600))));
        assertEquals(1, plan.bars().size());
        CutBar bar = plan.bars().get(0);
        assertEquals(mm(900), bar.stock().length());
        assertEquals("tube", bar.pieces().get(0).name());
        assertEquals(198, bar.remnant().mm(), 1e-9);
        assertTrue(OnShelf.gave(bar));
        assertThat(plan.remnants()).as("too short to go back").isEmpty();
    }

    @Test
    void testWithNothingThereThePieceIsLeftOver() {
        CutPlan plan = CutPlan.of(OnShelf.one("tube", mm(700), List.of()));
        assertThat(plan.bars()).isEmpty();
        assertEquals(1, plan.unplaced().size());
        assertFalse(plan.complete());
    }

    @Test
    void testABarThatIsBoughtOrOfAnotherNameDidNotLieThere() {
        CutTask bought = new CutTask(
                List.of(new CutTask.Piece("p", mm(500), 1)),
                List.of(new CutTask.Stock(OnShelf.of(List.of(mm(1))).get(0).name(), mm(1000), 5, Optional.of(1))),
                mm(2),
                false,
                mm(300));
        assertFalse(OnShelf.gave(CutPlan.of(bought).bars().get(0)));
        CutTask yard = CutTasks.task(2, false, List.of(CutTasks.hand(1000, 1)), 500);
        assertFalse(OnShelf.gave(CutPlan.of(yard).bars().get(0)));
    }

    /** One name, length and price: three and two are five, and what is bought has no count. */
    @Test
    void testBarsThatAreGivenTwiceAreMoreOfTheSame() {
        CutTask task = CutTasks.task(
                0,
                false,
                List.of(
                        CutTasks.hand(1000, 3),
                        CutTasks.bought(1000, 4),
                        CutTasks.hand(1000, 2),
                        CutTasks.bought(1000, 4)),
                500);
        assertEquals(
                List.of(Optional.of(5), Optional.empty()),
                task.stock().stream().map(CutTask.Stock::count).toList());
    }

    /** A rest of exactly the length that is kept is kept; nothing is not. */
    @Test
    void testARestIsKeptFromItsLengthOn() {
        assertEquals(List.of(mm(300)), rests(702, 300, 1));
        assertEquals(List.of(), rests(702, 300.001, 1));
        assertEquals(List.of(), rests(1004, 0, 0));
        CutPlan both =
                CutPlan.of(CutTasks.task(2, false, List.of(CutTasks.hand(1000, 1), CutTasks.hand(2000, 1)), 600, 1200));
        assertEquals(List.of(mm(798), mm(398)), both.remnants());
    }

    private static List<Length> rests(double piece, double keep, int cuts) {
        CutTask task = new CutTask(
                List.of(new CutTask.Piece("p", mm(piece), 1)), List.of(CutTasks.hand(1004, 1)), mm(2), false, mm(keep));
        CutPlan plan = CutPlan.of(task);
        assertEquals(cuts, plan.bars().get(0).cuts());
        return plan.remnants();
    }
}
