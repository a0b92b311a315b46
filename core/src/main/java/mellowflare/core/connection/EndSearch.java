package mellowflare.core.connection;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import mellowflare.core.reference.ReferenceKey;

/** Finds ends by any words a counter may hear: code, size, trade alias, thread, gender, service, the plumber's FIP as well as Rp. */
public final class EndSearch {
    public static final ReferenceKey<EndSearch> KEY = new ReferenceKey<>("end search", EndSearch.class);

    private static final Set<String> FILLERS =
            Set.of("a", "also", "and", "by", "for", "in", "its", "never", "of", "on", "or", "the");

    private record Entry(End end, List<String> words) {}

    private final EndTable table;
    private final TradeWords trades;
    private final AtomicReference<List<Entry>> entries = new AtomicReference<>();

    public EndSearch(EndTable table, TradeWords trades) {
        this.table = table;
        this.trades = trades;
    }

    /** Made when somebody searches, so that the window need not wait for it. */
    private List<Entry> entries() {
        return entries.updateAndGet(made -> made != null
                ? made
                : table.all().stream().map(e -> new Entry(e, words(e, trades))).toList());
    }

    private static List<String> words(End end, TradeWords trades) {
        List<String> words = new ArrayList<>();
        // Of what the trades say only the words count: their figures are the end's own in another guise.
        trades.of(end).values().stream()
                .flatMap(t -> split(t.replaceAll("[();,]", " ")).stream())
                .filter(w -> w.chars().allMatch(Character::isLetter) && !FILLERS.contains(w))
                .forEach(words::add);
        String size = end.id().size();
        words.addAll(
                split(end.id().code() + " " + end.name() + " " + end.gender().word() + " " + end.threadName()));
        words.add(size.toLowerCase(Locale.ROOT));
        words.addAll(split(size));
        end.dash().ifPresent(d -> words.addAll(List.of("-" + d.number(), "dash", Integer.toString(d.number()))));
        end.form().aliases().forEach(a -> words.addAll(split(a)));
        end.form().metIn().forEach(m -> words.addAll(split(m)));
        end.form().machines().forEach(m -> words.addAll(split(m)));
        return List.copyOf(words);
    }

    private static List<String> split(String text) {
        return List.of(text.toLowerCase(Locale.ROOT).replace(",", " ").strip().split("\\s+"));
    }

    /**
     * @param text words in any order; every one must begin a word of the end, a size must be given whole
     * @return the ends found, exact sizes and common families first; all ends for an empty text
     */
    public List<End> find(String text) {
        if (text.isBlank()) {
            return table.all();
        }
        List<String> asked = split(text);
        return entries().stream()
                .filter(e -> asked.stream().allMatch(w -> holds(e, w)))
                .sorted(Comparator.comparing(
                                (Entry e) -> !asked.contains(e.end().id().size().toLowerCase(Locale.ROOT)))
                        .thenComparing(e -> -wholeWords(e, asked))
                        .thenComparing(e -> -e.end().share()))
                .map(Entry::end)
                .toList();
    }

    private static long wholeWords(Entry entry, List<String> asked) {
        return asked.stream().filter(entry.words()::contains).count();
    }

    /** A number must be met whole, so that 1/2 does not find 1/2-20 nor 1 find 10; a word may be cut short. */
    private static boolean holds(Entry entry, String asked) {
        boolean number = Character.isDigit(asked.charAt(0)) || asked.charAt(0) == '-';
        return entry.words().stream().anyMatch(w -> number ? w.equals(asked) : w.startsWith(asked));
    }
}
