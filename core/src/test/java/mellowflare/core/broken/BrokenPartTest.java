package mellowflare.core.broken;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotNull;
import static org.junit.jupiter.api.Assertions.assertThrows;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.State;
import mellowflare.core.broken.draw.LadderPlot;
import mellowflare.core.broken.line.BrokenLine;
import mellowflare.core.broken.order.BrokenStepWriter;
import mellowflare.core.broken.stock.BrokenStock;
import mellowflare.core.broken.stock.OwnExtractors;
import mellowflare.core.broken.stock.Rung;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.stock.StuckMaterial;
import mellowflare.core.broken.stock.StuckState;
import mellowflare.core.broken.stock.ThreadState;
import mellowflare.core.broken.work.Attempt;
import mellowflare.core.fluid.Service;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class BrokenPartTest {
    private static final ReferenceData DATA = ShippedData.load();

    private static BrokenPlan plan(BrokenLine line) {
        return plan(line, DATA);
    }

    private static BrokenPlan plan(BrokenLine line, ReferenceData data) {
        return BrokenPartKind.BROKEN.plan(
                line,
                new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, data),
                Optional.empty());
    }

    /** A steel nipple, its stump out of a fitting on empty heating pipe, where everything may be tried. */
    private static BrokenLine stump() {
        return BrokenLine.NEW
                .with()
                .state(Optional.of(StuckState.STUMP))
                .size(Optional.of("3/4"))
                .material(Optional.of(StuckMaterial.Id.STEEL))
                .fluid(Optional.of(StuckFluid.Id.HEATING_WATER))
                .set(Optional.of("yard set"))
                .isolated(Optional.of(true))
                .branchFirm(Optional.of(true))
                .filled(Optional.of(false))
                .near(Optional.of(false))
                .room(Optional.of(true))
                .power(Optional.of(true))
                .build();
    }

    private static Attempt of(BrokenPlan p, Rung.Id id) {
        return p.c().attempts().stream()
                .filter(a -> a.rung().id() == id)
                .findFirst()
                .orElseThrow();
    }

    private static Optional<Finding> says(BrokenPlan p, String rule) {
        return p.findings().stream().filter(f -> f.rule().id().equals(rule)).findFirst();
    }

    // --- what may be tried ---

    @Test
    void testWhereNothingForbidsItEveryRungIsOpenInItsOrder() {
        BrokenPlan p = plan(stump());
        assertEquals(
                List.of(
                        Rung.Id.TIGHTEN,
                        Rung.Id.PENETRANT,
                        Rung.Id.HEAT,
                        Rung.Id.LEVER,
                        Rung.Id.EXTRACTOR,
                        Rung.Id.SAW),
                p.c().open().stream().map(Rung::id).toList());
        assertTrue(p.findings().stream().allMatch(f -> f.state() == State.PASS), p.findings()::toString);
    }

    @ParameterizedTest
    @EnumSource(StuckFluid.Id.class)
    void testHeatNeverOnWhatBurnsOrBurstsAndOilNeverOnWaterToDrinkOrOxygen(StuckFluid.Id fluid) {
        BrokenPlan p = plan(stump().withFluid(Optional.of(fluid)));
        boolean heat = Set.of(StuckFluid.Id.DRINKING_WATER, StuckFluid.Id.HEATING_WATER, StuckFluid.Id.AIR)
                .contains(fluid);
        boolean oil = fluid != StuckFluid.Id.DRINKING_WATER && fluid != StuckFluid.Id.OXYGEN;
        assertEquals(heat, of(p, Rung.Id.HEAT).open());
        assertEquals(!heat, of(p, Rung.Id.HEAT).never());
        assertEquals(oil, of(p, Rung.Id.PENETRANT).open());
        List<String> ids = p.steps().stream().map(Step::id).toList();
        assertEquals(heat, ids.contains("heat"), "the order of work offers what the ladder forbids");
        assertEquals(oil, ids.contains("penetrant"));
    }

    @Test
    void testHeatIsNotRiskedOnWhatWasNotAnswered() {
        for (BrokenLine open : List.of(
                stump().withFilled(Optional.empty()),
                stump().withNear(Optional.empty()),
                stump().withFluid(Optional.empty()),
                stump().withMaterial(Optional.empty()),
                stump().withFilled(Optional.of(true)),
                stump().withNear(Optional.of(true)),
                stump().withMaterial(Optional.of(StuckMaterial.Id.PLASTIC)),
                stump().withPower(Optional.of(false)))) {
            assertFalse(of(plan(open), Rung.Id.HEAT).open(), open::toString);
        }
    }

    @Test
    void testOldBrassTakesNoLongLeverAndSaysSoBeforeThePull() {
        BrokenPlan p = plan(stump().withMaterial(Optional.of(StuckMaterial.Id.OLD_BRASS)));
        assertTrue(of(p, Rung.Id.LEVER).never());
        assertEquals(State.FAIL, says(p, "broken.brittle").orElseThrow().state());
        assertFalse(p.stops());
    }

    @ParameterizedTest
    @CsvSource({
        // size, extractor, saw
        "1/4, true, false",
        "1/2, true, true",
        "1, false, true",
        "1 1/4, false, true"
    })
    void testTheExtractorGoesToSizeOneAsFarAsTheSetListsItAndTheSawWhereABladeGoesIn(
            String size, boolean extractor, boolean saw) {
        BrokenPlan p = plan(stump().withSize(Optional.of(size)));
        assertEquals(extractor, of(p, Rung.Id.EXTRACTOR).open());
        assertEquals(saw, of(p, Rung.Id.SAW).open());
    }

    @Test
    void testAStuckPartIsNotSawnAndAFlushOneNotGripped() {
        assertEquals(
                List.of(Rung.Id.TIGHTEN, Rung.Id.PENETRANT, Rung.Id.HEAT, Rung.Id.LEVER),
                plan(stump().withState(Optional.of(StuckState.STUCK))).c().attempts().stream()
                        .map(a -> a.rung().id())
                        .toList());
        assertEquals(
                List.of(Rung.Id.PENETRANT, Rung.Id.HEAT, Rung.Id.EXTRACTOR, Rung.Id.SAW),
                plan(stump().withState(Optional.of(StuckState.FLUSH))).c().attempts().stream()
                        .map(a -> a.rung().id())
                        .toList());
    }

    // --- time and cost, by hand ---

    /** Flush, old brass, drinking water, timber near: extractor 10 min at 0.6, saw 25 min at 0.75, cutting back 75 min. */
    @Test
    void testTimeAndCostAgainstCuttingBack() {
        BrokenPlan p = plan(stump().with()
                .state(Optional.of(StuckState.FLUSH))
                .material(Optional.of(StuckMaterial.Id.OLD_BRASS))
                .fluid(Optional.of(StuckFluid.Id.DRINKING_WATER))
                .near(Optional.of(true))
                .hour(Optional.of(48.0))
                .build());
        assertEquals(1 - 0.4 * 0.25, p.c().chance(), 1e-12);
        assertEquals(10 + 0.4 * 25 + 0.1 * 75, p.c().ladderMinutes(), 1e-9);
        assertEquals(27.5 / 60 * 48 + 0.4 * 2 + 0.1 * 24, p.c().ladderCost().orElseThrow(), 1e-9);
        assertEquals(84, p.c().cutBackCost().orElseThrow(), 1e-9);
    }

    @Test
    void testWithNoRungOpenItIsCutBack() {
        BrokenPlan p = plan(stump().with()
                .state(Optional.of(StuckState.FLUSH))
                .size(Optional.of("3/8"))
                .set(Optional.empty())
                .fluid(Optional.of(StuckFluid.Id.OXYGEN))
                .licensed(Optional.of(true))
                .build());
        assertEquals(List.of(), p.c().open());
        assertEquals(0, p.c().chance(), 0);
        assertEquals(p.c().cutBackMinutes(), p.c().ladderMinutes(), 0);
        assertEquals(State.FAIL, says(p, "broken.ladder").orElseThrow().state());
    }

    // --- judgement, order, lists ---

    @Test
    void testEachRulePassesAndFailsSomewhere() {
        List<BrokenLine> all = List.of(
                stump(),
                stump().with()
                        .isolated(Optional.of(false))
                        .branchFirm(Optional.of(false))
                        .material(Optional.of(StuckMaterial.Id.IRON))
                        .size(Optional.of("1"))
                        .thread(Optional.of(ThreadState.BAD))
                        .build(),
                stump().withThread(Optional.of(ThreadState.HAND)),
                stump().with()
                        .fluid(Optional.of(StuckFluid.Id.GAS))
                        .licensed(Optional.of(false))
                        .build(),
                stump().with()
                        .fluid(Optional.of(StuckFluid.Id.GAS))
                        .licensed(Optional.of(true))
                        .build(),
                stump().with()
                        .state(Optional.of(StuckState.FLUSH))
                        .size(Optional.of("1/8"))
                        .set(Optional.empty())
                        .fluid(Optional.of(StuckFluid.Id.DRINKING_WATER))
                        .near(Optional.of(true))
                        .build(),
                stump().with()
                        .state(Optional.of(StuckState.FLUSH))
                        .size(Optional.of("1/8"))
                        .set(Optional.empty())
                        .fluid(Optional.of(StuckFluid.Id.GAS))
                        .build());
        Map<String, Set<State>> seen = new TreeMap<>();
        all.forEach(l -> plan(l).findings()
                .forEach(f -> seen.computeIfAbsent(f.rule().id(), k -> EnumSet.noneOf(State.class))
                        .add(f.state())));
        // What runs in the line is only asked; that a ladder takes longer than cutting back is tried apart.
        seen.remove("broken.fluid");
        seen.forEach((id, states) ->
                assertTrue(states.containsAll(Set.of(State.PASS, State.FAIL)), id + " was only " + states));
        assertEquals(
                Set.of(
                        "broken.branch",
                        "broken.brittle",
                        "broken.extractor",
                        "broken.isolated",
                        "broken.ladder",
                        "broken.licensed",
                        "broken.thread",
                        "broken.worth"),
                seen.keySet());
    }

    @Test
    void testTheOrderOfWorkKeepsItsPrecedence() {
        for (StuckFluid.Id fluid : StuckFluid.Id.values()) {
            for (StuckState state : StuckState.values()) {
                for (StuckMaterial.Id material : StuckMaterial.Id.values()) {
                    for (Optional<ThreadState> thread : List.of(
                            Optional.<ThreadState>empty(),
                            Optional.of(ThreadState.HAND),
                            Optional.of(ThreadState.CHASED),
                            Optional.of(ThreadState.BAD))) {
                        BrokenPlan p = plan(stump().with()
                                .fluid(Optional.of(fluid))
                                .state(Optional.of(state))
                                .material(Optional.of(material))
                                .thread(thread)
                                .build());
                        List<String> ids = p.steps().stream().map(Step::id).toList();
                        assertTrue(ids.containsAll(List.of("off", "ready", "hold", "chips", "try", "test")));
                        assertEquals(thread.equals(Optional.of(ThreadState.BAD)), ids.contains("back"));
                        assertEquals(!thread.equals(Optional.of(ThreadState.BAD)), ids.contains("renew"));
                        assertEquals(ids.size(), Set.copyOf(ids).size(), ids::toString);
                        assertEquals(List.of(), DATA.get(BrokenStepWriter.ORDER).broken(p.steps()));
                    }
                }
            }
        }
    }

    @Test
    void testAShopsOwnSetIsReadWrittenAndUsed() {
        OwnExtractors own = OwnExtractors.LISTS;
        CsvTable table = CsvTable.fromText(
                "own.csv",
                "set,size,number,source,confidence\n"
                        + "van set,1,7,lid of the box,sure\n"
                        + "van set,5/8,3,lid of the box,sure\n");
        OwnLists.Read<List<mellowflare.core.broken.stock.Extractor>> read =
                own.read(OwnExtractors.KIND, table.rows(), DATA);
        assertEquals(1, own.count(read.rows()), "the row of no size costs that row only");
        assertEquals(1, read.troubles().size());
        assertTrue(own.csv(OwnExtractors.KIND, read.rows()).contains("van set,1,7,lid of the box,sure"));
        ReferenceData more = own.over(read.rows(), DATA);
        BrokenLine one = stump().with()
                .size(Optional.of("1"))
                .set(Optional.of("van set"))
                .build();
        assertFalse(of(plan(one), Rung.Id.EXTRACTOR).open());
        BrokenPlan p = plan(one, more);
        assertTrue(of(p, Rung.Id.EXTRACTOR).open());
        assertTrue(p.steps().stream()
                .filter(s -> s.id().equals("tap"))
                .anyMatch(s -> s.says(UnitSystem.METRIC).contains("Number 7")));
        assertEquals(
                DATA.get(BrokenStock.KEY).sets().size() + 1,
                more.get(BrokenStock.KEY).sets().size());
    }

    @Test
    void testAnEmptyPartAsksAndRefusesNothing() {
        BrokenPlan p = plan(BrokenLine.NEW);
        assertEquals(List.of(), p.steps());
        assertTrue(p.findings().stream().allMatch(f -> f.state() == State.NOT_CHECKED), p.findings()::toString);
        assertNotNull(LadderPlot.page(p.c(), p.findings()));
        assertTrue(p.stillNeeded().contains("the order of work follows"));
        assertThrows(IllegalArgumentException.class, () -> BrokenLine.NEW.withSize(Optional.of("5/8")));
        assertThrows(IllegalArgumentException.class, () -> BrokenLine.NEW.withHour(Optional.of(-1.0)));
    }
}
