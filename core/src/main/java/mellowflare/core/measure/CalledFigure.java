package mellowflare.core.measure;

import java.util.Objects;
import java.util.Optional;

/**
 * A figure that a cut depends on: what it is, who called it, who wrote it down, with what, and a second reading.
 *
 * @param value the figure worked with, above zero
 * @param entered the text as it was typed, kept so that reopening shows it
 * @param calledBy who measured and called it, blank when not said
 * @param writtenBy who wrote it down, blank when not said
 * @param instrument what it was measured with
 * @param second an independent second reading
 * @param secondBy who took the second reading, blank when not said
 */
public record CalledFigure(
        Length value,
        String entered,
        String calledBy,
        String writtenBy,
        Instrument instrument,
        Optional<Length> second,
        String secondBy) {

    public CalledFigure {
        Objects.requireNonNull(value);
        Objects.requireNonNull(entered);
        calledBy = calledBy.strip();
        writtenBy = writtenBy.strip();
        secondBy = secondBy.strip();
        Objects.requireNonNull(instrument);
        if (value.mm() <= 0 || second.filter(s -> s.mm() < 0).isPresent()) {
            throw new IllegalArgumentException("A measured length is above zero, not " + value.mm() + " mm"
                    + second.map(s -> " with a second reading of " + s.mm() + " mm")
                            .orElse(""));
        }
    }

    /** A figure nobody has signed yet, measured with a tape. */
    public static CalledFigure unsigned(Length value, String entered) {
        return new CalledFigure(value, entered, "", "", Instrument.TAPE, Optional.empty(), "");
    }

    public CalledFigure withSigned(String called, String written) {
        return new CalledFigure(value, entered, called, written, instrument, second, secondBy);
    }

    public CalledFigure withSecond(Optional<Length> reading, String by) {
        return new CalledFigure(value, entered, calledBy, writtenBy, instrument, reading, by);
    }

    public CalledFigure withInstrument(Instrument with) {
        return new CalledFigure(value, entered, calledBy, writtenBy, with, second, secondBy);
    }

    /** The figure as retyped: signatures and second reading fall away when the value changes. */
    public CalledFigure withValue(Length now, String text) {
        return now.equals(value)
                ? new CalledFigure(value, text, calledBy, writtenBy, instrument, second, secondBy)
                : new CalledFigure(now, text, "", "", instrument, Optional.empty(), "");
    }

    public boolean signed() {
        return !calledBy.isEmpty() && !writtenBy.isEmpty();
    }

    /** How far two honest readings with this instrument may lie apart: three standard deviations of a difference. */
    public Length agreement() {
        return Length.ofMm(Math.max(1.0, 3 * Math.sqrt(2) * instrument.scatter().mm()));
    }

    /** Whether the second reading agrees; empty while there is none. */
    public Optional<Boolean> secondAgrees() {
        return second.map(s -> s.distanceTo(value).compareTo(agreement()) <= 0);
    }
}
