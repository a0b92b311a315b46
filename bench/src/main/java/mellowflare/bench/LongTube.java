package mellowflare.bench;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Vector;

/** A tube of many bends that climbs in a square and never meets itself. */
final class LongTube {
    private LongTube() {}

    /** Corners of a tube with so many bends (mm). */
    static List<Vector> corners(int bends) {
        List<Vector> corners = new ArrayList<>();
        Vector at = Vector.ZERO;
        corners.add(at);
        Vector[] ways = {new Vector(120, 0, 6), new Vector(0, 110, 9), new Vector(-115, 0, 7), new Vector(0, -104, 8)};
        for (int i = 0; i <= bends; i++) {
            at = at.plus(ways[i % 4]);
            corners.add(at);
        }
        return corners;
    }
}
