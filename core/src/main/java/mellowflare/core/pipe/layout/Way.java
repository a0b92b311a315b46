package mellowflare.core.pipe.layout;

import mellowflare.core.measure.Angle;
import mellowflare.core.measure.LengthFormat;

/** Which way a pipe goes on. */
public sealed interface Way {
    /** Straight on. */
    Way ON = new On();

    /** Straight on; out of an upright pipe level, the way one looks. */
    Way AHEAD = new Ahead();

    /** Straight on, whichever way it goes. */
    record On() implements Way {}

    /** Straight on, level or sloping; out of an upright pipe it goes level, the way one looks. */
    record Ahead() implements Way {}

    /** Square to a side, or straight up or down. */
    record To(Side side) implements Way {}

    /** Back, level. */
    record Back() implements Way {}

    /**
     * Turned from the way it goes by less than a right angle.
     *
     * @param by above 0 and below 90 degrees
     * @param side to which
     */
    record Turned(Angle by, Side side) implements Way {
        public Turned {
            if (!(by.degrees() > 0 && by.degrees() < 90)) {
                throw new IllegalArgumentException("A pipe turns by more than 0 and less than 90 degrees");
            }
        }
    }

    /** As it is called. */
    default String words() {
        if (this instanceof To to) {
            return to.side().word();
        }
        if (this instanceof Turned t) {
            return LengthFormat.decimal(t.by().degrees(), 3, 0) + " " + t.side().word();
        }
        return this instanceof Back ? "back" : this instanceof On ? "on" : "ahead";
    }
}
