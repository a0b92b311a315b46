package mellowflare.core.hose;

import static mellowflare.core.Samples.hoseCase;
import static mellowflare.core.Samples.soundLine;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.State;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Here;
import mellowflare.core.parts.Tool;
import org.junit.jupiter.api.Test;

class HereTest {
    private static List<Finding> of(Here here, String rule) {
        return HoseRules.check(hoseCase(soundLine().withHere(here))).stream()
                .filter(f -> f.rule().id().startsWith(rule))
                .toList();
    }

    private static List<String> failed(Here here, String rule) {
        return of(here, rule).stream()
                .filter(f -> f.state() == State.FAIL)
                .map(f -> f.says(UnitSystem.METRIC) + " " + f.remedy(UnitSystem.METRIC))
                .toList();
    }

    @Test
    void testWithoutAPressACrimpedLineCannotBeMadeHere() {
        assertThat(failed(Here.UNSAID.withMissing(Set.of("press")), "here.tool"))
                .anyMatch(s -> s.contains("No hose press at hand"));
        assertThat(of(Here.UNSAID, "here.tool"))
                .as("what was not said is asked, not held against the line")
                .anyMatch(f -> f.state() == State.NOT_CHECKED && f.asks().equals("Do you have this here: hose press?"))
                .noneMatch(f -> f.state() == State.FAIL);
        HosePlan plan = HosePlan.of(hoseCase(soundLine().withHere(Here.UNSAID)));
        assertThat(plan.ways()).extracting(Ways.Way::id).containsExactly("make", "shop", "call-out");
        assertThat(plan.ways().get(0).possible()).isFalse();
        assertThat(plan.ways().get(0).hindered()).contains("end A needs a press, and none is at hand");
        assertThat(plan.ways().get(1).possible()).isTrue();
        HosePlan there = HosePlan.of(hoseCase(soundLine().withHere(Here.UNSAID.withPresent(Set.of("press")))));
        assertThat(there.ways().get(0).possible()).isTrue();
    }

    @Test
    void testWaysCostWhatTheirTableSays() {
        HosePlan plan = HosePlan.of(hoseCase(soundLine()));
        double parts = plan.partsCost();
        // hose 1.056 m at 10.24, ends 9.46 and 14.62, two ferrules at 2.00, one ring at 0.40
        assertThat(parts).isCloseTo(1.056 * 10.24 + 9.46 + 14.62 + 2 * 2.0 + 0.4, within(1e-9));
        Ways.Way make = plan.ways().get(0);
        assertThat(make.cost()).isCloseTo(parts, within(1e-9));
        assertThat(make.minutes()).isCloseTo(15 + 2 * 22 + 2 * 4, within(1e-9));
        assertThat(plan.ways().get(1).cost()).isCloseTo(18 + 1.25 * parts, within(1e-9));
        assertThat(plan.ways().get(2).cost()).isCloseTo(95 + 1.4 * parts + 60 * 28 / 60.0, within(1e-9));
    }

    @Test
    void testMissingWrenchIsNamedWithWhatToDo() {
        assertThat(failed(Here.UNSAID.withPresent(Set.of("press")).withNoWrench(Set.of("7/8 in")), "here.tool"))
                .anyMatch(s -> s.contains("No 7/8 in wrench at hand") && s.contains("never a pipe wrench"));
    }

    @Test
    void testRoomRoundTheHex() {
        // 13/16 in: an open wrench needs 1.1 x 20.64 + 3 = 25.7 mm, a crow-foot 0.577 x 20.64 + 7 = 18.9 mm.
        assertThat(failed(Here.UNSAID.withRoom(LineEnd.A, Optional.of(Length.ofMm(25))), "here.room"))
                .singleElement()
                .satisfies(s -> assertThat(s)
                        .contains("Too little room for the wrench at end A: 25 mm, 25.7 mm needed.")
                        .contains("crow-foot"));
        assertThat(failed(Here.UNSAID.withRoom(LineEnd.A, Optional.of(Length.ofMm(18))), "here.room"))
                .singleElement()
                .satisfies(s -> assertThat(s).contains("before the part is bolted in place"));
        assertThat(of(Here.UNSAID.withRoom(LineEnd.A, Optional.of(Length.ofMm(26))), "here.room"))
                .singleElement()
                .satisfies(f -> assertThat(f.state()).isEqualTo(State.PASS));
        assertThat(of(Here.UNSAID, "here.room")).isEmpty();
    }

    @Test
    void testHoleInAPanel() {
        // Straight end: 13/16 in across corners 23.8 mm and 2 mm of room.
        Here tight = Here.UNSAID.withPanel(Optional.of(new Here.Panel(Length.ofMm(25), false)));
        assertThat(failed(tight, "here.panel"))
                .anyMatch(s -> s.contains("No finished end passes") && s.contains("before the second end goes on"))
                .anyMatch(s -> s.contains("edge of the hole is bare"));
        Here none = Here.UNSAID.withPanel(Optional.of(new Here.Panel(Length.ofMm(23), true)));
        assertThat(of(none, "here.panel")).anyMatch(Finding::stops);
        Here wide = Here.UNSAID.withPanel(Optional.of(new Here.Panel(Length.ofMm(26), true)));
        assertThat(failed(wide, "here.panel")).isEmpty();
        Here both = Here.UNSAID.withPresent(Set.of("press")).withMissing(Set.of("press"));
        assertThat(both.present()).as("a tool is there or it is not").isEmpty();
        assertThatThrownBy(() -> new Here.Panel(Length.ZERO, true)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testToolsAskedForAreFoundInTheSteps() {
        List<String> all = new HoseStepWriter(hoseCase(soundLine()), Map.of())
                .tools().stream().map(Tool::id).toList();
        assertThat(all)
                .contains("lock", "wheel", "press", "caliper", "test-pump", "wrench")
                .doesNotContain("ac-press", "pick");
        assertThat(hoseCase(soundLine()).wrenches()).containsExactly("13/16 in", "7/8 in");
    }

    @Test
    void testRoomForTheCutterInPlace() {
        // The wheel needs 130 mm beside a hose of 22.2 mm; shears 70 mm.
        assertThat(failed(Here.UNSAID.withRoomCut(Optional.of(Length.ofMm(100))), "here.cutter"))
                .singleElement()
                .satisfies(s -> assertThat(s)
                        .contains(
                                "Too little room to cut the hose in place: 100 mm, 152.2 mm needed for this way of cutting.")
                        .contains("Use one of these, which has room: shears."));
        assertThat(failed(Here.UNSAID.withRoomCut(Optional.of(Length.ofMm(60))), "here.cutter"))
                .singleElement()
                .satisfies(s -> assertThat(s).contains("Take the hose out of the machine"));
        assertThat(of(Here.UNSAID.withRoomCut(Optional.of(Length.ofMm(153))), "here.cutter"))
                .singleElement()
                .satisfies(f -> assertThat(f.state()).isEqualTo(State.PASS));
    }
}
