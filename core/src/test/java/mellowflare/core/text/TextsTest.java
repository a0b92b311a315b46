package mellowflare.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assertions.assertArrayEquals;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Map;
import mellowflare.core.measure.QuantityText;
import org.junit.jupiter.api.Test;

/** Texts that lie beside a class, in English and in another language. */
class TextsTest {
    private static final String ID = "quantity-text.has-no-unit-write";

    private static Texts in(Language language) {
        return Texts.beside(QuantityText.class, language);
    }

    @Test
    void testEnglishIsWhatLiesBesideTheClass() {
        Texts texts = in(Language.named(""));
        assertThat(texts.pattern(ID)).contains("{shown}").contains("{known}");
        assertThat(texts.say(ID, "shown", "210", "known", "bar or psi"))
                .contains("210")
                .contains("bar or psi")
                .doesNotContain("{");
        assertEquals(texts.pattern(ID), Texts.beside(QuantityText.class).pattern(ID));
        assertThatThrownBy(() -> texts.say("nobody's"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("nobody's")
                .hasMessageContaining("core.measure");
    }

    @Test
    void testATranslationIsFoundUnderThePackageAndTheId() {
        Texts texts = in(Language.of(Map.of("core.measure/" + ID, "{shown} braucht {known}")));
        assertEquals("210 braucht bar", texts.say(ID, "shown", "210", "known", "bar"));
        String other = "quantity-text.pressure";
        assertEquals(in(Language.named("")).say(other), texts.say(other));
        assertThat(in(Language.named(Language.PSEUDO)).say(other))
                .startsWith("[")
                .endsWith("]");
    }

    @Test
    void testTheHomeOfATextIsItsPackage() {
        assertEquals("core.measure", Texts.home(QuantityText.class));
        assertEquals("java.lang", Texts.home(String.class));
        assertThatThrownBy(() -> Texts.beside(String.class)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void testOnlyAPlainLanguageIsEnglish() {
        assertThat(Language.named("").isEnglish()).isTrue();
        assertThat(Language.named(Language.PSEUDO).isEnglish()).isFalse();
        assertThat(Language.of(Map.of("a", "b")).isEnglish()).isFalse();
        assertEquals("b", Language.of(Map.of("a", "b")).text("a", "x"));
        assertEquals("x", Language.of(Map.of("a", "b")).text("c", "x"));
        assertEquals(" ", Language.of(Map.of("a", "b")).text("a", " "));
        assertThatThrownBy(() -> Language.named("tlh"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessage("There is no language “tlh”.");
    }

    /** Four letters in ten more, less two for the brackets. */
    @Test
    void testThePseudoLanguageIsLongerByFourLettersInTen() {
        assertEquals("[ábcdé]", Pseudo.of("abcde"));
        assertEquals("[ábcdéf~]", Pseudo.of("abcdef"));
        assertEquals("[ábcdéfghíj~~]", Pseudo.of("abcdefghij"));
        assertEquals("[ábcdéfghíjk~~~]", Pseudo.of("abcdefghijk"));
        assertEquals("[ÁÉ{ae}í1]", Pseudo.of("AE{ae}i1"));
    }

    @Test
    void testTheChosenLanguageIsSetAndTheRestHandedOn() {
        String before = System.getProperty(Language.PROPERTY);
        try {
            System.clearProperty(Language.PROPERTY);
            assertArrayEquals(new String[] {"demo"}, LanguageOption.of("demo").choose());
            assertEquals(null, System.getProperty(Language.PROPERTY));
            assertArrayEquals(
                    new String[] {"demo", "x"},
                    LanguageOption.of("demo", "--language=pseudo", "x").choose());
            assertEquals("pseudo", System.getProperty(Language.PROPERTY));
        } finally {
            if (before == null) {
                System.clearProperty(Language.PROPERTY);
            } else {
                System.setProperty(Language.PROPERTY, before);
            }
        }
    }

    @Test
    void testPlacesOfAChoiceAreCountedWhereItCounts() {
        String pattern = "{n, plural, one {one {what}} other {# {what}s}} in {where}";
        assertThat(Message.places(pattern)).containsExactly("n", "what", "where");
        assertEquals(
                "3 bars in it's rack",
                Message.fill(pattern, Message.values("n", "3", "what", "bar", "where", "it's rack")::get));
        assertEquals(
                "one bar in a rack",
                Message.fill(pattern, Message.values("n", 1, "what", "bar", "where", "a rack")::get));
        assertThat(Message.values("a", 1, "b", 2)).containsExactly(Map.entry("a", 1), Map.entry("b", 2));
    }

    @Test
    void testATextThatStandsTwiceIsAMistake() {
        assertThatThrownBy(() -> MessageFile.read(TextsTest.class, "twice.properties"))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("a.text");
        assertThat(MessageFile.read(TextsTest.class, "none.properties")).isEmpty();
        assertThat(MessageFile.read(TextsTest.class, "once.properties").orElseThrow())
                .containsExactly(Map.entry("a.text", "one"), Map.entry("b.text", "two"));
    }

    /** Patterns are taken apart once in a process: these are new each time, so that taking apart is looked at too. */
    @Test
    void testPatternsThatNobodyFilledBefore() {
        String fresh = " no. " + System.nanoTime();
        assertEquals(
                "two bars, 2 bars" + fresh,
                Message.fill(
                        "{word} bars, {n, plural, one {# bar} other {# bars}}" + fresh,
                        Message.values("word", "two", "n", 2)::get));
        assertEquals(
                "2 of 3 and 12345" + fresh,
                Message.fill(
                        "{a} of {n, plural, one {one} other {#}} and {big}" + fresh,
                        Message.values("a", 2, "n", "3", "big", 12345)::get));
        assertEquals("b then a" + fresh, Message.fill("{b} then {a}" + fresh, Message.values("a", "a", "b", "b")::get));
        assertEquals("a {b}" + fresh, Message.fill("a '{'b'}'" + fresh, Message.values()::get));
        assertEquals("it's" + fresh, Message.fill("it's" + fresh, Message.values()::get));
        assertEquals("plain" + fresh, Message.fill("plain" + fresh, name -> {
            throw new AssertionError(name);
        }));
    }
}
