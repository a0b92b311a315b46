package mellowflare.core.tube.form;

import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;

/**
 * A row of length, rotation and angle.
 *
 * @param straight before the bend, zero or more
 * @param rotation of the bend's plane from the one before, right-hand rule about the direction of travel
 * @param bend deflection, 0 to below 180 degrees; zero in the last row
 */
public record Row(Length straight, Angle rotation, Angle bend) {
    public Row {
        if (straight.mm() < 0) {
            throw new IllegalArgumentException("A straight is not below zero, not " + straight.mm() + " mm");
        }
        if (bend.degrees() < 0 || bend.degrees() >= 180) {
            throw new IllegalArgumentException("A bend lies between 0 and 180 degrees, not " + bend.degrees());
        }
    }
}
