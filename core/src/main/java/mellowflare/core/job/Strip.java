package mellowflare.core.job;

import mellowflare.core.air.draw.AirStrip;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.hose.LineStrip;
import mellowflare.core.tube.draw.TubeStrip;

/** The open line as a strip, whatever it is made of. */
public final class Strip {
    private Strip() {}

    /** The small strip of the band. */
    public static Drawing band(Evaluation e) {
        return e.air()
                .map(AirStrip::band)
                .or(() -> e.tube().map(TubeStrip::band))
                .orElseGet(() -> LineStrip.band(e.plan()));
    }
}
