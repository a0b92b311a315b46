package mellowflare.core.pipe;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.pipe.join.JoinAnswers;
import mellowflare.core.pipe.join.Joiners;
import org.junit.jupiter.api.Test;

class JoinersTest {
    private static final Joiners JOINERS = PipeSamples.DATA.get(Joiners.KEY);

    private static JoinAnswers answers(
            JoinAnswers.Opened opened, boolean turns, boolean weld, boolean same, JoinAnswers.Gap gap) {
        return new JoinAnswers(
                Optional.of(opened), Optional.of(turns), Optional.of(weld), Optional.of(same), Optional.of(gap));
    }

    private static String id(JoinAnswers a) {
        return JOINERS.choose(a).map(Joiners.Joiner::id).orElse("none");
    }

    @Test
    void testTheTradesAnswers() {
        JoinAnswers.Gap end = JoinAnswers.Gap.TOUCHING;
        assertThat(id(answers(JoinAnswers.Opened.NEVER, true, true, true, end))).isEqualTo("socket-weld");
        assertThat(id(answers(JoinAnswers.Opened.AT_TIMES, true, false, true, end)))
                .isEqualTo("coupling");
        assertThat(id(answers(JoinAnswers.Opened.AT_TIMES, false, false, true, end)))
                .isEqualTo("union-fixed");
        assertThat(id(answers(JoinAnswers.Opened.OFTEN, true, true, true, end))).isEqualTo("union");
        assertThat(id(answers(JoinAnswers.Opened.OFTEN, true, true, false, end)))
                .isEqualTo("dielectric");
        assertThat(id(answers(JoinAnswers.Opened.AT_TIMES, true, false, true, JoinAnswers.Gap.SHORT)))
                .isEqualTo("nipple");
        assertThat(id(answers(JoinAnswers.Opened.NEVER, false, false, true, JoinAnswers.Gap.LENGTH)))
                .isEqualTo("slip");
    }

    /** Whatever is answered, a joiner comes out; and each is the answer to something. */
    @Test
    void testFiveAnswersAlwaysGiveAJoiner() {
        Set<String> given = new HashSet<>();
        List<JoinAnswers> all = new ArrayList<>();
        for (JoinAnswers.Opened o : JoinAnswers.Opened.values()) {
            for (JoinAnswers.Gap g : JoinAnswers.Gap.values()) {
                for (int bits = 0; bits < 8; bits++) {
                    all.add(answers(o, (bits & 1) > 0, (bits & 2) > 0, (bits & 4) > 0, g));
                }
            }
        }
        all.forEach(a -> {
            assertThat(id(a)).as(a.toString()).isNotEqualTo("none");
            given.add(id(a));
        });
        assertThat(given)
                .containsExactlyInAnyOrder(
                        "dielectric",
                        "slip",
                        "length-turns",
                        "socket-weld",
                        "nipple",
                        "union",
                        "union-fixed",
                        "coupling");
    }

    @Test
    void testWhileAnAnswerThatMattersIsMissingNothingIsSaid() {
        assertThat(JOINERS.choose(JoinAnswers.NONE)).isEmpty();
        assertThat(JOINERS.choose(JoinAnswers.NONE.withSameMetal(Optional.of(false)))
                        .orElseThrow()
                        .id())
                .isEqualTo("dielectric");
        assertThat(JOINERS.choose(JoinAnswers.NONE
                        .withSameMetal(Optional.of(true))
                        .withGap(Optional.of(JoinAnswers.Gap.TOUCHING))))
                .isEmpty();
    }
}
