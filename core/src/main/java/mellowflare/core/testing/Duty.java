package mellowflare.core.testing;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import mellowflare.core.advice.Severity;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.reference.Source;

/**
 * A test as a standard, a code or the trade asks for it.
 *
 * @param id published word, under which an order of work asks for it
 * @param media what the line may be filled with, the usual one first
 * @param seconds how long it lasts at least (s), zero or more
 * @param longest how long it lasts at most (s)
 * @param allowed the largest leak that passes, for gas that is shut in
 * @param level what a vacuum must come down to
 * @param rise how far a vacuum that is shut off may rise over the least time
 * @param joints whether every joint is looked at
 * @param leakIs how much a leak weighs: a stop where it can hurt somebody
 * @param title a few words
 * @param says what is done: whole sentences
 */
public record Duty(
        String id,
        TestKind kind,
        List<Medium> media,
        double seconds,
        Optional<Double> longest,
        Optional<FreeAir> allowed,
        Optional<AbsolutePressure> level,
        Optional<AbsolutePressure> rise,
        boolean joints,
        Severity leakIs,
        String title,
        String says,
        Source source) {
    public Duty {
        media = List.copyOf(media);
        Objects.requireNonNull(source);
        if (media.isEmpty() || !(seconds >= 0)) {
            throw new IllegalArgumentException("A test has something to fill the line with, and no time below zero");
        }
        if (kind.evacuates() != level.isPresent() || kind.evacuates() != rise.isPresent()) {
            throw new IllegalArgumentException("Exactly a vacuum has a level and a rise: " + id);
        }
        if ((kind == TestKind.HOLD) != allowed.isPresent()) {
            throw new IllegalArgumentException("Exactly a pressure hold has a leak that passes: " + id);
        }
    }
}
