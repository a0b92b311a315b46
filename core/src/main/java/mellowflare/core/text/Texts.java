package mellowflare.core.text;

import java.util.Map;

/** The texts of one package: whole messages with an id and named places, from {@code texts.properties} beside it. */
public final class Texts {
    private static final String FILE = "texts.properties";
    private static final String ROOT = "mellowflare.";

    private final String home;
    private final Map<String, String> english;
    private final Language language;

    private Texts(String home, Map<String, String> english, Language language) {
        this.home = home;
        this.english = english;
        this.language = language;
    }

    /** The texts beside a class, in the language of this run. */
    public static Texts beside(Class<?> beside) {
        return beside(beside, Language.chosen());
    }

    static Texts beside(Class<?> beside, Language language) {
        return new Texts(
                home(beside),
                MessageFile.read(beside, FILE)
                        .orElseThrow(() -> new IllegalArgumentException("No " + FILE + " beside " + beside.getName())),
                language);
    }

    /** The name under which translations know what a package says, such as {@code app.gauge}. */
    public static String home(Class<?> in) {
        String name = in.getPackageName();
        return name.startsWith(ROOT) ? name.substring(ROOT.length()) : name;
    }

    /**
     * A text, filled.
     *
     * @param id its id within this package
     * @param places names and values in turn
     * @throws IllegalArgumentException if there is no such text, or a place has no value
     */
    public String say(String id, Object... places) {
        return Message.fill(pattern(id), Message.values(places)::get);
    }

    /** A text with its places open. */
    public String pattern(String id) {
        String text = english.get(id);
        if (text == null) {
            throw new IllegalArgumentException("No text “" + id + "” in " + home);
        }
        return language.isEnglish() ? text : language.text(home + "/" + id, text);
    }
}
