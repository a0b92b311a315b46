package mellowflare.core.pipe.space;

import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.makeup.Off;

/**
 * A mouth of a fitting.
 *
 * @param out direction in which a pipe leaves it
 * @param size of the pipe
 * @param off from the fitting's point to the pipe's end in it; empty while it is not known
 * @param face from the fitting's point to the face of the mouth; empty while it is not known
 * @param join how a pipe is joined to it
 */
public record Mouth(Vector out, String size, Optional<Off> off, Optional<Length> face, Join join) {

    /** How a pipe is joined to a mouth. */
    public enum Join {
        THREADED,
        /** Welded to a flange or neck. */
        WELDED,
        /** Pushed into a socket and welded round. */
        SOCKET,
        /** Not at all: the pipe's end lies there. */
        NONE
    }

    /** Whether nothing has to be turned to join it. */
    public boolean welded() {
        return join == Join.WELDED || join == Join.SOCKET;
    }

    Mouth with(String otherSize, Optional<Off> otherOff, Optional<Length> otherFace) {
        return new Mouth(out, otherSize, otherOff, otherFace, join);
    }
}
