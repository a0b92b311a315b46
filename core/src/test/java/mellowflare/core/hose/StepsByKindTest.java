package mellowflare.core.hose;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.hose.KindLines.line;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.LineSample;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.parts.HosePart;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import org.junit.jupiter.api.Test;

class StepsByKindTest {
    private static List<Step> steps(LineSample line, Practice practice) {
        return HosePlan.of(line.worked(practice, UnitSystem.METRIC, MakeLog.EMPTY))
                .steps();
    }

    private static List<String> ids(LineSample line) {
        return steps(line, Practice.USUAL).stream().map(Step::id).toList();
    }

    private static Step step(LineSample line, Practice practice, String id) {
        return steps(line, practice).stream()
                .filter(s -> s.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new AssertionError("no step " + id));
    }

    @Test
    void testReusableBraidEndDrawsAWitnessMarkThatMustNotMove() {
        LineSample l = line("KHF-08", "petrol", 5, 20, "KB08-A08F", "KB08-A08F45");
        assertThat(ids(l))
                .containsSubsequence(
                        "mark", "cut", "socket@A", "nipple@A", "socket@B", "inspect@A", "proof", "flush-through@B");
        assertThat(step(l, Practice.USUAL, "socket@A").hold()).contains("witness mark drawn");
        Step meets = step(l, Practice.USUAL, "nipple@A");
        assertThat(meets.says(UnitSystem.METRIC)).contains("until the halves meet");
        assertThat(meets.records()).isEmpty();
        Step gap = step(l, Practice.USUAL.with(MethodTopic.BRAID_CLOSING, "gap"), "nipple@A");
        assertThat(gap.says(UnitSystem.METRIC)).contains("until 1 mm of gap");
        assertThat(gap.records()).hasSize(1);
        assertThat(step(l, Practice.USUAL, "flush-through@B").says(UnitSystem.METRIC))
                .contains("return with a temporary coupler");
        assertThat(step(l, Practice.USUAL, "safe").says(UnitSystem.METRIC)).contains("battery off");
    }

    @Test
    void testPtfeOliveButtsInsideAndAKinkedLinerIsScrap() {
        LineSample l = line("KHP-06", "mineral-oil", 50, 40, "KP06-J06F", "KP06-J06F");
        Step olive = step(l, Practice.USUAL, "socket@A");
        assertThat(olive.tools()).contains("blunt pick", "mandrel");
        assertThat(olive.cautions()).contains("A kinked liner is scrap.");
        assertThat(olive.hold()).contains("liner butts inside the olive");
    }

    @Test
    void testBarrierEndIsClockedAndPressedOnceOrTwiceBySchool() {
        LineSample l = line("KHB-08", "r134a", 20, 40, "KB08-C08F90", "KB08-C08F90")
                .withClocking(Optional.of(Angle.ofDegrees(45)));
        assertThat(ids(l))
                .containsSubsequence(
                        "push@A",
                        "push@B",
                        "dry-fit",
                        "clock",
                        "crimp@A",
                        "crimp@B",
                        "flush",
                        "fit@A",
                        "fit@B",
                        "nitrogen",
                        "run");
        assertThat(step(l, Practice.USUAL, "crimp@A").says(UnitSystem.METRIC))
                .contains("die B08")
                .contains("one press");
        assertThat(step(l, Practice.USUAL.with(MethodTopic.BARRIER_PRESS, "twice"), "crimp@A")
                        .says(UnitSystem.METRIC))
                .contains("turn the tool one flat");
        assertThat(step(l, Practice.USUAL, "flush").says(UnitSystem.METRIC)).contains("never with water");
        assertThat(step(l, Practice.USUAL, "nitrogen").says(UnitSystem.METRIC)).contains("never oxygen");
        assertThat(ids(l)).doesNotContain("proof");
    }

    @Test
    void testBarbsGetTheirClampFirstAndRubberIsCutWithABlade() {
        LineSample l = line("KHA-06", "compressed-air", 8, 20, "KA06-N38M", "KA06-G38F");
        assertThat(ids(l)).containsSubsequence("push@A", "push@B", "clamp@A", "clamp@B");
        assertThat(step(l, Practice.USUAL, "push@A").says(UnitSystem.METRIC))
                .contains("KCL-A06")
                .contains("soapy water");
        assertThat(step(l, Practice.USUAL.with(MethodTopic.HOSE_CUTTING, "wheel"), "cut")
                        .title())
                .as("a wheel burns rubber: the kind's own way is taken")
                .isEqualTo("Cut with the hose cutter");
        assertThat(step(l, Practice.USUAL, "proof").says(UnitSystem.METRIC)).contains("Never proof with air");
    }

    @Test
    void testPushConnectIsPulledToProveIt() {
        LineSample l = line("KHN-08", "compressed-air", 8, 20, "KN08-N38M", "KN08-R38M");
        assertThat(step(l, Practice.USUAL, "push@A").hold()).contains("it does not pull out");
        assertThat(ids(l)).doesNotContain("scrap");
    }

    @Test
    void testEveryHoseWithEveryFluidOfItsKindHasWholeAndUniqueSteps() {
        Catalogue catalogue = DATA.get(Catalogue.KEY);
        for (HosePart hose : catalogue.hoses()) {
            HoseEndPart any = catalogue.hoseEnds().stream()
                    .filter(e -> e.series().orElseThrow().equals(hose.series())
                            && e.hoseDash().orElseThrow().equals(hose.dash()))
                    .findFirst()
                    .orElseThrow();
            for (Fluid fluid : DATA.get(FluidTable.KEY).all()) {
                LineSample l = line(hose.part(), fluid.id(), 1, 20, any.part(), any.part());
                List<Step> steps = HosePlan.steps(l.worked(Practice.USUAL, UnitSystem.METRIC, MakeLog.EMPTY));
                assertThat(steps)
                        .extracting(Step::id)
                        .as(hose.part() + " " + fluid.id())
                        .doesNotHaveDuplicates()
                        .contains("safe", "catch", "parts", "fit@A", "fit@B", "run", "record");
                assertThat(steps)
                        .allSatisfy(s -> assertThat(s.says(UnitSystem.INCH)).doesNotContain("{"));
                assertThat(steps.stream().anyMatch(s -> s.id().equals("cut"))).isEqualTo(!hose.whole());
            }
        }
    }

    @Test
    void testMissingToolsBringPlanBIntoTheirSteps() {
        LineSample l = line("KH2-08", "mineral-oil", 100, 40, "KR08-J08F", "KR08-J08F")
                .withHere(Here.UNSAID.withMissing(Set.of("vice", "test-pump")));
        Step socket = step(l, Practice.USUAL, "socket@A");
        assertThat(socket.says(UnitSystem.METRIC)).contains("Without vice:").contains("braced on the bench");
        assertThat(socket.tools()).contains("second person or two blocks with clamps");
        Step proof = step(l, Practice.USUAL, "proof");
        assertThat(proof.says(UnitSystem.METRIC))
                .contains(
                        "Without test pump: Bring it up at low pressure behind a shield, then to working pressure with nobody near, and write down that it was not proof tested.");
    }

    @Test
    void testHoseGoesThroughASmallHoleBeforeTheSecondEnd() {
        LineSample l = line("KH2-08", "mineral-oil", 100, 40, "KC08-J08F", "KC08-J08F");
        LineSample small = l.withHere(Here.UNSAID.withPanel(Optional.of(new Here.Panel(Length.ofMm(25), true))));
        assertThat(ids(small))
                .containsSubsequence("push@B", "dry-fit", "crimp@A", "panel@B", "crimp@B")
                .doesNotContain("panel@A");
        LineSample wide = l.withHere(Here.UNSAID.withPanel(Optional.of(new Here.Panel(Length.ofMm(40), true))));
        assertThat(ids(wide)).doesNotContain("panel@B");
        assertThat(HosePlan.of(hoseCase(small)).findings())
                .anyMatch(f ->
                        f.rule().id().equals("here.panel-ends") && f.state() == mellowflare.core.advice.State.FAIL);
    }
}
