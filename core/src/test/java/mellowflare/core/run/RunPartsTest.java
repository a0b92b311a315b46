package mellowflare.core.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import mellowflare.core.Stands;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.Source;
import mellowflare.core.run.cut.BarStrips;
import mellowflare.core.run.cut.PartLine;
import mellowflare.core.run.cut.PartTally;
import mellowflare.core.run.cut.Rods;
import mellowflare.core.run.stock.PipeSize;
import mellowflare.core.run.walk.Turn;
import org.junit.jupiter.api.Test;

/** Parts, bars, rods and turns of a run that belongs to no kind of line. */
class RunPartsTest {
    private static PipeSize size(String name) {
        return new PipeSize(
                "made up",
                name,
                Length.ofMm(22),
                Length.ofMm(1),
                Length.ofMm(15),
                Length.ofMm(30),
                Length.ofMm(35),
                Length.ofMm(40),
                Length.ofMm(4),
                Length.ofMm(1500),
                10,
                2,
                3,
                4,
                5,
                6,
                Source.house("test"));
    }

    /** pi x 21 x 1 mm2 x 6 m of steel of 7.85 kg/dm3: 3.107 kg. */
    @Test
    void testASizeKnowsItsBoreWeightAndName() {
        assertEquals(20, size("22").bore().mm());
        assertEquals(3.1074, size("22").kilograms(Length.ofMm(6000), 7.85), 1e-4);
        assertEquals("22 mm", size("22").name());
        assertThat(size("1/2").name()).startsWith("1/2").doesNotContain("mm");
        assertThat(size("1").name()).startsWith("1").doesNotContain("mm");
    }

    @Test
    void testPartsAreAddedUpByNameAndSizeInTheOrderTheyCame() {
        PartTally tally = new PartTally();
        tally.pipe(size("22"), 3.5);
        tally.pipe(size("15"), 1);
        tally.pipe(size("22"), 0.5);
        tally.add("elbow", size("22"), 2, 2.5);
        tally.add("elbow", size("22"), 1, 2.5);
        tally.reducer(size("22"), size("15"));
        tally.reducer(size("22"), size("15"));
        tally.metres("hose", 0.25, 8);
        tally.metres("hose", 0.5, 8);
        tally.add("clip", 3, 0.2);
        tally.add("clip", 4, 0.2);
        tally.add("nothing", 0, 9);
        List<PartLine> lines = tally.lines();
        assertThat(lines).hasSize(6);
        assertThat(lines).extracting(PartLine::count).containsExactly(4.0, 1.0, 3.0, 2.0, 0.75, 7.0);
        assertThat(lines).extracting(PartLine::each).containsExactly(10.0, 10.0, 2.5, 4.0, 8.0, 0.2);
        assertThat(lines).extracting(PartLine::metres).containsExactly(true, true, false, false, true, false);
        assertThat(lines.get(2).name()).isEqualTo("elbow 22 mm");
        assertThat(lines.get(3).name()).contains("22 mm").contains("15 mm");
    }

    @Test
    void testTurns() {
        assertThat(IntStream.range(0, 4).mapToObj(Turn.LEFT::after)).containsExactly(1, 2, 3, 0);
        assertThat(IntStream.range(0, 4).mapToObj(Turn.RIGHT::after)).containsExactly(3, 0, 1, 2);
        assertThat(IntStream.range(0, 4).mapToObj(Turn.BACK::after)).containsExactly(2, 3, 0, 1);
        assertThat(IntStream.range(0, 4).mapToObj(Turn.UP::after)).containsExactly(0, 1, 2, 3);
        assertThat(IntStream.range(0, 4).mapToObj(Turn.AHEAD::way))
                .containsExactly(new Vector(1, 0, 0), new Vector(0, 1, 0), new Vector(-1, 0, 0), new Vector(0, -1, 0));
        assertEquals(new Vector(0, 0, 1), Turn.UP.way(2));
        assertEquals(new Vector(0, 0, -1), Turn.DOWN.way(2));
        assertThat(Turn.values()).filteredOn(t -> !t.level()).containsExactly(Turn.UP, Turn.DOWN);
        assertEquals("ahead", Turn.AHEAD.word());
    }

    @Test
    void testRodsAreSaidFromTheShortestToTheLongest() {
        Rods.Rod one = new Rods.Rod("a", 1, Length.ofMm(300), Length.ofMm(412.2));
        Rods.Rod other = new Rods.Rod("a", 2, Length.ofMm(1800), Length.ofMm(405));
        assertThat(Rods.span(List.of(one, other), UnitSystem.METRIC)).contains("405", "412");
        assertThat(Rods.span(List.of(one), UnitSystem.METRIC)).isEqualTo("412 mm");
    }

    private static CutPlan plan(int bars, boolean atHand) {
        List<CutTask.Piece> pieces = List.of(
                new CutTask.Piece("riser", Length.ofMm(1968), 1),
                new CutTask.Piece("wall", Length.ofMm(900), 1),
                new CutTask.Piece("stub", Length.ofMm(200), 1));
        CutTask.Stock stock =
                new CutTask.Stock("bar", Length.ofMm(6000), 12, atHand ? Optional.of(bars) : Optional.empty());
        List<CutBar> all = new ArrayList<>();
        for (int i = 0; i < bars; i++) {
            all.add(new CutBar(stock, pieces.subList(0, 1 + i % 3), Length.ofMm(100), 2));
        }
        return new CutPlan(all, List.of(), List.of(), 1, 1, CutPlan.Standing.PROVEN, 0, 12 * bars, Length.ofMm(300));
    }

    @Test
    void testBarsAreDrawnAsTheyWereLookedThrough() {
        List<String> lines = new ArrayList<>();
        for (int bars : new int[] {1, 6, 45}) {
            Map<String, CutPlan> plans = new LinkedHashMap<>();
            plans.put("22 mm", plan(bars, false));
            plans.put("", plan(2, true));
            for (UnitSystem units : UnitSystem.values()) {
                lines.add(bars + " bars " + units);
                lines.addAll(Stands.drawing(BarStrips.of(plans, units)));
            }
            lines.add(bars + " bars, narrow");
            lines.addAll(Stands.drawing(BarStrips.narrow(plans, UnitSystem.METRIC)));
        }
        Stands.as(getClass(), "bars.txt", lines);
    }
}
