package mellowflare.core.pipe.layout;

import java.util.Locale;

/** To which side a run turns or branches, as seen by one who walks along it with the head up. */
public enum Side {
    LEFT,
    RIGHT,
    UP,
    DOWN;

    /** As it is called. */
    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    public Side opposite() {
        return switch (this) {
            case LEFT -> RIGHT;
            case RIGHT -> LEFT;
            case UP -> DOWN;
            case DOWN -> UP;
        };
    }
}
