package mellowflare.core.pipe.offset;

import java.util.Optional;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;

/**
 * A figure as it was taken: written down, called, read a second time.
 *
 * @param written what was written, with who called and wrote it and a second reading
 * @param called what was called, where the one who called it noted it too
 * @param reference what it was measured from, such as “door post”; may be empty
 */
public record Taken(CalledFigure written, Optional<Length> called, String reference) {
    /** What is called is what is written: more than a hair between them is a slip. */
    private static final double HAIR_MM = 0.05;

    public Taken {
        reference = reference.strip();
    }

    /** A figure that nobody has signed yet. */
    public static Taken of(Length value) {
        return new Taken(CalledFigure.unsigned(value, ""), Optional.empty(), "");
    }

    public Length value() {
        return written.value();
    }

    public Taken withCalled(Optional<Length> now) {
        return new Taken(written, now, reference);
    }

    public Taken withReference(String name) {
        return new Taken(written, called, name);
    }

    public Taken withWritten(CalledFigure now) {
        return new Taken(now, called, reference);
    }

    /** The figure as retyped: signatures, call and second reading fall away when it changes. */
    public Taken retyped(Length now, String text) {
        return now.equals(value())
                ? withWritten(written.withValue(now, text))
                : new Taken(written.withValue(now, text), Optional.empty(), reference);
    }

    /** Whether call and writing agree; empty while nothing was noted as called. */
    public Optional<Boolean> calledAgrees() {
        return called.map(c -> c.distanceTo(value()).mm() <= HAIR_MM);
    }

    /** Whether the figure was read twice, and agrees. */
    public boolean confirmed() {
        return written.secondAgrees().orElse(false);
    }
}
