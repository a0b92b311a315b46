package mellowflare.core.upkeep;

import java.util.Collections;
import java.util.List;
import java.util.Objects;
import java.util.Set;
import mellowflare.core.reference.Source;

/**
 * Something that is done to a line again and again, or once when it has its age.
 *
 * @param id stable name, for what was done and for calendars
 * @param when words that must all hold of the line, each with its alternatives
 * @param days after so many days (1 to 36 500)
 * @param from what they are counted from
 * @param once whether it is due once, as the end of a hose's life is
 * @param title a few words
 * @param says what is done: whole sentences
 */
public record UpkeepRule(
        String id,
        List<Set<String>> when,
        int days,
        From from,
        boolean once,
        String title,
        String says,
        Source source) {
    /** A hundred years. */
    static final int MOST_DAYS = 36_500;

    public UpkeepRule {
        when = List.copyOf(when);
        Objects.requireNonNull(source);
        if (days < 1 || days > MOST_DAYS) {
            throw new IllegalArgumentException(Say.it("upkeep-rule.interval", "days", days, "most", MOST_DAYS));
        }
    }

    /** What an interval is counted from. */
    public enum From {
        /** The day on which the line went into service, then the day on which it was done. */
        SERVICE,
        /** The date printed on the hose. */
        PRINTED
    }

    /** Whether it goes for a line of which such words hold. */
    public boolean goesFor(Set<String> words) {
        return when.stream().noneMatch(any -> Collections.disjoint(words, any));
    }
}
