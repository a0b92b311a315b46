package mellowflare.core.text;

import java.util.Map;
import java.util.Optional;

/**
 * The language that texts are shown in. English texts stand beside the code that says them; another language is one
 * file beside this class, {@code <name>.properties}, with a translation for each id. What it lacks is shown in English.
 */
public final class Language {
    /** The system property that names another language when the program starts. */
    public static final String PROPERTY = "mellowflare.language";

    /** Every text in brackets, longer and accented: shows what is not declared, and what does not fit. */
    public static final String PSEUDO = "pseudo";

    private static final Language CHOSEN = named(System.getProperty(PROPERTY, ""));

    private final boolean pseudo;
    private final Map<String, String> translations;

    private Language(boolean pseudo, Map<String, String> translations) {
        this.pseudo = pseudo;
        this.translations = translations;
    }

    /** The language of this run. */
    public static Language chosen() {
        return CHOSEN;
    }

    /**
     * A language by name; empty for English.
     *
     * @throws IllegalArgumentException if no file has that name
     */
    public static Language named(String name) {
        if (name.isEmpty() || name.equals(PSEUDO)) {
            return new Language(!name.isEmpty(), Map.of());
        }
        return new Language(
                false,
                MessageFile.read(Language.class, name + ".properties")
                        .orElseThrow(() -> new IllegalArgumentException("There is no language “" + name + "”.")));
    }

    /**
     * A language from translations.
     *
     * @param translations by the ids of the texts
     */
    public static Language of(Map<String, String> translations) {
        return new Language(false, Map.copyOf(translations));
    }

    /** Whether texts are shown as they are declared. */
    public boolean isEnglish() {
        return !pseudo && translations.isEmpty();
    }

    /**
     * A text in this language.
     *
     * @param id the text's id
     * @param english the text as declared
     */
    public String text(String id, String english) {
        if (english.isBlank()) {
            return english;
        }
        return pseudo
                ? Pseudo.of(english)
                : Optional.ofNullable(translations.get(id)).orElse(english);
    }
}
