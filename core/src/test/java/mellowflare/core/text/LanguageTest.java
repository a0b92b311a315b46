package mellowflare.core.text;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Map;
import org.junit.jupiter.api.Test;

class LanguageTest {
    private static final Language OTHER = Language.of(Map.of("core.text/greeting", "{who}, guten Tag"));

    @Test
    void testWhatIsTranslatedIsShownAndTheRestStaysEnglish() {
        assertThat(OTHER.text("core.text/greeting", "Hello {who}")).isEqualTo("{who}, guten Tag");
        assertThat(OTHER.text("core.text/other", "Goodbye")).isEqualTo("Goodbye");
        assertThat(OTHER.isEnglish()).isFalse();
        assertThat(Language.named("").isEnglish()).isTrue();
    }

    @Test
    void testThePseudoLanguageBracketsLengthensAndLeavesPlacesAlone() {
        Language pseudo = Language.named(Language.PSEUDO);
        String text = pseudo.text("any", "Enter the working pressure of {end}.");
        assertThat(text).startsWith("[Éntér thé wórkíng préssúré óf {end}.").endsWith("]");
        assertThat(text.length()).isBetween((int) (36 * 1.3), (int) (36 * 1.5));
        assertThat(pseudo.text("any", "{n, plural, one {1 check} other {# checks}}"))
                .startsWith("[{n, plural, one {1 check} other {# checks}}");
        assertThat(pseudo.text("any", "")).isEmpty();
    }

    @Test
    void testTheOptionIsTakenOutOfTheArguments() {
        LanguageOption option = LanguageOption.of("demo", "--language=pseudo", "--fresh");
        assertThat(option.language()).isEqualTo("pseudo");
        assertThat(option.rest()).containsExactly("demo", "--fresh");
        assertThat(LanguageOption.of("demo").language()).isEmpty();
    }

    @Test
    void testALanguageThatIsNotThereIsSaid() {
        for (String name : new String[] {"tlh", "", "../secret", "no such"}) {
            assertThatThrownBy(() -> LanguageOption.of("--language=" + name))
                    .isInstanceOf(IllegalArgumentException.class)
                    .hasMessage("There is no language “" + name + "”.");
        }
    }
}
