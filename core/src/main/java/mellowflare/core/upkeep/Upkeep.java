package mellowflare.core.upkeep;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;

/**
 * What is kept of a line after it was made.
 *
 * @param inService the day on which it went into service, where that is not the day of its last step
 * @param printed the date printed on the hose: when it was made
 * @param done what was done, oldest first
 */
@RecordBuilder
public record Upkeep(Optional<LocalDate> inService, Optional<LocalDate> printed, List<Done> done)
        implements UpkeepBuilder.With {
    public static final Upkeep NONE = new Upkeep(Optional.empty(), Optional.empty(), List.of());

    public Upkeep {
        done = List.copyOf(done);
    }

    /**
     * Something that was done.
     *
     * @param rule which rule
     * @param on the day
     * @param by who
     * @param found figures and what was found; may be blank
     */
    public record Done(String rule, LocalDate on, String by, String found) {
        public Done {
            Objects.requireNonNull(on);
            Objects.requireNonNull(found);
            if (rule.isBlank() || by.isBlank()) {
                throw new IllegalArgumentException("What was done has its rule and a name");
            }
        }
    }

    /** With one more thing done. */
    public Upkeep with(Done more) {
        List<Done> all = new ArrayList<>(done);
        all.add(more);
        all.sort(Comparator.comparing(Done::on));
        return withDone(all);
    }

    /** The last time that a rule was followed. */
    public Optional<Done> last(String rule) {
        return done.stream().filter(d -> d.rule().equals(rule)).reduce((a, b) -> b);
    }
}
