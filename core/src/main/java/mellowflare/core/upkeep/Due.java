package mellowflare.core.upkeep;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * What is to be done to a line, and when.
 *
 * @param rule the rule
 * @param from the day that it is counted from
 * @param on the day on which it is due
 * @param guessed whether the day that it should be counted from is not known, and another stands in for it
 * @param last the last time that it was done
 */
public record Due(UpkeepRule rule, LocalDate from, LocalDate on, boolean guessed, Optional<Upkeep.Done> last) {
    private static final int SOON_DAYS = 30;

    /** How near it is. */
    public enum Standing {
        OVERDUE,
        SOON,
        LATER
    }

    /**
     * What is due of a line, the earliest first.
     *
     * @param rules all
     * @param words what holds of the line
     * @param upkeep what is kept of it
     * @param made the day of its last step; empty while it is not made
     */
    public static List<Due> of(UpkeepRules rules, Set<String> words, Upkeep upkeep, Optional<LocalDate> made) {
        Optional<LocalDate> service = upkeep.inService().or(() -> made);
        List<Due> all = new ArrayList<>();
        for (UpkeepRule r : rules.of(words)) {
            Optional<Upkeep.Done> last = upkeep.last(r.id());
            if (r.once() && last.isPresent()) {
                continue;
            }
            boolean printed = r.from() == UpkeepRule.From.PRINTED;
            Optional<LocalDate> from = printed
                    ? upkeep.printed().or(() -> service)
                    : last.map(Upkeep.Done::on).or(() -> service);
            from.ifPresent(f -> all.add(new Due(
                    r, f, f.plusDays(r.days()), printed && upkeep.printed().isEmpty(), last)));
        }
        all.sort(Comparator.comparing(Due::on).thenComparing(d -> d.rule().id()));
        return all;
    }

    /** How many days are left; below zero when it is over. */
    public long days(LocalDate today) {
        return ChronoUnit.DAYS.between(today, on);
    }

    public Standing standing(LocalDate today) {
        long left = days(today);
        return left < 0 ? Standing.OVERDUE : left <= SOON_DAYS ? Standing.SOON : Standing.LATER;
    }
}
