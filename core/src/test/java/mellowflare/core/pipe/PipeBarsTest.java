package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PieceState;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeLine;
import mellowflare.core.pipe.line.PipeMaking;
import mellowflare.core.pipe.stock.HouseSize;
import org.junit.jupiter.api.Test;

/** What is cut from which bar, alone and together with another line, and what is left on the rack. */
class PipeBarsTest {
    private static PipeLine making(PipeMaking making) {
        return PipeSamples.offset().withMaking(making);
    }

    private static PipeMaking rack(PipeMaking.OldBar... bars) {
        return PipeMaking.USUAL.withOld(List.of(bars));
    }

    private static PipeMaking.OldBar old(String size, double mm, int count) {
        return new PipeMaking.OldBar(size, Length.ofMm(mm), count);
    }

    private static PipeBars.Marked alone(PipeLine line) {
        return PipeBars.Marked.alone(PipeSamples.of(line));
    }

    private static CutTask only(PipeBars.Marked... lines) {
        Map<PipeBars.Kind, CutTask> all = PipeBars.tasks(List.of(lines));
        assertThat(all).hasSize(1);
        return all.values().iterator().next();
    }

    @Test
    void testEveryPieceThatIsToBeCutIsInTheTaskWithItsAllowance() {
        PipeMaking making = new PipeMaking(
                Length.ofMm(5800), Length.ofMm(2), true, Length.ofMm(3), List.of(old("1", 2000, 1), old("2", 900, 4)));
        PipeLine line = making(making);
        PipeCase c = PipeSamples.of(line);
        CutTask task = only(alone(line));
        assertEquals(
                c.pieces().stream().map(p -> p.name()).toList(),
                task.pieces().stream().map(CutTask.Piece::name).toList());
        for (int i = 0; i < c.pieces().size(); i++) {
            assertEquals(
                    c.pieces().get(i).shop().orElseThrow().mm() + 3,
                    task.pieces().get(i).length().mm(),
                    1e-9);
        }
        assertEquals(Length.ofMm(2), task.kerf());
        assertEquals(true, task.trim());
        assertEquals(
                List.of(2000.0, 5800.0),
                task.stock().stream().map(s -> s.length().mm()).toList());
        assertThat(task.stock().get(0).free()).isTrue();
        double metre = c.house().orElseThrow().price(HouseSize.Item.METRE);
        assertEquals(metre * 5.8, task.stock().get(1).price(), 1e-9);
        String done = c.pieces().get(0).name();
        CutTask less = only(alone(line.with(done, line.state(done).with(PieceState.Done.CUT))));
        assertThat(less.pieces())
                .hasSize(c.pieces().size() - 1)
                .noneMatch(p -> p.name().equals(done));
    }

    /** The shortest old bar that serves goes; of two alike one stays; what is left of the bars comes onto the rack. */
    @Test
    void testOnceCutThePiecesAreMarkedAndTheRackIsWhatIsLeft() {
        PipeLine line = making(rack(old("1", 700, 2), old("2", 900, 4)));
        List<PipeBars.Marked> lines = List.of(alone(line));
        Map<PipeBars.Kind, CutPlan> plans = PipeBars.of(lines);
        CutPlan plan = plans.values().iterator().next();
        PipeLine cut = PipeBars.cut(lines, 0, plans);
        for (PieceCut p : PipeSamples.of(line).pieces()) {
            assertEquals(PieceState.Done.CUT, cut.state(p.name()).done());
        }
        long gone = plan.bars().stream().filter(b -> b.stock().free()).count();
        assertThat(gone).isPositive();
        int left = cut.making().old().stream()
                .filter(o -> o.size().equals("1") && o.length().mm() == 700)
                .mapToInt(PipeMaking.OldBar::count)
                .sum();
        assertEquals(2 - gone, left);
        assertThat(cut.making().old()).contains(old("2", 900, 4));
        List<Length> came = cut.making().old().stream()
                .filter(o -> o.size().equals("1") && o.length().mm() != 700)
                .map(PipeMaking.OldBar::length)
                .toList();
        assertThat(came).containsExactlyElementsOf(plan.remnants());
        assertThat(PipeBars.of(List.of(alone(cut)))).isEmpty();
        assertEquals(line, PipeBars.cut(lines, 0, Map.of()));
    }

    /** Two lines of one pipe are cut together from the rack of the first; the rack of the other is left alone. */
    @Test
    void testTwoLinesAreCutFromTheRackOfTheFirst() {
        PipeLine one = making(rack(old("1", 6400, 1)));
        PipeLine two = making(rack(old("1", 1300, 1)));
        List<PipeBars.Marked> lines =
                List.of(new PipeBars.Marked(PipeSamples.of(one), "1"), new PipeBars.Marked(PipeSamples.of(two), "2"));
        CutTask task = PipeBars.tasks(lines).values().iterator().next();
        assertThat(task.pieces()).hasSize(2 * PipeSamples.of(one).pieces().size());
        assertThat(task.pieces().stream().map(CutTask.Piece::name)).doesNotHaveDuplicates();
        assertThat(task.stock()).filteredOn(CutTask.Stock::free).hasSize(1);
        Map<PipeBars.Kind, CutPlan> plans = PipeBars.of(lines);
        PipeLine first = PipeBars.cut(lines, 0, plans);
        PipeLine second = PipeBars.cut(lines, 1, plans);
        assertThat(first.making().old()).doesNotContain(old("1", 6400, 1));
        assertEquals(two.making(), second.making());
        for (PieceCut p : PipeSamples.of(two).pieces()) {
            assertEquals(PieceState.Done.CUT, second.state(p.name()).done());
        }
    }

    @Test
    void testLinesOfTwoPipesAreCutApart() {
        PipeLine other = PipeSamples.offset().withGrade(Optional.of("steel-80"));
        Map<PipeBars.Kind, CutTask> all = PipeBars.tasks(List.of(
                new PipeBars.Marked(PipeSamples.of(PipeSamples.offset()), "1"),
                new PipeBars.Marked(PipeSamples.of(other), "2")));
        assertThat(all).hasSize(2);
        assertThat(all.keySet()).allMatch(k -> k.size().equals("1") && k.words().contains("1"));
        assertThat(all.keySet().stream().map(PipeBars.Kind::pipe)).doesNotHaveDuplicates();
        PipeBars.Marked marked = PipeBars.Marked.alone(PipeSamples.of(other));
        PieceCut piece = marked.c().pieces().get(0);
        assertSame(piece.name(), marked.marked(piece));
        assertEquals("1", new PipeBars.Kind("", "1").words());
    }
}
