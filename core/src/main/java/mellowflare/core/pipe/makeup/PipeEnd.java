package mellowflare.core.pipe.makeup;

import java.util.Optional;
import mellowflare.core.measure.Length;

/**
 * How a line of rigid pipe ends.
 *
 * @param kind what the measure is taken to
 * @param setBack from that face to the pipe's end, as measured or wanted; overrules table and method, zero or more
 */
public record PipeEnd(EndKind kind, Optional<Length> setBack) {
    public static final PipeEnd OPEN = new PipeEnd(EndKind.OPEN, Optional.empty());

    public PipeEnd {
        if (setBack.filter(s -> s.mm() < 0).isPresent()) {
            throw new IllegalArgumentException("A set-back is not below zero");
        }
    }

    public static PipeEnd of(EndKind kind) {
        return new PipeEnd(kind, Optional.empty());
    }

    public PipeEnd withSetBack(Optional<Length> measured) {
        return new PipeEnd(kind, measured);
    }
}
