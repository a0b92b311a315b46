package mellowflare.core.pipe.chance;

import mellowflare.core.measure.Length;

/** How far what is done by hand scatters: one standard deviation each, house figures. */
public final class Scatter {
    /** A cut to a mark with a tape. */
    public static final Length CUT = Length.ofMm(0.6);

    /** Threads of fittings are in line within 5 mm in 1 m (ASME B16.3, B16.11), taken as three standard deviations (mm per mm). */
    public static final double SQUARE = 0.005 / 3;

    /** What two flanges, or the halves of a union, take up without force. */
    public static final Length TAKEN_UP = Length.ofMm(3);

    /** A run gives by so much of its length without force (house figure). */
    private static final double GIVES = 0.001;

    private Scatter() {}

    /** What is taken up at the end of a run of this length, to half a millimetre. */
    public static Length takenUp(Length run) {
        return Length.ofMm(Math.rint((TAKEN_UP.mm() + run.mm() * GIVES) * 2) / 2);
    }

    /** A reading that was taken twice and agrees. */
    public static Length twice(Length once) {
        return once.times(Math.sqrt(0.5));
    }
}
