package mellowflare.app.start;

import java.util.List;
import java.util.Locale;
import java.util.function.BiPredicate;
import java.util.stream.Stream;

/** Finds what holds most of the words that somebody typed. */
final class Words {
    private Words() {}

    /**
     * @param typed as typed
     * @param all what there is
     * @param knows whether one holds a word in small letters
     * @return those that hold most words, in their order; all while no word is typed, none if no word is known
     */
    static <T> List<T> best(String typed, List<T> all, BiPredicate<T, String> knows) {
        List<String> words = Stream.of(typed.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(w -> !w.isEmpty())
                .toList();
        if (words.isEmpty()) {
            return all;
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
