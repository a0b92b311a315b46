package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;

/**
 * Who measured the way, with what, and the straight distance between both ends as an independent second reading.
 *
 * @param calledBy who measured, blank when not said
 * @param writtenBy who wrote it down, blank when not said
 * @param instrument with what
 * @param check straight distance between both ends as measured by itself; of a template its length read again
 * @param checkBy who took that, blank when not said
 */
public record Reading(
        String calledBy, String writtenBy, Instrument instrument, Optional<Length> check, String checkBy) {
    public static final Reading NONE = new Reading("", "", Instrument.TAPE, Optional.empty(), "");

    public Reading {
        calledBy = calledBy.strip();
        writtenBy = writtenBy.strip();
        checkBy = checkBy.strip();
        if (check.filter(c -> c.mm() <= 0).isPresent()) {
            throw new IllegalArgumentException("A distance between two ends is above zero");
        }
    }

    /** What a figure says of who measured it and of its second reading. */
    public static Reading of(CalledFigure figure) {
        return new Reading(
                figure.calledBy(), figure.writtenBy(), figure.instrument(), figure.second(), figure.secondBy());
    }

    public Reading withSigned(String called, String written) {
        return new Reading(called, written, instrument, check, checkBy);
    }

    public Reading withInstrument(Instrument with) {
        return new Reading(calledBy, writtenBy, with, check, checkBy);
    }

    public Reading withCheck(Optional<Length> c, String by) {
        return new Reading(calledBy, writtenBy, instrument, c, by);
    }
}
