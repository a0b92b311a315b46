package mellowflare.core.text;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.util.ULocale;
import java.util.Collection;
import java.util.stream.Collector;
import java.util.stream.Collectors;

/** Words said in a row: “a, b and c”, “a or b”. */
public final class Lists {
    private Lists() {}

    public static String and(Collection<String> words) {
        return joined(words, ListFormatter.Type.AND);
    }

    public static String or(Collection<String> words) {
        return joined(words, ListFormatter.Type.OR);
    }

    /** Collects words into “a, b and c”. */
    public static Collector<String, ?, String> joinedByAnd() {
        return Collectors.collectingAndThen(Collectors.toList(), Lists::and);
    }

    /** Collects words into “a, b or c”. */
    public static Collector<String, ?, String> joinedByOr() {
        return Collectors.collectingAndThen(Collectors.toList(), Lists::or);
    }

    private static String joined(Collection<String> words, ListFormatter.Type type) {
        return words.size() < 2
                ? String.join("", words)
                : ListFormatter.getInstance(ULocale.UK, type, ListFormatter.Width.WIDE)
                        .format(words);
    }
}
