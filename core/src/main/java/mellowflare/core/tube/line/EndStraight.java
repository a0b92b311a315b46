package mellowflare.core.tube.line;

import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.NutSize;
import mellowflare.core.tube.flare.FlareTool;

/** How much straight tube an end needs before its first bend: room for nut and sleeve, and for the bar where the flare is made after bending. */
public final class EndStraight {
    /** Room to slide the nut back while a flare is looked at (mm, house figure). */
    private static final double SLIDE_MM = 3;

    private EndStraight() {}

    /** Whether an end is flared after the bends are made. */
    public static boolean afterBending(TubeCase c, LineEnd which) {
        return c.trimmed() && which == LineEnd.B;
    }

    /** Straight tube that an end needs; zero for a bare one. */
    public static Length needed(TubeCase c, LineEnd which) {
        TubeSide s = c.side(which);
        double nut = s.nut().map(NutSize::together).orElse(Length.ZERO).mm();
        double need = nut > 0 ? nut + SLIDE_MM : 0;
        if (s.traits().filter(EndTraits::flared).isPresent() && afterBending(c, which)) {
            need += s.tool().map(FlareTool::hold).orElse(Length.ZERO).mm();
            need += s.stickOut().orElse(Length.ZERO).mm();
        }
        return Length.ofMm(need);
    }
}
