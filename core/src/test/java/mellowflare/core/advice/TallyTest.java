package mellowflare.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Findings counted, ranked, marked on parts, and what they ask for. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class TallyTest {
    private final Map<Severity, RuleText> rules = new EnumMap<>(Severity.class);

    TallyTest() {
        for (Severity s : Severity.values()) {
            rules.put(
                    s,
                    new RuleText(
                            "rule." + s, s, "{b} and {a}.", "Passes.", "{a}", "Mend it.", Source.house("a shop's")));
        }
    }

    private Finding fails(Severity severity, Subject about) {
        return Finding.fail(
                rules.get(severity), about, Map.of("a", Figure.of("one"), "b", Figure.of(severity.toString())));
    }

    private Finding passes(Severity severity) {
        return Finding.pass(rules.get(severity), Subject.LINE, Map.of());
    }

    private Finding waits(Severity severity) {
        return Finding.notChecked(rules.get(severity), Subject.LINE, Needs.FLUID);
    }

    @Test
    void testFindingsAreCountedOnceEach() {
        Finding twice = fails(Severity.STOP, Subject.LINE);
        Tally tally = Tally.of(List.of(
                twice,
                twice,
                fails(Severity.WARN, Subject.LINE),
                fails(Severity.WARN, Subject.HOSE),
                fails(Severity.NOTE, Subject.LINE),
                waits(Severity.STOP),
                waits(Severity.WARN),
                waits(Severity.NOTE),
                passes(Severity.STOP),
                passes(Severity.WARN),
                passes(Severity.NOTE),
                Finding.pass(rules.get(Severity.STOP), Subject.HOSE, Map.of())));
        assertEquals(new Tally(1, 2, 1, 3, 4), tally);
        assertEquals(new Tally(0, 0, 0, 0, 0), Tally.of(List.of()));
    }

    @Test
    void testTheWorstIsTheGravestThatFailed() {
        assertEquals(Optional.empty(), Tally.worst(List.of(waits(Severity.STOP), passes(Severity.STOP))));
        Finding warns = fails(Severity.WARN, Subject.LINE);
        assertEquals(
                Optional.of(warns),
                Tally.worst(List.of(passes(Severity.STOP), fails(Severity.NOTE, Subject.LINE), warns)));
    }

    /** What failed stands before what nobody could check, and that before what passed; the graver first in each. */
    @Test
    void testFindingsStandInOrderOfWhatTheyMean() {
        List<Finding> order = List.of(
                fails(Severity.STOP, Subject.LINE),
                fails(Severity.WARN, Subject.LINE),
                fails(Severity.NOTE, Subject.LINE),
                waits(Severity.STOP),
                waits(Severity.WARN),
                waits(Severity.NOTE),
                passes(Severity.STOP),
                passes(Severity.WARN),
                passes(Severity.NOTE));
        assertThat(order.stream().map(Finding::rank)).isSorted().doesNotHaveDuplicates();
    }

    @Test
    void testAPartIsMarkedByTheWorstThatFailedAboutIt() {
        assertEquals(
                Map.of(Subject.LINE, Severity.STOP, Subject.HOSE, Severity.WARN),
                Finding.marks(List.of(
                        fails(Severity.WARN, Subject.LINE),
                        fails(Severity.STOP, Subject.LINE),
                        fails(Severity.WARN, Subject.LINE),
                        fails(Severity.WARN, Subject.HOSE),
                        fails(Severity.NOTE, Subject.SITE),
                        waits(Severity.STOP))));
    }

    @Test
    void testFiguresStandInTurn() {
        Finding f = fails(Severity.STOP, Subject.LINE);
        assertThat(f.sortedFigures().keySet()).containsExactly("a", "b");
        assertEquals("STOP and one.", f.says(UnitSystem.METRIC));
        assertThat(Finding.of(false, rules.get(Severity.STOP), Subject.LINE, f.figures()))
                .isEqualTo(f);
        Map<Severity, RuleText> each = RuleText.bySeverity("r", "Fails.", "Passes.", "b", "Mend.", Source.house("h"));
        assertEquals("r-note", each.get(Severity.NOTE).id());
        assertThat(each).hasSameSizeAs(Severity.values()).allSatisfy((k, v) -> assertEquals(k, v.severity()));
    }

    @Test
    void testNeedsNameWhereTheyAreTold() {
        Need port = Needs.port(Subject.END_B);
        assertEquals("port-END_B", port.id());
        assertEquals(Subject.END_B, port.at());
        assertThat(port.asks()).contains(Subject.END_B.word());
        Need metal = Needs.portMetal(Subject.END_A, Subject.HOSE);
        assertEquals("metal-END_A", metal.id());
        assertEquals(Subject.HOSE, metal.at());
        assertThat(metal.asks()).contains(Subject.END_A.word());
        Need tool = Needs.tool("press", "a crimping press");
        assertEquals("tool-press", tool.id());
        assertThat(tool.asks()).contains("a crimping press");
        Need room = Needs.roomFor("a wrench", Subject.HOSE);
        assertEquals("room-HOSE", room.id());
        assertThat(room.asks()).contains("a wrench");
        assertEquals(
                new Need("maker-x", "Ask the maker.", Subject.HOSE),
                Needs.fromMaker("x", "Ask the maker.", Subject.HOSE));
    }

    @Test
    void testTheEndsAreAskedForBeforeTheRest() {
        StillNeeded needed = StillNeeded.of(List.of(
                Finding.notChecked(rules.get(Severity.STOP), Subject.LINE, Needs.FLUID, Needs.WORKING),
                Finding.notChecked(rules.get(Severity.WARN), Subject.LINE, Needs.WET),
                Finding.notChecked(rules.get(Severity.NOTE), Subject.LINE, Needs.port(Subject.END_B)),
                Finding.notChecked(rules.get(Severity.NOTE), Subject.LINE, Needs.port(Subject.END_A))));
        assertThat(needed.places())
                .extracting(StillNeeded.At::part)
                .containsExactly(Subject.END_A, Subject.END_B, Subject.SERVICE, Subject.SITE);
        assertEquals(5, needed.count());
        assertThat(needed.needs())
                .extracting(a -> a.need())
                .containsExactly(
                        Needs.port(Subject.END_A), Needs.port(Subject.END_B), Needs.FLUID, Needs.WORKING, Needs.WET);
    }

    @Test
    void testAMethodIsAskedForByAKnownName() {
        MethodTopic topic = MethodTopic.values()[0];
        String id = topic.ids().iterator().next();
        String other =
                topic.ids().stream().filter(i -> !i.equals(id)).findFirst().orElseThrow();
        Method method = new Method(topic, id, "a name", "a reason", true);
        assertThat(method.is(id)).isTrue();
        assertThat(method.is(other)).isFalse();
        assertThatThrownBy(() -> method.is("nobody's"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining(topic.word())
                .hasMessageContaining("nobody's");
    }
}
