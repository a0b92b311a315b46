package mellowflare.core.procedure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertSame;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.Samples;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.shelf.Move;
import mellowflare.core.shelf.Used;
import org.junit.jupiter.api.Test;

/** What ticks took, and what must not come before what. */
class MakeLogTest {
    private static final Instant NINE = Instant.parse("2026-11-01T09:00:00Z");

    private static StepEntry entry(String step, int minute) {
        return new StepEntry(step, StepEntry.Outcome.DONE, "Maren", NINE.plusSeconds(60L * minute), Map.of(), "");
    }

    private static Used used(String key) {
        return Used.counted(key, key, 1, Used.From.SHELF);
    }

    @Test
    void testWhatTheLastTickTookIsKeptWithIt() {
        MakeLog log = MakeLog.EMPTY
                .with(entry("cut", 1))
                .lastUsed(List.of(used("H8")))
                .with(entry("fit@A", 2))
                .lastUsed(List.of(used("E1"), used("F1")));
        assertThat(log.used()).extracting(Used::key).containsExactly("H8", "E1", "F1");
        assertThat(log.moves("job"))
                .containsExactly(
                        new Move("job", "cut", NINE.plusSeconds(60), "Maren", used("H8")),
                        new Move("job", "fit@A", NINE.plusSeconds(120), "Maren", used("E1")),
                        new Move("job", "fit@A", NINE.plusSeconds(120), "Maren", used("F1")));
        assertThat(log.entry("cut").orElseThrow().used()).containsExactly(used("H8"));
        assertThat(log.took(log.moves("job").get(1))).isTrue();
        assertThat(log.took(new Move("job", "cut", NINE.plusSeconds(60), "Maren", used("E1"))))
                .isFalse();
        assertThat(log.took(new Move("job", "cut", NINE.plusSeconds(61), "Maren", used("H8"))))
                .isFalse();
        assertThat(log.withoutLast().used()).extracting(Used::key).containsExactly("H8");
    }

    @Test
    void testALogIsEmptyUntilSomethingWasDone() {
        assertThat(MakeLog.EMPTY.empty()).isTrue();
        assertThat(MakeLog.EMPTY.with(entry("cut", 1)).empty()).isFalse();
        assertSame(MakeLog.EMPTY, MakeLog.EMPTY.withoutLast());
        assertEquals(Optional.empty(), MakeLog.EMPTY.entry("cut"));
        assertThatThrownBy(() -> MakeLog.EMPTY.with(entry("cut", 1)).with(entry("cut", 2)))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new StepEntry("cut", StepEntry.Outcome.PASSED_OVER, "Maren", NINE, Map.of(), " "))
                .isInstanceOf(IllegalArgumentException.class);
    }

    // --- precedence ---

    private static final Precedence ORDER = Samples.DATA.get(HoseStepWriter.ORDER);

    private static List<Step> steps() {
        return HosePlan.of(Samples.hoseCase(Samples.soundLine())).steps();
    }

    private static String name(Step s) {
        return s.id().replaceAll("@.*", "");
    }

    private static String end(Step s) {
        return s.id().contains("@") ? s.id().replaceAll(".*@", "") : "";
    }

    /** Pairs of which the later must come first, counted pair by pair. */
    private static List<String> counted(List<Step> steps) {
        List<String> broken = new ArrayList<>();
        for (Precedence.Rule rule : ORDER.rules()) {
            for (int i = 0; i < steps.size(); i++) {
                for (int j = i + 1; j < steps.size(); j++) {
                    if (name(steps.get(i)).equals(rule.after())
                            && name(steps.get(j)).equals(rule.before())
                            && (rule.scope() == Precedence.Scope.ALL
                                    || end(steps.get(i)).equals(end(steps.get(j))))) {
                        broken.add(steps.get(j).id() + "|" + steps.get(i).id() + "|" + rule.because());
                    }
                }
            }
        }
        return broken;
    }

    @Test
    void testEveryPairInTheWrongOrderIsNamed() {
        assertThat(steps()).isNotEmpty();
        assertThat(ORDER.broken(steps())).isEmpty();
        List<Step> back = new ArrayList<>(steps());
        Collections.reverse(back);
        List<String> counted = counted(back);
        List<String> said = ORDER.broken(back);
        assertThat(counted).hasSizeGreaterThan(5);
        assertThat(said).hasSameSizeAs(counted);
        for (int i = 0; i < said.size(); i++) {
            assertThat(said.get(i)).contains(counted.get(i).split("\\|"));
        }
        // The first step last: only what must come after it is broken.
        List<Step> late = new ArrayList<>(steps());
        late.add(late.remove(0));
        assertThat(ORDER.broken(late)).hasSameSizeAs(counted(late)).isNotEmpty();
        assertThat(ORDER.broken(List.of())).isEmpty();
    }
}
