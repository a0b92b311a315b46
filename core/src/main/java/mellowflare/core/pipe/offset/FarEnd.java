package mellowflare.core.pipe.offset;

import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * Where the far end comes to lie against where it should, from the cuts as they are marked.
 *
 * @param along the run, away from A
 * @param across the run, further than the offset
 * @param rise upright part of it
 * @param roll level part of it
 */
public record FarEnd(Length along, Length across, Length rise, Length roll) {

    /**
     * From the rounding of the three pieces: along = dA + dB cos a + dC, across = dB sin a.
     *
     * @param roll angle of the offset from the rise
     */
    static FarEnd of(OffsetCut a, OffsetCut b, OffsetCut c, Angle fitting, Angle roll) {
        double along = a.error().mm()
                + b.error().mm() * Math.cos(fitting.radians())
                + c.error().mm();
        double across = b.error().mm() * Math.sin(fitting.radians());
        return new FarEnd(
                Length.ofMm(along),
                Length.ofMm(across),
                Length.ofMm(across * Math.cos(roll.radians())),
                Length.ofMm(across * Math.sin(roll.radians())));
    }

    public Length total() {
        return Length.ofMm(Math.hypot(along.mm(), across.mm()));
    }
}
