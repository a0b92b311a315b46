package mellowflare.app.start;

import java.util.List;
import java.util.Locale;
import java.util.function.BiPredicate;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Finds what holds most of the words that somebody typed. */
final class Words {
    private static final Pattern NUMBER = Pattern.compile("[0-9]{1,2}");

    private Words() {}

    /**
     * @param typed as typed
     * @param all what there is
     * @param knows whether one holds a word in small letters
     * @return those that hold most words, in their order; all while no word is typed, none if no word is known; for a number alone, the one of that number
     */
    static <T> List<T> best(String typed, List<T> all, BiPredicate<T, String> knows) {
        List<String> words = Stream.of(typed.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
        if (words.isEmpty()) {
            return all;
        }
        // A size begins with figures as well: only a number that stands alone is the number of an answer.
        if (NUMBER.matcher(typed.strip()).matches()) {
            int at = Integer.parseInt(typed.strip()) - 1;
            return at >= 0 && at < all.size() ? List.of(all.get(at)) : List.of();
        }
        List<Long> held = all.stream()
                .map(t -> words.stream().filter(w -> knows.test(t, w)).count())
                .toList();
        long most = held.stream().mapToLong(h -> h).max().orElse(0);
        return most == 0
                ? List.of()
                : Stream.iterate(0, i -> i < all.size(), i -> i + 1)
                        .filter(i -> held.get(i) == most)
                        .map(all::get)
                        .toList();
    }
}
