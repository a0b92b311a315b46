package mellowflare.core.run.walk;

import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * Where a walk begins, and which way one looks from there.
 *
 * @param along the long wall, from the corner
 * @param across from that wall
 * @param height above the floor
 * @param heading quarter turns to the left from the long wall's direction, 0 to 3
 */
public record Station(Length along, Length across, Length height, int heading) {
    public static final Station CORNER = new Station(Length.ofMm(800), Length.ofMm(800), Length.ofMm(900), 0);

    public Station {
        if (heading < 0 || heading > 3) {
            throw new IllegalArgumentException("There are four ways to look, 0 to 3");
        }
    }

    public Vector at() {
        return new Vector(along.mm(), across.mm(), height.mm());
    }
}
