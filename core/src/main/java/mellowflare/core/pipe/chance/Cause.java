package mellowflare.core.pipe.chance;

/**
 * What moves the far end. A long run has many hundreds of them and says one or two: the words are made when they are asked for.
 *
 * @param kind of what
 * @param at the piece or the place, or the figure that was read
 */
public record Cause(Kind kind, String at) {
    /** What scatters. */
    public enum Kind {
        READING,
        LENGTH,
        CUT,
        MAKE_UP,
        SQUARE
    }

    /** As shown. */
    public String says() {
        return switch (kind) {
            case READING -> at;
            case LENGTH -> Say.it("cause.length", "piece", at);
            case CUT -> Say.it("cause.cut", "piece", at);
            case MAKE_UP -> Say.it("cause.make-up", "place", at);
            case SQUARE -> Say.it("cause.square", "place", at);
        };
    }
}
