package mellowflare.core.tube;

import static mellowflare.core.Samples.DATA;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.Oily;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.line.TubeLine;
import mellowflare.core.tube.order.TubeStepWriter;
import org.junit.jupiter.api.Test;

/** Every end of a tube, fluid and method against the table of what must come before what. */
class TubeOrderTest {
    private static final Measured ONE_BEND =
            new Measured.Points(List.of(Vector.ZERO, new Vector(400, 0, 0), new Vector(400, 300, 0)));

    private static List<Practice> practices() {
        List<Practice> all = new ArrayList<>(List.of(Practice.USUAL));
        for (MethodTopic topic : List.of(
                MethodTopic.FLARE_ORDER,
                MethodTopic.FLARE_CLAMP,
                MethodTopic.FLARE_CLOSING,
                MethodTopic.SOCKET_DEPTH)) {
            for (Method method : DATA.get(Methods.KEY).of(topic)) {
                all.add(Practice.USUAL.with(topic, method.id()));
            }
        }
        return all;
    }

    private static List<List<Step>> all(String fluid) {
        return all(fluid, true);
    }

    /** Each method meets each end alone and beside one other, usual work every pair; but of a kind of fluid that was walked before, usual work and the pairs that the methods met. */
    private static List<List<Step>> all(String fluid, boolean firstOfKind) {
        List<List<Step>> all = new ArrayList<>();
        for (TubeEndKind a : TubeEndKind.values()) {
            for (TubeEndKind b : TubeEndKind.values()) {
                for (Practice practice : firstOfKind ? practices() : List.of(Practice.USUAL)) {
                    if (!(firstOfKind && practice.equals(Practice.USUAL)) && !beside(a, b)) {
                        continue;
                    }
                    // One bend asks for every row that three ask for.
                    all.add(steps(a, b, ONE_BEND, fluid, practice));
                    // How a tube is measured and how two different ends meet have no row in common.
                    if (beside(a, b)) {
                        all.add(steps(a, b, new Measured.Template(Length.ofMm(500)), fluid, practice));
                    }
                }
            }
        }
        return all;
    }

    private static boolean beside(TubeEndKind a, TubeEndKind b) {
        int n = TubeEndKind.values().length;
        return a == b || (a.ordinal() + 1) % n == b.ordinal();
    }

    private static List<Step> steps(TubeEndKind a, TubeEndKind b, Measured measured, String fluid, Practice practice) {
        TubeLine line = TubeSamples.line()
                .withMeasured(measured)
                .withEnd(LineEnd.A, TubeSamples.end(a, "none"))
                .withEnd(LineEnd.B, TubeSamples.end(b, "none"));
        return TubePlan.steps(TubeSamples.of(
                line, TubeSamples.service().withFluid(Optional.of(fluid)), EndCode.JIC37, "-6", practice));
    }

    private static List<Step> flared(String fluid) {
        return steps(TubeEndKind.SINGLE37, TubeEndKind.SINGLE37, ONE_BEND, fluid, Practice.USUAL);
    }

    @Test
    void testNoEndFluidOrMethodBreaksTheOrder() {
        Precedence order = DATA.get(TubeStepWriter.ORDER);
        Set<String> spoken = new HashSet<>();
        Set<List<String>> seen = new HashSet<>();
        Set<List<Object>> kinds = new HashSet<>();
        for (Fluid fluid : DATA.get(FluidTable.KEY).all()) {
            // All is walked once for each kind of fluid: rows ask for its group and its hazards, never for its name.
            boolean firstOfKind = kinds.add(List.of(fluid.group(), fluid.hazards()));
            for (List<Step> steps : all(fluid.id(), firstOfKind)) {
                List<String> rows = new ArrayList<>(
                        steps.stream().map(s -> s.id() + s.text()).toList());
                rows.add(fluid.id());
                // The same rows for the same fluid say the same.
                if (seen.add(rows)) {
                    proofIsForBlankedEndsOnly(fluid, steps);
                    nitrogenIsRegulatedRelievedAndVentedOutdoors(fluid, steps);
                    assertThat(order.broken(steps)).as(fluid.id()).isEmpty();
                    List<Step> backwards = new ArrayList<>(steps);
                    Collections.reverse(backwards);
                    spoken.addAll(order.broken(backwards));
                }
            }
        }
        for (Precedence.Rule rule : order.rules()) {
            assertThat(spoken)
                    .as(rule.before() + " before " + rule.after())
                    .anyMatch(s ->
                            s.matches(rule.before() + "(@.*)? must come before " + rule.after() + "(@[^:]*)?: .*"));
        }
    }

    private static void proofIsForBlankedEndsOnly(Fluid fluid, List<Step> steps) {
        for (Step step : steps) {
            String says = step.says(UnitSystem.METRIC);
            if (says.contains("240 bar")) {
                assertThat(step.id()).as(fluid.id()).isEqualTo("proof");
                assertThat(says).contains("Blank both ends off");
            }
        }
    }

    @Test
    void testTwiceTheWorkingPressureIsOnlyPutOnWithBothEndsBlankedAndNothingFitted() {
        // Of all lines it is looked at in the one sweep over everything, which takes a minute.
        List<Step> oil = flared("mineral-oil");
        assertThat(oil).extracting(Step::id).contains("proof");
        Step inTheMachine =
                oil.stream().filter(s -> s.id().equals("test")).findFirst().orElseThrow();
        assertThat(inTheMachine.says(UnitSystem.METRIC)).contains("120 bar").contains("no further");
        Step water = flared("potable-water").stream()
                .filter(s -> s.id().equals("test"))
                .findFirst()
                .orElseThrow();
        // 1.1 x 120 bar.
        assertThat(water.says(UnitSystem.METRIC)).contains("132 bar").contains("local code");
    }

    @Test
    void testNothingOilyIsDoneToALineForAnOxidiser() {
        for (List<Step> steps : all("nitrous-oxide")) {
            for (Step step : steps) {
                assertThat(Oily.asksFor(step.says(UnitSystem.METRIC) + " " + step.tools()))
                        .as(step.id())
                        .isEmpty();
            }
        }
    }

    private static void nitrogenIsRegulatedRelievedAndVentedOutdoors(Fluid fluid, List<Step> steps) {
        if (fluid.group() == FluidGroup.REFRIGERANT || fluid.group() == FluidGroup.OXIDISER) {
            assertThat(steps)
                    .filteredOn(s -> s.id().equals("test"))
                    .singleElement()
                    .satisfies(s -> assertThat(s.says(UnitSystem.METRIC))
                            .contains("regulator")
                            .contains("relief valve")
                            .contains("in steps")
                            .contains("utdoors"));
        }
    }

    @Test
    void testMildlyFlammableRefrigerantIsPurgedBeforeAnyFlame() {
        for (String fluid : List.of("r32", "r1234yf")) {
            for (List<Step> steps : all(fluid)) {
                assertThat(steps).extracting(Step::id).contains("purge");
            }
        }
        assertThat(flared("r410a")).extracting(Step::id).doesNotContain("purge");
    }
}
