package mellowflare.core.text;

import java.util.Arrays;
import java.util.List;

/**
 * The option {@code --language=NAME} of both programs.
 *
 * @param language its name; empty for English
 * @param rest the other arguments
 */
public record LanguageOption(String language, List<String> rest) {
    private static final String OPTION = "--language=";

    public LanguageOption {
        rest = List.copyOf(rest);
    }

    /**
     * Takes the option out of a program's arguments.
     *
     * @throws IllegalArgumentException with a sentence, if there is no such language
     */
    public static LanguageOption of(String... args) {
        String language = "";
        for (String each : args) {
            if (each.startsWith(OPTION)) {
                language = known(each.substring(OPTION.length()));
            }
        }
        return new LanguageOption(
                language, Arrays.stream(args).filter(a -> !a.startsWith(OPTION)).toList());
    }

    private static String known(String name) {
        if (!name.matches("[a-z][a-z-]*") || !name.equals(Language.PSEUDO) && !MessageFile.exists(name)) {
            throw new IllegalArgumentException("There is no language “" + name + "”.");
        }
        return name;
    }

    /** Chooses the language for this run; it must be done before the first text is said. */
    public String[] choose() {
        if (!language.isEmpty()) {
            System.setProperty(Language.PROPERTY, language);
        }
        return rest.toArray(String[]::new);
    }
}
