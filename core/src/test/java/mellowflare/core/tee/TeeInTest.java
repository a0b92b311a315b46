package mellowflare.core.tee;

import static org.junit.jupiter.api.Assertions.assertEquals;
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
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.fluid.Service;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Shape;
import mellowflare.core.job.ShippedData;
import mellowflare.core.line.Ports;
import mellowflare.core.line.Setting;
import mellowflare.core.line.Take;
import mellowflare.core.line.Taking;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tee.draw.TeeDrawing;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.order.TeeStepWriter;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.stock.TeeStock;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class TeeInTest {
    private static final ReferenceData DATA = ShippedData.load();

    private static TeePlan plan(TeeLine line) {
        return TeeInKind.TEE.plan(
                line,
                new Setting(Ports.UNKNOWN, Service.UNSAID, Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY, DATA),
                Optional.empty());
    }

    private static Optional<Length> mm(double mm) {
        return Optional.of(Length.ofMm(mm));
    }

    /** Gas, flared: 62 across, 3.5 taken in by each flare, so 55 comes out. */
    private static TeeLine gas() {
        return TeeLine.NEW
                .with()
                .fluid(Optional.of(TeeFluid.GAS))
                .method(Optional.of(TeeMethod.Id.FLARE))
                .across(mm(62))
                .goesIn(mm(3.5))
                .straightA(mm(100))
                .straightB(mm(100))
                .isolated(Optional.of(true))
                .plugged(Optional.of(true))
                .room(Optional.of(true))
                .licensed(Optional.of(true))
                .build();
    }

    private static Finding of(TeePlan p, String rule) {
        return p.findings().stream().filter(f -> id(f).equals(rule)).findFirst().orElseThrow();
    }

    /** A rule's id without the severity that some carry. */
    private static String id(Finding f) {
        return f.rule().id().replaceFirst("-(stop|warn)$", "");
    }

    private static boolean says(TeePlan p, String rule) {
        return p.findings().stream().anyMatch(f -> id(f).equals(rule));
    }

    // --- lengths, by hand ---

    @Test
    void testCutOutIsTheTeeLessWhatBothJointsTakeIn() {
        TeePlan p = plan(gas());
        assertEquals(55, p.c().cutOut().orElseThrow(), 1e-9);
        assertTrue(p.findings().stream().allMatch(f -> f.state() == State.PASS), p.findings()::toString);
    }

    @Test
    void testTheTablesTakeInServesUntilOneIsMeasured() {
        TeePlan p = plan(gas().with().goesIn(Optional.empty()).build());
        assertEquals(62 - 2 * 3, p.c().cutOut().orElseThrow(), 1e-9);
    }

    @ParameterizedTest
    @CsvSource({
        // gap, slack A, slack B, reaches
        "55, 0, 0, PASS",
        "63, 5, 3, PASS",
        "63.1, 5, 3, FAIL",
        "80, 0, 0, FAIL"
    })
    void testStubsReachAsFarAsTheyCanBeDrawn(double gap, double a, double b, State state) {
        TeePlan p = plan(gas().with().gap(mm(gap)).slackA(mm(a)).slackB(mm(b)).build());
        assertEquals(state, of(p, "tee.reach").state());
        if (state == State.FAIL) {
            assertEquals(Severity.STOP, of(p, "tee.reach").rule().severity());
        }
    }

    /** Gap 180, tee spans 55, union of 40 spans 33: 92 is left for the piece. */
    @Test
    void testAPieceAndAUnionCloseWhatIsTooFarApart() {
        TeePlan p = plan(gas().with().gap(mm(180)).unionAcross(mm(40)).build());
        assertEquals(92, p.c().piece().orElseThrow().mm(), 1e-9);
        assertEquals(State.PASS, of(p, "tee.piece").state());
        assertTrue(p.steps().stream().anyMatch(s -> s.id().equals("piece")));
    }

    @Test
    void testTheTeeTheUnionAndThePieceAreTakenFromTheShelf() {
        TeePlan whole = plan(gas());
        assertEquals(
                List.of("flared tee"), whole.takes().stream().map(Take::name).toList());
        TeePlan piece =
                plan(gas().with().tube(mm(12)).gap(mm(180)).unionAcross(mm(40)).build());
        assertEquals(
                List.of("flared tee for 12 mm tube", "flared union for 12 mm tube", "tube, 12 mm"),
                piece.takes().stream().map(Take::name).toList());
        assertEquals(0.092, piece.takes().get(2).need(), 1e-9);
        Map<String, Long> taken = new TreeMap<>();
        piece.steps()
                .forEach(s -> taken.put(s.id(), (long) Taking.at(s, piece, DATA).size()));
        assertEquals(1, taken.get("piece"));
        assertEquals(2, taken.get("join"));
        assertEquals(0, taken.get("record"));
        assertTrue(plan(gas().with().method(Optional.empty()).build()).takes().isEmpty());
    }

    @Test
    void testAPieceTooShortIsAWarningAndNoRoomForTheUnionAStop() {
        TeePlan shorter = plan(gas().with().gap(mm(150)).unionAcross(mm(40)).build());
        assertEquals(Severity.WARN, of(shorter, "tee.piece").rule().severity());
        assertTrue(of(shorter, "tee.piece").remedy(UnitSystem.METRIC).contains("8 mm"));
        assertTrue(shorter.c().piece().isEmpty());
        TeePlan none = plan(gas().with().gap(mm(80)).unionAcross(mm(40)).build());
        assertEquals(State.FAIL, of(none, "tee.piece").state());
        assertEquals(Severity.STOP, of(none, "tee.piece").rule().severity());
    }

    @Test
    void testTooLittleCutAwayIsSaid() {
        TeePlan p = plan(gas().with().gap(mm(50)).build());
        assertEquals(State.FAIL, of(p, "tee.more").state());
        assertEquals(State.PASS, of(p, "tee.reach").state());
    }

    @Test
    void testATeeThatItsJointsSwallowIsRefused() {
        TeePlan p = plan(gas().with().goesIn(mm(31)).build());
        assertEquals(State.FAIL, of(p, "tee.cut-out").state());
        assertEquals(List.of(), p.steps());
    }

    /** Threaded, neither stub turns: tee 76, union 68, 13.6 taken in at each of four joints, and a nipple of 50. */
    @Test
    void testThreadedPipeAlwaysTakesAUnion() {
        TeeLine iron = gas().with()
                .method(Optional.of(TeeMethod.Id.THREAD))
                .goesIn(Optional.empty())
                .across(mm(76))
                .build();
        assertEquals(State.NOT_CHECKED, of(plan(iron), "tee.cut-out").state());
        TeePlan p = plan(iron.withUnionAcross(mm(68)));
        assertEquals(76 - 27.2 + 68 - 27.2 + 50, p.c().cutOut().orElseThrow(), 1e-9);
        assertEquals(50, p.c().piece().orElseThrow().mm(), 1e-6);
        TeePlan cut = plan(iron.with().unionAcross(mm(68)).gap(mm(160)).build());
        assertEquals(50 + 160 - 139.6, cut.c().piece().orElseThrow().mm(), 1e-6);
    }

    // --- what may be done ---

    @Test
    void testEveryJointIsSaidForEveryFluid() {
        TeeStock stock = TeeStock.load();
        for (TeeFluid fluid : TeeFluid.values()) {
            for (TeeMethod.Id method : TeeMethod.Id.values()) {
                assertNotNull(stock.fit(fluid, method));
            }
        }
    }

    @ParameterizedTest
    @CsvSource({
        "GAS, SOLDER, STOP",
        "GAS, PUSH, STOP",
        "GAS, BRAZE, WARN",
        "REFRIGERANT, SOLDER, STOP",
        "FUEL, PUSH, STOP",
        "AIR, PUSH, WARN"
    })
    void testJointsThatMustNotBeUsedStopAndDoubtfulOnesWarn(TeeFluid fluid, TeeMethod.Id method, Severity severity) {
        Finding f = of(
                plan(gas().with()
                        .fluid(Optional.of(fluid))
                        .method(Optional.of(method))
                        .build()),
                "tee.joint");
        assertEquals(State.FAIL, f.state());
        assertEquals(severity, f.rule().severity());
    }

    @Test
    void testOnlyGasAndRefrigerantAskForALicence() {
        for (TeeFluid fluid : TeeFluid.values()) {
            TeePlan p = plan(gas().with()
                    .fluid(Optional.of(fluid))
                    .licensed(Optional.of(false))
                    .build());
            boolean asks = fluid == TeeFluid.GAS || fluid == TeeFluid.REFRIGERANT;
            assertEquals(asks, says(p, "tee.licensed"));
            assertEquals(asks, p.stops());
        }
    }

    @Test
    void testEachRulePassesAndFailsSomewhere() {
        List<TeeLine> all = List.of(
                gas(),
                gas().with()
                        .isolated(Optional.of(false))
                        .plugged(Optional.of(false))
                        .licensed(Optional.of(false))
                        .room(Optional.of(false))
                        .straightA(mm(10))
                        .gap(mm(50))
                        .build(),
                gas().with().method(Optional.of(TeeMethod.Id.PUSH)).gap(mm(99)).build(),
                gas().with().gap(mm(55)).build(),
                gas().with().goesIn(mm(40)).build(),
                gas().with().gap(mm(180)).unionAcross(mm(40)).build(),
                gas().with().gap(mm(140)).unionAcross(mm(40)).build());
        Map<String, Set<State>> seen = new TreeMap<>();
        all.forEach(l -> plan(l).findings()
                .forEach(f -> seen.computeIfAbsent(id(f), k -> EnumSet.noneOf(State.class))
                        .add(f.state())));
        seen.forEach((id, states) ->
                assertTrue(states.containsAll(Set.of(State.PASS, State.FAIL)), id + " was only " + states));
        assertEquals(10, seen.size(), seen.keySet()::toString);
    }

    // --- order of work and drawing ---

    @ParameterizedTest
    @EnumSource(TeeMethod.Id.class)
    void testTheOrderOfWorkKeepsItsPrecedence(TeeMethod.Id method) {
        for (TeeFluid fluid : TeeFluid.values()) {
            for (Optional<Length> gap : List.of(Optional.<Length>empty(), mm(200))) {
                TeePlan p = plan(gas().with()
                        .fluid(Optional.of(fluid))
                        .method(Optional.of(method))
                        .goesIn(Optional.empty())
                        .gap(gap)
                        .unionAcross(mm(60))
                        .build());
                List<String> ids = p.steps().stream().map(Step::id).toList();
                assertTrue(
                        ids.containsAll(
                                List.of("off", "mark", "plug", "cut", "ream", "join", "test", "clip", "record")),
                        ids::toString);
                assertEquals(ids.size(), Set.copyOf(ids).size(), ids::toString);
                assertEquals(List.of(), DATA.get(TeeStepWriter.ORDER).broken(p.steps()));
            }
        }
    }

    @Test
    void testAnEmptyTeeInAsksAndRefusesNothing() {
        TeePlan p = plan(TeeLine.NEW);
        assertEquals(List.of(), p.steps());
        assertTrue(p.findings().stream().allMatch(f -> f.state() == State.NOT_CHECKED), p.findings()::toString);
        assertNotNull(TeeDrawing.page(p.c(), p.findings()));
        assertTrue(p.stillNeeded().contains("the order of work follows"));
    }

    @Test
    void testImpossibleLengthsCannotBeKept() {
        assertThrows(IllegalArgumentException.class, () -> gas().withAcross(mm(0)));
        assertThrows(IllegalArgumentException.class, () -> gas().withTube(mm(-1)));
        assertThrows(IllegalArgumentException.class, () -> gas().withGap(mm(-1)));
        assertThrows(IllegalArgumentException.class, () -> gas().withSlackB(mm(-1)));
        assertThrows(IllegalArgumentException.class, () -> gas().withUnionAcross(mm(0)));
    }

    /** Three mouths without a piece, two more with the union. */
    @Test
    void testEverySealGlows() {
        assertEquals(3, glows(plan(gas())));
        assertEquals(5, glows(plan(gas().with().gap(mm(180)).unionAcross(mm(40)).build())));
    }

    private static long glows(TeePlan p) {
        Drawing d = TeeDrawing.page(p.c(), p.findings());
        return d.shapes().stream().filter(Shape.Glow.class::isInstance).count();
    }
}
