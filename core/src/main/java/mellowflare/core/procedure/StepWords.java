package mellowflare.core.procedure;

import java.util.Arrays;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;

/** The words that an order of work and the code that fills it share: what a table asks for and nobody ever says stops the start. */
public final class StepWords {
    private final Set<String> words;

    private StepWords(Set<String> words) {
        this.words = words;
    }

    /** These words. */
    public static StepWords of(String... words) {
        return new StepWords(Set.of()).and(words);
    }

    /** These words too. */
    public StepWords and(String... more) {
        Set<String> all = new LinkedHashSet<>(words);
        all.addAll(Arrays.asList(more));
        return new StepWords(all);
    }

    /** And one for each of these values, with something before it. */
    public StepWords each(String before, Enum<?>... values) {
        return and(Arrays.stream(values).map(v -> before + word(v)).toArray(String[]::new));
    }

    /** The word of a value: lower case, joined by hyphens. */
    public static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The first of these that is none of the words; empty where all are. */
    String stranger(Iterable<String> asked) {
        for (String w : asked) {
            if (!words.contains(w)) {
                return w;
            }
        }
        return "";
    }
}
