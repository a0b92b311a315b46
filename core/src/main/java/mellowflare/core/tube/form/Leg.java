package mellowflare.core.tube.form;

import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * A leg as taken with rule and angle gauge, with the corner at its end.
 *
 * @param length of the leg, as {@link LegTo} says, above zero
 * @param turn of the plane of the corner at its end from that of the corner before (right-hand rule about the direction of travel); without meaning at the first corner and after the last leg
 * @param bend deflection of the corner at its end, 0 to below 180 degrees; zero after the last leg
 */
public record Leg(Length length, Angle turn, Angle bend) {
    public Leg {
        if (length.mm() <= 0) {
            throw new IllegalArgumentException("A leg is longer than nothing, not " + length.mm() + " mm");
        }
        if (bend.degrees() < 0 || bend.degrees() >= 180) {
            throw new IllegalArgumentException("A bend lies between 0 and 180 degrees, not " + bend.degrees());
        }
    }
}
