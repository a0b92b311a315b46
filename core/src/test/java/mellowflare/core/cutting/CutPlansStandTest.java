package mellowflare.core.cutting;

import static mellowflare.core.cutting.CutTasks.bought;
import static mellowflare.core.cutting.CutTasks.hand;
import static mellowflare.core.cutting.CutTasks.offer;
import static mellowflare.core.cutting.CutTasks.pieces;
import static mellowflare.core.cutting.CutTasks.task;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertThrows;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import mellowflare.core.Stands;
import org.junit.jupiter.api.Test;

/** Plans of many tasks, what bounds them, and in what order choices of bars come up. */
class CutPlansStandTest {
    private static Map<String, CutTask> tasks() {
        Map<String, CutTask> all = new LinkedHashMap<>();
        List<CutTask.Stock> two = List.of(bought(6000, 60), bought(3000, 31));
        List<CutTask.Stock> odd =
                List.of(bought(6000, 60), bought(4000, 43), hand(2200, 1), hand(1500, 2), offer(5000, 40, 2));
        List<CutTask.Stock> old = List.of(hand(3000, 2), hand(2200, 1), hand(1500, 3));
        for (int seed = 0; seed < 6; seed++) {
            Random r = new Random(seed);
            all.put("six of two lengths, " + seed, task(3, seed % 2 == 0, two, pieces(r, 6, 300, 2900, 1)));
            all.put("nine of odd ones, " + seed, task(2.5, false, odd, pieces(r, 9, 300, 2900, 2)));
            all.put("old ones only, " + seed, task(3, false, old, pieces(r, 7, 400, 2400, 1 + seed % 2)));
            all.put("twenty, " + seed, task(3, false, odd, pieces(r, 20, 200, 1900, 4)));
        }
        all.put("ninety", task(3, false, two, pieces(new Random(9), 90, 400, 2400, 15)));
        all.put("ninety of odd ones", task(3, true, odd, pieces(new Random(10), 90, 400, 2400, 18)));
        all.put("too few for ninety", task(3, false, old, pieces(new Random(11), 90, 400, 1400, 18)));
        all.put("six hundred", task(3, false, two, pieces(new Random(12), 600, 400, 2400, 100)));
        all.put("too few for six hundred", task(3, false, old, pieces(new Random(12), 600, 400, 1400, 100)));
        all.put("one too long", task(3, false, two, 7000, 2900));
        all.put("none goes in", task(3, false, two, 7000));
        all.put("just in", task(2, true, List.of(bought(6000, 5)), 5998));
        return all;
    }

    private static List<String> plan(CutPlan p) {
        List<String> lines = new ArrayList<>();
        lines.add("  " + p.standing() + " " + Stands.figure(p.price()) + " of " + Stands.figure(p.leastPrice())
                + ", " + p.lowerBound() + " at least, waste " + Stands.figure(p.waste()) + ", gap "
                + Stands.figure(p.gap()) + ", bought " + p.bought() + ", old " + p.atHand() + ", complete "
                + p.complete() + ", left over " + p.unplaced().size() + ", kept "
                + p.remnants().stream().map(l -> Stands.figure(l.mm())).toList());
        for (CutBar b : p.bars()) {
            lines.add("  " + b.stock().name() + ": "
                    + b.pieces().stream()
                            .map(x -> Stands.figure(x.length().mm()))
                            .collect(Collectors.joining(" "))
                    + " rest " + Stands.figure(b.remnant().mm()) + ", " + b.cuts() + " cuts");
        }
        Stands.findings(CutFindings.of(p)).stream().distinct().limit(6).forEach(f -> lines.add("  " + f));
        return lines;
    }

    @Test
    void testPlansStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        tasks().forEach((name, task) -> {
            lines.add(name);
            lines.addAll(plan(CutPlan.of(task)));
        });
        Stands.as(getClass(), "plans.txt", lines);
    }

    /** Bars and pieces by rule of thumb alone. */
    @Test
    void testRulesOfThumbStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        tasks().forEach((name, task) -> {
            Packing.Packed p = new Packing(task).best(task.single());
            lines.add(name + ": " + Stands.figure(p.price()) + ", " + p.paid() + " paid for, "
                    + p.left().size() + " left");
            p.bars().stream()
                    .limit(30)
                    .forEach(b -> lines.add("  " + b.stock().name() + ": "
                            + b.pieces().stream()
                                    .map(x -> Stands.figure(x.length().mm()))
                                    .collect(Collectors.joining(" "))));
        });
        Stands.as(getClass(), "thumb.txt", lines);
    }

    /** The bound of the fractional plan, the worths behind it, and the whole bars of it. */
    @Test
    void testBoundsStandAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        tasks().forEach((name, task) -> {
            List<CutTask.Piece> wanted =
                    task.single().stream().filter(p -> p.length().mm() <= 2900).toList();
            if (wanted.isEmpty()) {
                return;
            }
            Sizes sizes = Sizes.of(task, wanted);
            Kinds kinds = Kinds.of(task, wanted.size());
            Worths w = Worths.of(sizes, kinds, List.of());
            int[] few =
                    kinds.all().stream().mapToInt(k -> Math.min(2, k.most())).toArray();
            int[] none = new int[few.length];
            lines.add(name + ": " + Stands.figure(w.least()) + " " + w.rulesOut(none) + " " + w.rulesOut(few) + " "
                    + w.canRuleOut(few) + " "
                    + w.tightest(few).stream()
                            .map(t -> t.spare(few) == Double.MAX_VALUE ? "all" : Stands.figure(t.spare(few)))
                            .toList());
            lines.add("  whole "
                    + w.whole()
                            .map(all -> all.stream()
                                    .map(p -> p.kind() + Arrays.toString(p.counts()))
                                    .distinct()
                                    .sorted()
                                    .toList()
                                    .toString())
                            .orElse("none"));
        });
        Stands.as(getClass(), "bounds.txt", lines);
    }

    /** The cheapest first, of equal price the one with fewer bars, each once, and none of more bars than there are. */
    @Test
    void testChoicesComeInTheOrderOfTheirPrice() {
        CutTask task = task(
                0, false, List.of(bought(6000, 2), offer(4000, 3, 1), offer(3000, 1, 2), hand(2000, 4)), 100, 100, 100);
        Kinds kinds = Kinds.of(task, 3);
        List<String> names = kinds.all().stream()
                .map(k -> k.stocks().get(0).name() + " x " + k.most())
                .toList();
        assertEquals(List.of("hand 2000 x 3", "bought 6000 x 3", "offer 4000 x 1", "offer 3000 x 2"), names);
        assertEquals(6_000_000_000L, kinds.longest());
        List<Choice> all = new ArrayList<>();
        for (Iterator<Choice> i = new Choices(kinds); i.hasNext(); ) {
            all.add(i.next());
        }
        assertEquals(4 * 2 * 3, all.size());
        assertThat(all.stream().map(c -> Arrays.toString(c.bars()))).doesNotHaveDuplicates();
        for (int i = 0; i < all.size(); i++) {
            Choice c = all.get(i);
            assertEquals(c.bars()[1] * 2 + c.bars()[2] * 3 + c.bars()[3], c.price());
            assertEquals(Arrays.stream(c.bars()).sum(), c.count());
            assertEquals(0, c.bars()[0]);
            if (i > 0) {
                Choice before = all.get(i - 1);
                assertThat(c.before(before)).isFalse();
                assertEquals(before.price() < c.price() || before.count() < c.count(), before.before(c));
            }
        }
    }

    /** Bars of one length and price are one kind; those that are counted apart from those that are bought; each is handed out as often as there are. */
    @Test
    void testAlikeBarsAreOneKind() {
        CutTask.Stock shed = new CutTask.Stock("shed", hand(2000, 2).length(), 0, Optional.of(2));
        CutTask.Stock yard = new CutTask.Stock("yard", shed.length(), 0, Optional.of(1));
        CutTask.Stock gone = hand(5000, 0);
        CutTask task = task(0, false, List.of(bought(2000, 3), shed, gone, yard), 100, 200, 300, 400);
        Kinds kinds = Kinds.of(task, 4);
        assertEquals(2, kinds.all().size());
        assertEquals(3, kinds.all().get(0).most());
        assertEquals(4, kinds.all().get(1).most());
        assertEquals(2, Kinds.of(task, 2).all().get(0).most());
        Kinds.Rack rack = new Kinds.Rack();
        List<String> handed = new ArrayList<>();
        for (int i = 0; i < 3; i++) {
            handed.add(rack.take(kinds.all().get(0)).name());
        }
        assertEquals(List.of("shed", "shed", "yard"), handed);
        assertThrows(NoSuchElementException.class, () -> rack.take(kinds.all().get(0)));
    }

    /** Sizes hold the kerf, and hand their pieces out again. */
    @Test
    void testSizesAreHandedOutAsTheirPieces() {
        CutTask task = task(2.5, true, List.of(bought(6000, 1)), 500, 700, 500, 900, 500);
        List<CutTask.Piece> single = task.single();
        Sizes sizes = Sizes.of(task, single);
        assertThat(sizes.size()).containsExactly(902_500_000, 702_500_000, 502_500_000);
        assertThat(sizes.count()).containsExactly(1, 1, 3);
        assertEquals(5, sizes.pieces());
        assertEquals(3, sizes.kinds());
        assertEquals(902_500_000L + 702_500_000L + 3 * 502_500_000L, sizes.sum());
        assertEquals(6_000_000_000L, Sizes.room(task, task.stock().get(0)));
        Sizes.Hand hand = new Sizes.Hand(task, single, sizes);
        assertThat(hand.take(new int[] {1, 0, 2}).stream().map(CutTask.Piece::name))
                .containsExactly("p3", "p0", "p2");
        assertThat(hand.rest().stream().map(CutTask.Piece::name)).containsExactly("p1", "p4");
    }
}
