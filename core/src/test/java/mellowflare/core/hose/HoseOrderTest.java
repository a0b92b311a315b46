package mellowflare.core.hose;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.hose.KindLines.line;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import mellowflare.core.LineSample;
import mellowflare.core.Oily;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Practice;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import org.junit.jupiter.api.Test;

/** Every kind of hose, end, fluid and method against the table of what must come before what. */
class HoseOrderTest {
    private static final List<MethodTopic> METHODS = List.of(
            MethodTopic.HOSE_CUTTING,
            MethodTopic.ASSEMBLY_LUBRICANT,
            MethodTopic.BRAID_CLOSING,
            MethodTopic.BARRIER_PRESS,
            MethodTopic.PIPE_THREAD_SEAL);

    private static List<Step> steps(LineSample line, Practice practice) {
        return HosePlan.steps(line.worked(practice, UnitSystem.METRIC, MakeLog.EMPTY));
    }

    private static List<Practice> practices() {
        List<Practice> all = new ArrayList<>(List.of(Practice.USUAL));
        for (MethodTopic topic : METHODS) {
            for (Method method : DATA.get(Methods.KEY).of(topic)) {
                all.add(Practice.USUAL.with(topic, method.id()));
            }
        }
        return all;
    }

    /** Usual work, and a third of the other methods: three lines after each other meet all of them. */
    private static List<Practice> inTurn(int turn) {
        List<Practice> all = practices();
        return IntStream.range(0, all.size())
                .filter(i -> i == 0 || i % 3 == turn % 3)
                .mapToObj(all::get)
                .toList();
    }

    /** Of each kind of hose every pair of ways of fixing, straight and elbow: one of each. */
    private static List<LineSample> lines(String fluid) {
        Catalogue catalogue = DATA.get(Catalogue.KEY);
        List<LineSample> lines = new ArrayList<>();
        Set<String> seen = new HashSet<>();
        for (HosePart hose : catalogue.hoses()) {
            List<HoseEndPart> ends = catalogue.hoseEnds().stream()
                    .filter(e -> e.series().orElseThrow().equals(hose.series())
                            && e.hoseDash().orElseThrow().equals(hose.dash()))
                    .toList();
            for (HoseEndPart a : ends) {
                for (HoseEndPart b : ends) {
                    if (seen.add(hose.kind() + " " + a.attach() + a.elbow() + b.attach() + b.elbow())) {
                        lines.add(line(hose.part(), fluid, 10, 20, a.part(), b.part())
                                .withClocking(Optional.of(Angle.ofDegrees(45))));
                    }
                }
            }
        }
        return lines;
    }

    @Test
    void testNoHoseFluidOrMethodBreaksTheOrder() {
        Precedence order = DATA.get(HoseStepWriter.ORDER);
        int looked = 0;
        int turn = 0;
        Set<FluidGroup> groups = new HashSet<>();
        Set<List<Object>> hazards = new HashSet<>();
        Set<String> kinds = new HashSet<>();
        Set<List<String>> orders = new HashSet<>();
        List<List<Step>> turned = new ArrayList<>();
        for (Fluid fluid : DATA.get(FluidTable.KEY).all()) {
            boolean firstOfKind = groups.add(fluid.group());
            // Rows ask for a fluid's group and its hazards, never for its name.
            if (hazards.add(List.of(fluid.group(), fluid.hazards()))) {
                kinds.add(fluid.id());
            }
            for (LineSample line : lines(fluid.id())) {
                LineSample panel =
                        line.withHere(Here.UNSAID.withPanel(Optional.of(new Here.Panel(Length.ofMm(12), true))));
                // Through a panel it has every row that it has without, and more.
                for (LineSample each : kinds.contains(fluid.id()) ? List.of(line, panel) : List.of(panel)) {
                    // Methods are walked once for each kind of fluid.
                    for (Practice practice : each == line && firstOfKind ? inTurn(turn++) : List.of(Practice.USUAL)) {
                        List<Step> steps = steps(each, practice);
                        assertThat(order.broken(steps))
                                .as(fluid.id() + " " + each.hose() + " " + practice)
                                .isEmpty();
                        List<String> ids = steps.stream().map(Step::id).toList();
                        assertThat(ids).doesNotHaveDuplicates();
                        testedWithNitrogenInSteps(fluid, steps);
                        if (orders.add(ids)) {
                            List<Step> backwards = new ArrayList<>(steps);
                            Collections.reverse(backwards);
                            turned.add(backwards);
                        }
                        looked++;
                    }
                }
            }
        }
        assertThat(looked).isGreaterThan(3000);
        everyRuleSpeaks(order, turned);
    }

    /** What was in order breaks every rule somewhere once it is turned round. */
    private static void everyRuleSpeaks(Precedence order, List<List<Step>> turned) {
        Set<String> spoken = new HashSet<>();
        turned.forEach(steps -> spoken.addAll(order.broken(steps)));
        for (Precedence.Rule rule : order.rules()) {
            if (rule.before().startsWith("adapt") || rule.after().equals("clamp")) {
                continue; // AdaptedLineTest holds lines with adapters; the house catalogue has no barbed elbow.
            }
            assertThat(spoken)
                    .as(rule.before() + " before " + rule.after())
                    .anyMatch(b -> b.matches(rule.before() + "(@.)? must come before " + rule.after() + "(@.)?: .*"));
        }
    }

    @Test
    void testNothingOilyIsDoneToALineForAnOxidiser() {
        int turn = 0;
        for (LineSample line : lines("nitrous-oxide")) {
            for (Practice practice : inTurn(turn++)) {
                List<Step> steps = steps(line, practice);
                for (Step step : steps) {
                    String said = step.title() + ". " + step.says(UnitSystem.METRIC) + " " + step.tools();
                    assertThat(Oily.asksFor(said))
                            .as(line.hose() + " " + step.id())
                            .isEmpty();
                    assertThat(said)
                            .as(line.hose() + " " + step.id())
                            .doesNotContainIgnoringCase("the fluid that will run in it")
                            .doesNotContainIgnoringCase("dry it out");
                }
                assertThat(steps).extracting(Step::id).containsSubsequence("nitrogen", "run");
            }
        }
    }

    @Test
    void testRefusedFluidGetsAStopAndNoOrderOfWork() {
        for (String fluid : DATA.get(FluidTable.KEY).allRefused()) {
            LineSample line = line("KH2-08", fluid, 10, 20, "KC08-J08F", "KC08-J08F");
            HosePlan plan = HosePlan.of(line.worked(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY));
            assertThat(plan.steps()).isEmpty();
            assertThat(plan.findings())
                    .anyMatch(
                            f -> f.stops() && f.says(UnitSystem.METRIC).contains("does not cover " + fluid + " lines"));
        }
        assertThat(DATA.get(FluidTable.KEY).allRefused()).contains("oxygen");
    }

    /** Looked at in the one sweep over everything: refrigerant and oxidiser are tested with regulated nitrogen, in steps. */
    private static void testedWithNitrogenInSteps(Fluid fluid, List<Step> steps) {
        if (fluid.group() == FluidGroup.REFRIGERANT || fluid.group() == FluidGroup.OXIDISER) {
            assertThat(steps)
                    .filteredOn(s -> s.id().equals("nitrogen"))
                    .singleElement()
                    .satisfies(s -> assertThat(s.says(UnitSystem.METRIC))
                            .contains("regulator")
                            .contains("relief valve")
                            .contains("in steps")
                            .contains("outdoors"));
        }
    }
}
