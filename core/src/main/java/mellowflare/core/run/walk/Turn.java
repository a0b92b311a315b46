package mellowflare.core.run.walk;

import java.util.Locale;
import mellowflare.core.geometry.Vector;

/** Which way the next piece goes, as seen by one who walks along under the main. */
public enum Turn {
    AHEAD,
    LEFT,
    RIGHT,
    BACK,
    UP,
    DOWN;

    private static final Vector[] WAYS = {
        new Vector(1, 0, 0), new Vector(0, 1, 0), new Vector(-1, 0, 0), new Vector(0, -1, 0)
    };

    public boolean level() {
        return this != UP && this != DOWN;
    }

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /**
     * The way one looks after the turn.
     *
     * @param heading quarter turns to the left from the long wall's direction, 0 to 3
     */
    public int after(int heading) {
        return switch (this) {
            case LEFT -> (heading + 1) % 4;
            case RIGHT -> (heading + 3) % 4;
            case BACK -> (heading + 2) % 4;
            default -> heading;
        };
    }

    /** The way the piece goes, for the way one looks after the turn. */
    public Vector way(int heading) {
        return switch (this) {
            case UP -> new Vector(0, 0, 1);
            case DOWN -> new Vector(0, 0, -1);
            default -> WAYS[heading];
        };
    }
}
