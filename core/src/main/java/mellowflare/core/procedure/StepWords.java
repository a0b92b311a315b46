package mellowflare.core.procedure;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The words that an order of work and the code that fills it share: what holds of a line, the figures that its texts name, what may be written down. What a table asks for and nobody ever says
 * stops the start.
 */
public final class StepWords {
    private final Set<String> words;
    private final Set<String> figures;
    private final Map<String, Recorded> recorded;

    private StepWords(Set<String> words, Set<String> figures, Map<String, Recorded> recorded) {
        this.words = Set.copyOf(words);
        this.figures = Set.copyOf(figures);
        this.recorded = Map.copyOf(recorded);
    }

    /** What a written-down figure is. */
    public enum Recorded {
        LENGTH,
        PRESSURE
    }

    /** These words. */
    public static StepWords of(String... words) {
        return new StepWords(Set.of(), Set.of(), Map.of()).and(words);
    }

    /** These words too. */
    public StepWords and(String... more) {
        return new StepWords(with(words, more), figures, recorded);
    }

    /** And one for each of these values, with something before it. */
    public StepWords each(String before, Enum<?>... values) {
        return and(Arrays.stream(values).map(v -> before + word(v)).toArray(String[]::new));
    }

    /** Figures that texts may name in braces. */
    public StepWords figures(String... names) {
        return new StepWords(words, with(figures, names), recorded);
    }

    /** Lengths that may be asked for to be written down. */
    public StepWords lengths(String... names) {
        return recording(Recorded.LENGTH, names);
    }

    /** Pressures that may be asked for to be written down. */
    public StepWords pressures(String... names) {
        return recording(Recorded.PRESSURE, names);
    }

    private StepWords recording(Recorded kind, String... names) {
        Map<String, Recorded> all = new HashMap<>(recorded);
        for (String name : names) {
            all.put(name, kind);
        }
        return new StepWords(words, figures, all);
    }

    private static Set<String> with(Set<String> some, String... more) {
        Set<String> all = new HashSet<>(some);
        all.addAll(Arrays.asList(more));
        return all;
    }

    /** The word of a value: lower case, joined by hyphens. */
    public static String word(Enum<?> value) {
        return value.name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** The first of these that is none of the words; empty where all are. */
    Optional<String> stranger(Iterable<String> asked) {
        return first(asked, words);
    }

    /** The first of these that is none of the figures; empty where all are. */
    Optional<String> strangeFigure(Iterable<String> asked) {
        return first(asked, figures);
    }

    private static Optional<String> first(Iterable<String> asked, Set<String> known) {
        for (String w : asked) {
            if (!known.contains(w)) {
                return Optional.of(w);
            }
        }
        return Optional.empty();
    }

    /** What kind of figure is written down under that name; empty where there is none. */
    Optional<Recorded> recorded(String name) {
        return Optional.ofNullable(recorded.get(name));
    }

    /**
     * Holds figures to their names.
     *
     * @throws IllegalStateException if one has a name that no text could ask for, which is a slip in the code
     */
    public void check(Map<String, ?> filled) {
        strangeFigure(filled.keySet()).ifPresent(name -> {
            throw new IllegalStateException("“" + name + "” is none of the figures of this order of work");
        });
    }
}
