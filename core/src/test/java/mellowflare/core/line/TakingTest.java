package mellowflare.core.line;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.shelf.Count;
import mellowflare.core.shelf.Shelf;
import mellowflare.core.shelf.Used;
import org.junit.jupiter.api.Test;

/** What is taken, as it is said, and what the shelf is short of. */
class TakingTest {
    private static Used cut(Used.From from, Double piece, Double left) {
        return new Used(
                "H8",
                "hose",
                1.056,
                true,
                from,
                Optional.ofNullable(piece).map(Length::ofMm),
                Optional.ofNullable(left).map(Length::ofMm));
    }

    private static String says(Used used) {
        return Taking.says(List.of(used), UnitSystem.METRIC).get(0);
    }

    @Test
    void testEachWayOfTakingIsSaidInItsOwnWords() {
        assertThat(says(Used.counted("E1", "swivel", 2, Used.From.SHELF)))
                .contains("2")
                .contains("swivel");
        assertThat(says(Used.counted("E1", "swivel", 2, Used.From.JOB)))
                .contains("swivel")
                .isNotEqualTo(says(Used.counted("E1", "swivel", 2, Used.From.SHELF)));
        assertThat(says(cut(Used.From.SHELF, 6000.0, 4942.0)))
                .contains("1056 mm")
                .contains("6000 mm")
                .contains("4942 mm");
        assertThat(says(cut(Used.From.SHELF, 1060.0, null))).contains("1060 mm").contains("1056 mm");
        assertThat(says(cut(Used.From.SHELF, null, null))).contains("1056 mm").contains("hose");
        assertThat(says(cut(Used.From.JOB, 6000.0, 4942.0))).contains("4942 mm").contains("1056 mm");
        assertThat(says(cut(Used.From.JOB, null, null))).contains("1056 mm").doesNotContain("4942");
        assertThat(List.of(
                        says(cut(Used.From.SHELF, 6000.0, 4942.0)),
                        says(cut(Used.From.SHELF, 6000.0, null)),
                        says(cut(Used.From.SHELF, null, null)),
                        says(cut(Used.From.JOB, 6000.0, 4942.0)),
                        says(cut(Used.From.JOB, null, null))))
                .doesNotHaveDuplicates();
    }

    /** Three lie there: three are enough, four are not; a length is short where no piece was found for it. */
    @Test
    void testWhatTheShelfIsShortOfIsSaid() {
        Shelf shelf = Shelf.of(List.of(Count.of("E1", "swivel", 3, Instant.EPOCH, "Maren")), List.of());
        assertThat(Taking.missing(List.of(Used.counted("E1", "swivel", 3, Used.From.SHELF)), shelf))
                .isEmpty();
        assertThat(Taking.missing(List.of(Used.counted("E1", "swivel", 4, Used.From.SHELF)), shelf))
                .singleElement()
                .satisfies(s -> assertThat(s).contains("swivel"));
        assertThat(Taking.missing(List.of(Used.counted("E1", "swivel", 4, Used.From.JOB)), shelf))
                .isEmpty();
        assertThat(Taking.missing(List.of(Used.counted("E2", "nut", 1, Used.From.SHELF)), shelf))
                .hasSize(1);
        assertThat(Taking.missing(
                        List.of(cut(Used.From.SHELF, 6000.0, 4942.0), cut(Used.From.SHELF, null, null)), shelf))
                .hasSize(1);
    }
}
