package mellowflare.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

class MessageTest {
    private static String fill(String pattern, Object... values) {
        return Message.fill(pattern, Message.values(values)::get);
    }

    @Test
    void testPlacesAreFilledByName() {
        assertThat(fill("{a} before {b}, {a} again", "a", "one", "b", 2)).isEqualTo("one before 2, one again");
        assertThat(fill("nothing to fill")).isEqualTo("nothing to fill");
    }

    @Test
    void testWhatIsPutInIsNeverReadAsAPattern() {
        assertThat(fill("{a}", "a", "{b} $1 \\\\ it's '{'")).isEqualTo("{b} $1 \\\\ it's '{'");
        assertThat(fill("{n, plural, one {# {a}} other {# {a}s}}", "n", 2, "a", "{x} '{'"))
                .isEqualTo("2 {x} '{'s");
    }

    @Test
    void testApostrophesStandAsTheyAre() {
        assertThat(fill("the maker's {a}", "a", "torque")).isEqualTo("the maker's torque");
        assertThat(fill("the maker's torque")).isEqualTo("the maker's torque");
        assertThat(fill("don't say '{'{a}'}'", "a", "it")).isEqualTo("don't say {it}");
    }

    @Test
    void testCountsChooseTheirWords() {
        String checks = "{n, plural, =0 {no check} one {1 check} other {# checks}}";
        assertThat(fill(checks, "n", 0)).isEqualTo("no check");
        assertThat(fill(checks, "n", "1")).isEqualTo("1 check");
        assertThat(fill(checks, "n", 12)).isEqualTo("12 checks");
    }

    @Test
    void testChoicesChooseTheirWords() {
        String lever = "bend{l, select, none {} other {, lever {l}}}";
        assertThat(fill(lever, "l", "none")).isEqualTo("bend");
        assertThat(fill(lever, "l", 93)).isEqualTo("bend, lever 93");
    }

    @Test
    void testFiguresAreNotRewrittenBesideAChoice() {
        assertThat(fill("{size} {x, select, a {b} other {c}} {big}", "size", "08", "x", "a", "big", 12345))
                .isEqualTo("08 b 12345");
    }

    @Test
    void testAPlaceWithoutAValueIsAMistakeInTheCode() {
        assertThatThrownBy(() -> fill("{a} {b}", "a", 1))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("{b}");
        assertThatThrownBy(() -> fill("{a, select, x {{b}} other {}}", "a", "y"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("{b}");
    }

    @Test
    void testPlacesAreFoundInsideChoices() {
        assertThat(Message.places("{a} {n, plural, one {{b}} other {# {c}}}")).containsExactly("a", "n", "b", "c");
        assertThat(Message.places("none")).isEmpty();
        assertThat(Map.copyOf(Message.values("a", 1))).containsEntry("a", 1);
    }
}
