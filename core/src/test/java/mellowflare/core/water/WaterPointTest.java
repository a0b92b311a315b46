package mellowflare.core.water;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Practice;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.bag.Bag;
import mellowflare.core.bag.BagPlot;
import mellowflare.core.fluid.Service;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.line.Take;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.pipe.makeup.MakeUps;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.draw.WaterDrawing;
import mellowflare.core.water.line.WaterLine;
import mellowflare.core.water.order.WaterStepWriter;
import mellowflare.core.water.stock.HouseAge;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.stock.HousePipe;
import mellowflare.core.water.stock.JoinMethod;
import mellowflare.core.water.stock.LinkKind;
import mellowflare.core.water.stock.WaterStock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class WaterPointTest {
    private static final ReferenceData DATA = ShippedData.load();
    private static final WaterStock STOCK = WaterStock.load();

    private static WaterPlan plan(WaterLine line) {
        return WaterPointKind.WATER.plan(
                line,
                new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, DATA),
                Optional.empty());
    }

    /** A faucet on a copper stub that is seen. */
    private static WaterLine copper() {
        return WaterLine.NEW
                .with()
                .equipment(Optional.of("faucet"))
                .material(Optional.of(HouseMaterial.COPPER))
                .outside(Optional.of(Length.ofInches(0.625)))
                .seen(Optional.of(true))
                .straight(Optional.of(Length.ofMm(40)))
                .distance(Optional.of(Length.ofMm(320)))
                .offset(Optional.of(Length.ofMm(20)))
                .build();
    }

    /** A nipple in an old wall. */
    private static WaterLine wall() {
        return copper().with()
                .material(Optional.of(HouseMaterial.GALVANISED))
                .outside(Optional.of(Length.ofMm(21.3)))
                .seen(Optional.of(false))
                .wallDepth(Optional.of(Length.ofMm(34)))
                .plate(Optional.of(Length.ofMm(2)))
                .age(Optional.of(HouseAge.OLD))
                .build();
    }

    private static WaterSet set(WaterPlan p, JoinMethod.Id method, LinkKind.Id link) {
        return p.c().sets().stream()
                .filter(s -> s.method().id() == method && s.link().id() == link)
                .findFirst()
                .orElseThrow();
    }

    private static Finding of(WaterPlan p, String rule) {
        return p.findings().stream()
                .filter(f -> f.rule().id().equals(rule))
                .findFirst()
                .orElseThrow();
    }

    // --- pipe ---

    @ParameterizedTest
    @CsvSource({
        "COPPER, 15.9, copper-12",
        "COPPER, 15.1, copper-15mm",
        "COPPER, 22.1, copper-22mm",
        "PEX, 16.1, pex-12",
        "GALVANISED, 21.5, iron-12",
        "PVC, 26.4, pvc-34"
    })
    void testThePipeIsNamedByItsOutside(HouseMaterial material, double mm, String id) {
        assertEquals(
                id, STOCK.pipe(material, Length.ofMm(mm)).map(HousePipe::id).orElse(""));
    }

    @Test
    void testAnOutsideThatIsNoSizeIsSaidAndBlocksEverySet() {
        WaterPlan p = plan(copper().withOutside(Optional.of(Length.ofMm(19))));
        assertEquals(State.FAIL, of(p, "water.pipe-size").state());
        assertTrue(p.c().sets().stream().noneMatch(WaterSet::possible));
        assertEquals(State.FAIL, of(p, "water.set").state());
    }

    @Test
    void testNobodyBuysTheHousePipeAndTheEquipment() {
        for (WaterLine line : List.of(copper(), wall())) {
            WaterPlan p = plan(line);
            List<String> parts = p.c().set().orElseThrow().parts();
            assertEquals(
                    parts.subList(1, parts.size() - 1),
                    p.takes().stream()
                            .map(Take::name)
                            .filter(n -> !n.startsWith("pipe nipple"))
                            .toList());
            assertTrue(p.takes().stream().anyMatch(t -> t.name().contains("stop valve")), parts::toString);
        }
        WaterPlan threaded = plan(wall().withAllowed(Set.of(JoinMethod.Id.THREAD)));
        assertTrue(
                threaded.takes().stream().anyMatch(t -> t.name().equals("pipe nipple 1/2 × 2 1/2 in")),
                threaded.takes()::toString);
    }

    @Test
    void testCopperTubeIsItsNamePlusAnEighth() {
        for (HousePipe pipe : STOCK.pipes(HouseMaterial.COPPER)) {
            if (pipe.size().matches("\\d/\\d|1")) {
                String[] f = pipe.size().split("/");
                double name = f.length == 1 ? 1 : Double.parseDouble(f[0]) / Double.parseDouble(f[1]);
                assertEquals(name + 0.125, pipe.outside().inches(), 1e-6, pipe.id());
            }
        }
    }

    // --- sets ---

    @Test
    void testCompressionWantsThirtyMillimetresOfSoundTube() {
        assertTrue(
                set(plan(copper()), JoinMethod.Id.COMPRESSION, LinkKind.Id.FLEX).possible());
        WaterPlan shortStub = plan(copper().withStraight(Optional.of(Length.ofMm(29))));
        assertFalse(set(shortStub, JoinMethod.Id.COMPRESSION, LinkKind.Id.FLEX).possible());
        assertTrue(set(shortStub, JoinMethod.Id.PUSH, LinkKind.Id.FLEX).possible());
    }

    @Test
    void testARigidLinkIsBlockedOutOfLineAndAFlexibleOneForgives() {
        WaterPlan p = plan(copper());
        for (LinkKind.Id rigid : List.of(LinkKind.Id.TUBE, LinkKind.Id.UNION, LinkKind.Id.GLUED)) {
            assertFalse(set(p, JoinMethod.Id.PUSH, rigid).possible(), rigid.name());
        }
        WaterPlan inLine = plan(copper().withOffset(Optional.of(Length.ofMm(1))));
        assertTrue(set(inLine, JoinMethod.Id.PUSH, LinkKind.Id.UNION).possible());
        assertEquals(LinkKind.Id.FLEX, p.c().set().orElseThrow().link().id());
    }

    /** The shortest stocked connector that is 6 % longer than the way: hypot(320, 20) x 1.06 = 339.9 mm, so 16 in. */
    @Test
    void testTheConnectorAndWhatItBears() {
        WaterSet flex = set(plan(copper()), JoinMethod.Id.PUSH, LinkKind.Id.FLEX);
        assertEquals(406.4, flex.connector().orElseThrow().mm(), 1e-9);
        assertEquals(
                Math.floor(Math.sqrt(Math.pow(406.4 / 1.06, 2) - 320 * 320)),
                flex.mostOffset().orElseThrow().mm());
        WaterPlan far = plan(copper().withDistance(Optional.of(Length.ofMm(1400))));
        assertFalse(set(far, JoinMethod.Id.PUSH, LinkKind.Id.FLEX).possible());
    }

    @Test
    void testNoTorchWhereNoneMayBurnNoTubeWhereCodeForbids() {
        WaterLine l = copper().withFlameAllowed(Optional.of(false));
        assertFalse(set(plan(l), JoinMethod.Id.SOLDER, LinkKind.Id.FLEX).possible());
        assertTrue(set(plan(copper()), JoinMethod.Id.SOLDER, LinkKind.Id.FLEX).possible());
        assertTrue(plan(l.withFlexibleAllowed(Optional.of(false))).c().sets().stream()
                .filter(s -> s.link().flexible())
                .noneMatch(WaterSet::possible));
        assertEquals(
                Set.of(JoinMethod.Id.PUSH),
                Set.copyOf(plan(l.withAllowed(Set.of(JoinMethod.Id.PUSH))).c().sets().stream()
                        .filter(WaterSet::possible)
                        .map(s -> s.method().id())
                        .toList()));
    }

    @Test
    void testHotWaterAndPressureBeyondAPartBlockIt() {
        WaterLine pvc = copper().with()
                .material(Optional.of(HouseMaterial.PVC))
                .outside(Optional.of(Length.ofMm(21.3)))
                .warmest(Optional.of(Temperature.ofCelsius(55)))
                .build();
        assertTrue(plan(pvc).c().sets().stream().noneMatch(WaterSet::possible));
        assertTrue(plan(copper().withPressure(Optional.of(GaugePressure.ofBar(10)))).c().sets().stream()
                .filter(s -> s.link().flexible())
                .noneMatch(WaterSet::possible));
    }

    @Test
    void testNoTapeOnWhatAGasketSeals() {
        WaterSet s = plan(wall()).c().set().orElseThrow();
        assertEquals(4, s.joints().size());
        assertTrue(s.joints().get(0).put().startsWith("Tape or paste"));
        assertTrue(s.joints().get(2).put().contains("no tape"));
        assertTrue(s.joints().get(3).put().contains("no tape"));
    }

    @Test
    void testThePlasticThreadIsTightenedByHand() {
        WaterSet metal = plan(copper()).c().set().orElseThrow();
        WaterSet plastic =
                plan(copper().withPlastic(Optional.of(true))).c().set().orElseThrow();
        assertFalse(metal.joints().get(2).turns().contains("hand tight"));
        assertTrue(plastic.joints().get(2).turns().contains("hand tight"));
    }

    @Test
    void testASetThatWasTakenAndNoLongerServesIsAStop() {
        WaterLine l = copper().withTaken(Optional.of("compression-flex"));
        assertEquals("compression-flex", plan(l).c().set().orElseThrow().id());
        WaterPlan p = plan(l.withStraight(Optional.of(Length.ofMm(10))));
        assertEquals(State.FAIL, of(p, "water.taken").state());
        assertEquals(Severity.STOP, of(p, "water.taken").severity());
    }

    // --- nipple ---

    /** 2 x 13.571 make-up + 34 depth + 2 plate + 3 gap = 66.142 mm; 2 1/2 in leaves 0.358, 3 in 13.058. */
    @Test
    void testTheNippleThroughTheWall() {
        NippleFit n = plan(wall()).c().nipple().orElseThrow();
        assertEquals(66.1424, n.exact().mm(), 0.001);
        assertEquals(63.5, n.stock().orElseThrow().length().mm(), 1e-9);
        assertEquals(0.3576, n.stock().orElseThrow().gap(), 0.001);
        assertEquals(4, n.neighbours().size());
        assertTrue(n.neighbours().get(0).gap() < 0);
        assertEquals(13.0576, n.neighbours().get(2).gap(), 0.001);
    }

    @Test
    void testANippleThatNoStockComesNearIsAWarning() {
        WaterPlan p = plan(wall().withWallDepth(Optional.of(Length.ofMm(36))));
        assertEquals(State.FAIL, of(p, "water.nipple").state());
        assertEquals(State.PASS, of(plan(wall()), "water.nipple").state());
    }

    @Test
    void testMakeUpIsThatOfThePipeTable() {
        CsvTable pipe = CsvTable.beside(MakeUps.class, "npt.csv");
        for (CsvTable.Row r : pipe.rows()) {
            STOCK.makeUp(r.need("size"))
                    .ifPresent(m -> assertEquals(r.number("l1_l3_in"), m.inches(), 1e-9, r.need("size")));
        }
    }

    // --- bag ---

    @Test
    void testTheBagGetsTheWaterBackOnAndReachesItsChance() {
        WaterPlan p = plan(wall());
        Bag b = p.c().bag().orElseThrow();
        assertTrue(b.parts().containsAll(p.unseen().always()));
        assertTrue(b.chance() >= 0.9);
        assertTrue(b.chance() < 0.97, "something nobody expected is always possible");
        Bag less = plan(wall().withChance(0.5)).c().bag().orElseThrow();
        assertTrue(less.parts().size() < b.parts().size());
        assertTrue(plan(copper()).c().bag().isEmpty());
    }

    @Test
    void testWhatWasSeenElsewhereMakesItsLikeLikelier() {
        double before = weight(plan(wall()), "iron-nipple");
        double after = weight(plan(wall().withElsewhere(Set.of(HouseMaterial.COPPER))), "iron-nipple");
        assertTrue(after < before);
    }

    private static double weight(WaterPlan p, String find) {
        double all =
                p.c().packed().finds().stream().mapToDouble(f -> f.weight()).sum();
        return p.c().packed().finds().stream()
                        .filter(f -> f.id().equals(find))
                        .findFirst()
                        .orElseThrow()
                        .weight()
                / all;
    }

    // --- the whole ---

    @ParameterizedTest
    @EnumSource(JoinMethod.Id.class)
    void testTheOrderOfWorkKeepsItsPrecedence(JoinMethod.Id method) {
        HouseMaterial material = STOCK.methods().stream()
                .filter(m -> m.id() == method)
                .findFirst()
                .orElseThrow()
                .materials()
                .iterator()
                .next();
        Length outside = STOCK.pipes(material).get(0).outside();
        for (boolean seen : new boolean[] {true, false}) {
            WaterPlan p = plan(wall().with()
                    .material(Optional.of(material))
                    .outside(Optional.of(outside))
                    .seen(Optional.of(seen))
                    .allowed(Set.of(method))
                    .build());
            List<String> ids = p.steps().stream().map(Step::id).toList();
            assertTrue(ids.contains("flush") && ids.contains("join") && ids.contains("dry"), ids.toString());
            assertEquals(!seen, ids.contains("hold"));
            assertEquals(List.of(), DATA.get(WaterStepWriter.ORDER).broken(p.steps()));
        }
    }

    @Test
    void testEachRulePassesAndFailsSomewhere() {
        WaterLine good = wall().with()
                .mainHolds(Optional.of(true))
                .branchFirm(Optional.of(true))
                .licensed(Optional.of(true))
                .approved(Optional.of(true))
                .build();
        List<WaterLine> all = new ArrayList<>(List.of(
                good,
                good.with()
                        .mainHolds(Optional.of(false))
                        .branchFirm(Optional.of(false))
                        .licensed(Optional.of(false))
                        .approved(Optional.of(false))
                        .wallDepth(Optional.of(Length.ofMm(36)))
                        .chance(1)
                        .build(),
                good.withTaken(Optional.of("thread-flex")),
                copper().withOutside(Optional.of(Length.ofMm(19))),
                copper().withTaken(Optional.of("compression-union")),
                copper().with()
                        .offset(Optional.empty())
                        .flexibleAllowed(Optional.of(false))
                        .build()));
        Map<String, Set<State>> seen = new TreeMap<>();
        for (WaterLine l : all) {
            for (Finding f : plan(l).findings()) {
                seen.computeIfAbsent(f.rule().id(), k -> EnumSet.noneOf(State.class))
                        .add(f.state());
            }
        }
        seen.forEach((id, states) ->
                assertTrue(states.containsAll(Set.of(State.PASS, State.FAIL)), id + " was only " + states));
        assertEquals(10, seen.size());
    }

    @Test
    void testAnEmptyPointAsksAndStopsNothing() {
        WaterPlan p = plan(WaterLine.NEW);
        assertFalse(p.stops());
        assertEquals(List.of(), p.steps());
        assertFalse(p.strip().shapes().isEmpty());
        assertFalse(BagPlot.of(p.c().packed(), UnitSystem.METRIC).shapes().isEmpty());
    }

    @Test
    void testEverySealGlows() {
        for (WaterLine l : List.of(
                copper(),
                wall(),
                copper().withOffset(Optional.of(Length.ofMm(1))).withFlexibleAllowed(Optional.of(false)))) {
            WaterPlan p = plan(l);
            assertEquals(
                    p.c().set().orElseThrow().joints().size(),
                    WaterDrawing.page(p.c(), p.findings()).glows().size());
        }
    }
}
