package mellowflare.core.pipe.space;

import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.pipe.layout.Side;
import mellowflare.core.pipe.layout.Way;

/**
 * Which way one goes along a run, and which way one looks.
 *
 * @param going direction of the pipe, of length one
 * @param looking level direction that left and right are seen from, of length one
 */
record Heading(Vector going, Vector looking) {
    static final Heading AHEAD = new Heading(new Vector(1, 0, 0), new Vector(1, 0, 0));

    private static final Vector TOP = new Vector(0, 0, 1);
    private static final double HAIR = 1e-9;

    boolean upright() {
        return Math.abs(going.x()) + Math.abs(going.y()) < HAIR;
    }

    private Vector left() {
        return new Vector(-looking.y(), looking.x(), 0);
    }

    /** Square to the pipe, toward a side; empty where the word means nothing there. */
    Optional<Vector> toward(Side side) {
        return switch (side) {
            case LEFT -> Optional.of(left());
            case RIGHT -> Optional.of(left().times(-1));
            case UP -> upright() ? Optional.empty() : Optional.of(over());
            case DOWN -> upright() ? Optional.empty() : Optional.of(over().times(-1));
        };
    }

    /** Square to the pipe, upward. */
    private Vector over() {
        return TOP.minus(going.times(going.dot(TOP))).unit();
    }

    /** Turned by an angle toward a side; empty where the word means nothing there. */
    Optional<Heading> turned(Angle by, Side side) {
        return toward(side).map(t -> going(going.times(Math.cos(by.radians())).plus(t.times(Math.sin(by.radians())))));
    }

    /** Going another way, and looking where that leads as far as it is level. */
    Heading going(Vector way) {
        Vector unit = way.unit();
        double level = Math.hypot(unit.x(), unit.y());
        return new Heading(unit, level < HAIR ? looking : new Vector(unit.x() / level, unit.y() / level, 0));
    }

    /** After a call; empty where it means nothing. */
    Optional<Heading> after(Way way) {
        if (way instanceof Way.Turned t) {
            return turned(t.by(), t.side());
        }
        if (way instanceof Way.To to) {
            return switch (to.side()) {
                case UP -> Optional.of(going(TOP));
                case DOWN -> Optional.of(going(TOP.times(-1)));
                case LEFT -> Optional.of(going(left()));
                case RIGHT -> Optional.of(going(left().times(-1)));
            };
        }
        if (way instanceof Way.Back) {
            return Optional.of(going(looking.times(-1)));
        }
        return Optional.of(way instanceof Way.Ahead && upright() ? going(looking) : this);
    }
}
