package mellowflare.core.tube.flare;

import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * How a flare is made: what the fitter sets, and what goes wrong at the bench.
 *
 * @param stickOut of the tube past the face of bar or die, zero or more
 * @param offCentre distance of the cone's axis from the tube's, zero or more
 * @param crooked how far the cut is out of square, across the tube, zero or more
 * @param closing how far the cone comes: 1 is home, less leaves it short, more squeezes the wall; 0.5 to 1.3
 * @param shift how far it was moved between two clampings; zero when it was clamped once
 * @param wear of cone and die, 0 new to 1 worn out
 * @param slips whether the bar was only just gripped and the tube slid
 * @param reamed whether the mouth was deburred
 * @param oiled whether the cone had a drop of what belongs in the system
 * @param coneError by how much the cone's half angle differs from the kind's
 */
public record FlareSetting(
        Length stickOut,
        Length offCentre,
        Length crooked,
        double closing,
        Length shift,
        double wear,
        boolean slips,
        boolean reamed,
        boolean oiled,
        Angle coneError) {
    public FlareSetting {
        for (Length l : new Length[] {stickOut, offCentre, crooked, shift}) {
            if (l.mm() < 0) {
                throw new IllegalArgumentException(
                        "Stick-out and errors of a flare are not below zero: " + l.mm() + " mm");
            }
        }
        if (!(closing >= 0.5 && closing <= 1.3)) {
            throw new IllegalArgumentException("The cone comes between half way and 1.3 of home, not " + closing);
        }
        if (!(wear >= 0 && wear <= 1)) {
            throw new IllegalArgumentException("Wear lies between 0 and 1, not " + wear);
        }
    }

    /** Made as it should be, with this stick-out. */
    public static FlareSetting good(Length stickOut) {
        return new FlareSetting(
                stickOut, Length.ZERO, Length.ZERO, 1, Length.ZERO, 0, false, true, true, Angle.ofDegrees(0));
    }

    public FlareSetting withStickOut(Length l) {
        return new FlareSetting(l, offCentre, crooked, closing, shift, wear, slips, reamed, oiled, coneError);
    }

    public FlareSetting withOffCentre(Length l) {
        return new FlareSetting(stickOut, l, crooked, closing, shift, wear, slips, reamed, oiled, coneError);
    }

    public FlareSetting withCrooked(Length l) {
        return new FlareSetting(stickOut, offCentre, l, closing, shift, wear, slips, reamed, oiled, coneError);
    }

    public FlareSetting withClosing(double c) {
        return new FlareSetting(stickOut, offCentre, crooked, c, shift, wear, slips, reamed, oiled, coneError);
    }

    public FlareSetting withShift(Length l) {
        return new FlareSetting(stickOut, offCentre, crooked, closing, l, wear, slips, reamed, oiled, coneError);
    }

    public FlareSetting withWear(double w) {
        return new FlareSetting(stickOut, offCentre, crooked, closing, shift, w, slips, reamed, oiled, coneError);
    }

    public FlareSetting withSlips(boolean b) {
        return new FlareSetting(stickOut, offCentre, crooked, closing, shift, wear, b, reamed, oiled, coneError);
    }

    public FlareSetting withReamed(boolean b) {
        return new FlareSetting(stickOut, offCentre, crooked, closing, shift, wear, slips, b, oiled, coneError);
    }

    public FlareSetting withOiled(boolean b) {
        return new FlareSetting(stickOut, offCentre, crooked, closing, shift, wear, slips, reamed, b, coneError);
    }

    public FlareSetting withConeError(Angle a) {
        return new FlareSetting(stickOut, offCentre, crooked, closing, shift, wear, slips, reamed, oiled, a);
    }
}
