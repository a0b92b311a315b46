package mellowflare.core.hose.order;

import static mellowflare.core.Samples.DATA;
import static mellowflare.core.Samples.end;
import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.id;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.LineSample;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Practice;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.Gender;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.PartLine;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.Step;
import org.junit.jupiter.api.Test;

class HoseStepWriterTest {

    private static List<Step> steps(LineSample line, Practice practice) {
        return HosePlan.of(line.worked(practice, UnitSystem.METRIC, MakeLog.EMPTY))
                .steps();
    }

    private static List<String> ids(LineSample line) {
        return steps(line, Practice.USUAL).stream().map(Step::id).toList();
    }

    private static Step step(List<Step> steps, String id) {
        return steps.stream().filter(s -> s.id().equals(id)).findFirst().orElseThrow();
    }

    @Test
    void testCrimpedLineHasItsStepsInOrder() {
        assertThat(ids(soundLine()))
                .containsExactly(
                        "safe",
                        "catch",
                        "parts",
                        "scrap",
                        "mark",
                        "cut",
                        "check-cut",
                        "clean",
                        "push@A",
                        "push@B",
                        "dry-fit",
                        "crimp@A",
                        "inspect@A",
                        "crimp@B",
                        "inspect@B",
                        "overall",
                        "proof",
                        "flush",
                        "fit@A",
                        "fit@B",
                        "run",
                        "record");
    }

    @Test
    void testScrewTogetherEndTakesSocketAndNipple() {
        LineSample line =
                soundLine().withEnd(LineEnd.A, end("motor", id(EndCode.ORB, "-8", Gender.FEMALE), "KR08-B08M"));
        assertThat(ids(line))
                .containsSubsequence("socket@A", "nipple@A", "push@B", "crimp@B")
                .doesNotContain("crimp@A");
        Step nipple = step(steps(line, Practice.USUAL), "nipple@A");
        assertThat(nipple.hold()).isPresent();
        assertThat(nipple.records()).hasSize(1);
    }

    @Test
    void testSecondElbowIsClockedBeforeItsCrimp() {
        LineSample line = soundLine()
                .withEnd(LineEnd.A, end("ram", id(EndCode.BSPP, "1/2", Gender.MALE), "KC08-G12F90"))
                .withClocking(Optional.of(Angle.ofDegrees(270)));
        assertThat(ids(line)).containsSubsequence("push@B", "dry-fit", "clock", "crimp@A", "crimp@B");
        assertThat(step(steps(line, Practice.USUAL), "clock").says(UnitSystem.METRIC))
                .contains("270°");
    }

    @Test
    void testFixedThreadIsFittedBeforeTheSwivel() {
        LineSample swapped = soundLine()
                .withEnd(LineEnd.A, end("valve", id(EndCode.JIC37, "-8", Gender.MALE), "KC08-J08F"))
                .withEnd(LineEnd.B, end("motor", id(EndCode.ORB, "-8", Gender.FEMALE), "KC08-B08M"));
        assertThat(ids(swapped)).containsSubsequence("fit@B", "fit@A");
        assertThat(ids(soundLine())).containsSubsequence("fit@A", "fit@B");
    }

    @Test
    void testSchoolOfCuttingChangesTheStepAndItsTools() {
        Practice shears = Practice.USUAL.with(MethodTopic.HOSE_CUTTING, "shears");
        Step cut = step(steps(soundLine(), shears), "cut");
        assertThat(cut.title()).isEqualTo("Cut with the shears");
        assertThat(cut.tools()).contains("hose shears");
        assertThat(cut.gate()).isEqualTo(Step.Gate.CUT_FIGURE);
        assertThat(step(steps(soundLine(), Practice.USUAL), "cut").tools()).contains("cut-off wheel");
    }

    @Test
    void testFiguresStandInTheSentences() {
        List<Step> steps = steps(soundLine(), Practice.USUAL);
        assertThat(step(steps, "mark").says(UnitSystem.METRIC)).contains("1056 mm (41 9/16 in)");
        assertThat(step(steps, "proof").says(UnitSystem.METRIC)).contains("420 bar");
        assertThat(step(steps, "proof").says(UnitSystem.INCH)).contains("6092 psi");
        assertThat(step(steps, "fit@A").says(UnitSystem.METRIC))
                .contains("slew motor (ORB -8)")
                .contains("ring -908 90 Shore A, NBR");
        assertThat(step(steps, "fit@B").says(UnitSystem.METRIC)).contains("Seal with: nothing.");
        assertThat(step(steps, "check-cut")
                        .records()
                        .get(0)
                        .lengthBand()
                        .orElseThrow()
                        .holds(Length.ofMm(1057.5)))
                .isTrue();
    }

    @Test
    void testUnknownFiguresReadAsOpenAndAskForNoRecord() {
        List<Step> steps = HosePlan.of(hoseCase(LineSample.NEW)).steps();
        assertThat(steps).isNotEmpty();
        assertThat(step(steps, "mark").says(UnitSystem.METRIC)).contains("…");
        assertThat(steps).allSatisfy(s -> assertThat(s.records()).isEmpty());
        assertThat(steps).allSatisfy(s -> assertThat(s.says(UnitSystem.METRIC)).doesNotContain("{"));
    }

    @Test
    void testStepIdsAreUniqueInEveryLineOfTheCatalogue() {
        DATA.get(mellowflare.core.parts.Catalogue.KEY).hoseEnds().forEach(e -> {
            LineSample line = soundLine()
                    .withHose(Optional.empty())
                    .withEnd(LineEnd.A, end("a", e.end().mate(), e.part()))
                    .withEnd(LineEnd.B, end("b", e.end().mate(), e.part()));
            assertThat(ids(line)).as(e.part()).doesNotHaveDuplicates().contains("cut", "fit@A", "fit@B");
        });
    }

    @Test
    void testPartsListHoldsHoseEndsAndRing() {
        HosePlan plan = HosePlan.of(hoseCase(soundLine()));
        assertThat(plan.parts())
                .extracting(PartLine::part)
                .containsExactly("KH2-08", "KC08-B08M", "KF-W08", "KS-O08N", "KC08-J08F90");
        assertThat(plan.parts().get(0).amount()).isEqualTo("1056 mm (41 9/16 in)");
    }
}
