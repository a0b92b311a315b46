package mellowflare.core.advice;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import mellowflare.core.reference.Source;
import org.junit.jupiter.api.Test;

class StillNeededTest {
    private static final RuleText TEXT =
            new RuleText("rule", Severity.STOP, "Fails.", "Passes.", "figure", "Mend it.", Source.house("house"));
    private static final Need HOSE = new Need("hose", "Choose the hose.", Subject.HOSE);

    @Test
    void testEachNeedIsAskedForOnceByWhereItIsToldAndTheMostWantedFirst() {
        StillNeeded needed = StillNeeded.of(List.of(
                Finding.notChecked(TEXT, Subject.LINE, Needs.FLUID),
                Finding.notChecked(TEXT, Subject.LINE, HOSE, Needs.WORKING),
                Finding.pass(TEXT, Subject.LINE, Map.of()),
                Finding.notChecked(TEXT, Subject.HOSE, Needs.WORKING)));
        assertThat(needed.checks()).isEqualTo(3);
        assertThat(needed.count()).isEqualTo(3);
        assertThat(needed.places())
                .containsExactly(
                        new StillNeeded.At(
                                Subject.SERVICE,
                                List.of(
                                        new StillNeeded.Asked(Needs.WORKING, 2),
                                        new StillNeeded.Asked(Needs.FLUID, 1))),
                        new StillNeeded.At(Subject.HOSE, List.of(new StillNeeded.Asked(HOSE, 1))));
    }

    @Test
    void testANeedHasANameAndAsks() {
        assertThatThrownBy(() -> new Need("hose", " ", Subject.HOSE)).hasMessageContaining("sentence");
        assertThatThrownBy(() -> new Need("", "Choose the hose.", Subject.HOSE))
                .isInstanceOf(IllegalArgumentException.class);
    }
}
