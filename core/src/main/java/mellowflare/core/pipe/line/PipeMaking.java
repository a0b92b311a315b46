package mellowflare.core.pipe.line;

import java.util.List;
import mellowflare.core.measure.Length;

/**
 * What the pieces are cut from.
 *
 * @param bar length of a bought bar, above zero
 * @param kerf of the saw or wheel, zero to 20 mm
 * @param trim whether the end of a bar is cut square first
 * @param allowance left on each piece for facing and threading, zero or more
 * @param old bars and remnants at hand
 */
public record PipeMaking(Length bar, Length kerf, boolean trim, Length allowance, List<OldBar> old) {
    public static final PipeMaking USUAL =
            new PipeMaking(Length.ofMm(6400), Length.ofMm(3), false, Length.ZERO, List.of());

    private static final double WIDEST_KERF_MM = 20;

    public PipeMaking {
        old = List.copyOf(old);
        if (bar.mm() <= 0 || kerf.mm() < 0 || kerf.mm() > WIDEST_KERF_MM || allowance.mm() < 0) {
            throw new IllegalArgumentException(
                    "A bar has a length above zero, a kerf is 0 to 20 mm, an allowance not below zero");
        }
    }

    /**
     * Bars at hand.
     *
     * @param size of the pipe
     * @param length of each, above zero
     * @param count one or more
     */
    public record OldBar(String size, Length length, int count) {
        public OldBar {
            if (length.mm() <= 0 || count < 1) {
                throw new IllegalArgumentException("A bar at hand has a length above zero, and there is one or more");
            }
        }
    }

    public PipeMaking withBar(Length now) {
        return new PipeMaking(now, kerf, trim, allowance, old);
    }

    public PipeMaking withKerf(Length now) {
        return new PipeMaking(bar, now, trim, allowance, old);
    }

    public PipeMaking withTrim(boolean now) {
        return new PipeMaking(bar, kerf, now, allowance, old);
    }

    public PipeMaking withAllowance(Length now) {
        return new PipeMaking(bar, kerf, trim, now, old);
    }

    public PipeMaking withOld(List<OldBar> now) {
        return new PipeMaking(bar, kerf, trim, allowance, now);
    }
}
