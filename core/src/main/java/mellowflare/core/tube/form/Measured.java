package mellowflare.core.tube.form;

import java.util.List;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/** How the way of a tube was measured. Lengths of vectors are mm. */
public sealed interface Measured {
    Measured NOTHING = new Points(List.of());

    /** No leg or straight is longer: nobody handles such a tube. */
    Length LONGEST = Length.ofMm(200_000);

    /** As many corners, legs or rows as one tube has: more is no tube of a workshop. */
    int MOST = 500;

    /** No corner lies further off along any axis, so that sums stay exact to well below a micrometre. */
    Length FURTHEST = Length.ofMm(100_000_000);

    /**
     * Corners of the centre line, both ends included.
     *
     * @param corners in order (mm)
     */
    record Points(List<Vector> corners) implements Measured {
        public Points {
            corners = List.copyOf(corners);
            notTooMany(corners.size());
            for (Vector v : corners) {
                // Said this way round it also refuses what is no number.
                if (!(Math.max(Math.abs(v.x()), Math.max(Math.abs(v.y()), Math.abs(v.z()))) <= FURTHEST.mm())) {
                    throw new IllegalArgumentException("A point lies within 100 km of the first");
                }
            }
        }
    }

    /**
     * Legs with the corners between them.
     *
     * @param legs in order
     * @param to where the rule was laid at the corners
     */
    record Legs(List<Leg> legs, LegTo to) implements Measured {
        public Legs {
            legs = List.copyOf(legs);
            notTooMany(legs.size());
            if (legs.stream().anyMatch(l -> l.length().compareTo(LONGEST) > 0)) {
                throw new IllegalArgumentException("A leg is no longer than 200 m");
            }
        }
    }

    /**
     * Straights, rotations and bends, as a bender's table has them.
     *
     * @param rows in order, the last with its straight alone
     */
    record Rows(List<Row> rows) implements Measured {
        public Rows {
            rows = List.copyOf(rows);
            notTooMany(rows.size());
            if (rows.stream().anyMatch(r -> r.straight().compareTo(LONGEST) > 0)) {
                throw new IllegalArgumentException("A straight is no longer than 200 m");
            }
        }
    }

    /**
     * The developed length alone, read off a soft template laid along the way.
     *
     * @param length above zero
     */
    record Template(Length length) implements Measured {
        public Template {
            if (length.mm() <= 0 || length.compareTo(LONGEST) > 0) {
                throw new IllegalArgumentException("A template is longer than nothing and no longer than 200 m");
            }
        }
    }

    private static void notTooMany(int count) {
        if (count > MOST) {
            throw new IllegalArgumentException("A tube has at most " + MOST + " corners, not " + count);
        }
    }

    /** Whether anything was measured. */
    default boolean said() {
        return !(this instanceof Points p && p.corners.isEmpty());
    }
}
