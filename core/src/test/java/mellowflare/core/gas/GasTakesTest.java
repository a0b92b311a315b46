package mellowflare.core.gas;

import static mellowflare.core.gas.GasLines.line;
import static mellowflare.core.gas.GasLines.plan;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import mellowflare.core.line.Take;
import mellowflare.core.line.Taking;
import mellowflare.core.shelf.Used;
import mellowflare.core.table.FigureTable;
import org.junit.jupiter.api.Test;

/** What a gas line takes from the shelf. */
class GasTakesTest {
    private static Map<String, Double> needs(GasPlan p) {
        Map<String, Double> all = new TreeMap<>();
        p.takes().forEach(t -> all.put(t.name(), t.need()));
        return all;
    }

    private static Take take(GasPlan p, String name) {
        return p.takes().stream()
                .filter(t -> t.name().startsWith(name))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void testPipeFittingsValveAndHoseAreCountedAsTheyLie() {
        GasPlan p = plan(line(
                "a: right 2 m elbows 2",
                "v: valve",
                "b: up 1.5 m",
                "c: right 3 m size 22",
                "e: cap",
                "from b",
                "x: appliance 4 kW hose 1.5 m bore 10 sort listed"));
        assertThat(needs(p))
                .contains(
                        entry("copper tube EN 1057, 15", 3.5),
                        entry("copper tube EN 1057, 22", 3.0),
                        // Two on the way of a, one where b turns up.
                        entry("elbow for copper tube EN 1057, 15", 3.0),
                        // At b pipe of two sizes and a hose meet.
                        entry("tee for copper tube EN 1057, 15 × 22", 1.0),
                        entry("gas valve, 15", 1.0),
                        entry("cap for copper tube EN 1057, 22", 1.0))
                .hasSize(7);
        assertThat(needs(p).keySet()).contains("listed gas hose, bore 10 mm, 1500 mm long");
        // 4.60 a metre; 2.76 an elbow; the wider size for the tee.
        assertThat(take(p, "copper tube EN 1057, 15").each()).hasValue(4.6);
        assertThat(take(p, "elbow").each()).hasValue(2.76);
        assertThat(take(p, "tee").each()).hasValue(4.32);
        assertThat(take(p, "gas valve").each()).isEmpty();
    }

    @Test
    void testWhatStoodThereBeforeIsNotTaken() {
        GasPlan p = plan(line(
                "old: right 6 m standing",
                "older: up 2 m standing",
                "w: valve",
                "r: regulator kw-low-37",
                "new: right 1 m",
                "x: appliance 4 kW"));
        assertThat(needs(p))
                .containsOnly(
                        entry("copper tube EN 1057, 15", 1.0),
                        // Where the old pipe ends and the new one turns off.
                        entry("elbow for copper tube EN 1057, 15", 1.0),
                        entry("gas valve, 15", 1.0),
                        entry("low pressure 37 mbar, second stage", 1.0));
        assertThat(take(p, "low pressure").each()).hasValue(31.0);
        GasPlan none = plan(line("old: right 6 m standing", "x: appliance 4 kW"));
        assertThat(none.takes()).isEmpty();
        assertThat(plan(line("a: right 2 m", "x: appliance 4 kW").ofSystem(Optional.empty()))
                        .takes())
                .as("made of nobody knows what")
                .isEmpty();
    }

    @Test
    void testHoseThatIsNoGasHoseIsNeverBought() {
        for (String sort : List.of("listed", "unmarked", "air")) {
            assertThat(needs(plan(line("x: appliance 4 kW hose 1.5 m bore 10 sort " + sort))))
                    .as(sort)
                    .containsOnlyKeys("listed gas hose, bore 10 mm, 1500 mm long");
        }
        assertThat(needs(plan(line("x: appliance 4 kW hose 1.5 m bore 10 sort made-up")))
                        .keySet())
                .singleElement()
                .satisfies(n -> assertThat(n).startsWith("gas hose made up here, "));
    }

    @Test
    void testEveryStepTakesItsOwnAndAllOfItIsTaken() {
        GasPlan p = plan(line("a: right 2 m", "b: up 1 m", "x: appliance 4 kW hose 1.5 m bore 10 sort listed"));
        Map<String, List<String>> by = new TreeMap<>();
        List<Used> all = new ArrayList<>();
        p.steps().forEach(s -> {
            List<Used> used = Taking.at(s, p, GasLines.DATA);
            all.addAll(used);
            if (!used.isEmpty()) {
                by.put(s.id(), used.stream().map(Used::name).toList());
            }
        });
        assertThat(by.keySet()).containsExactlyInAnyOrder("cut", "join", "hose");
        assertThat(by.get("cut")).containsExactly("copper tube EN 1057, 15");
        assertThat(by.get("join")).containsExactly("elbow for copper tube EN 1057, 15");
        assertThat(all.stream().mapToDouble(Used::amount).sum())
                .isCloseTo(p.takes().stream().mapToDouble(Take::need).sum(), within(1e-9));
        FigureTable parts = p.tables().stream()
                .filter(t -> t.what() == FigureTable.What.PARTS)
                .findFirst()
                .orElseThrow();
        // 3 x 4.60 + 2.76.
        assertThat(parts.sum().orElseThrow()).contains("16.56");
    }
}
