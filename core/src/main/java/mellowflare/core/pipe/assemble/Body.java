package mellowflare.core.pipe.assemble;

import java.util.List;
import java.util.Optional;

/**
 * One thing that is taken in the hand while a run is put together.
 *
 * @param name as it is called
 * @param kind what it is
 * @param solid the room it takes
 * @param handle the room that its handle takes, which can be taken off; empty where it has none
 * @param order in which it was met on the walk
 */
record Body(String name, Kind kind, List<Capsule> solid, Optional<Capsule> handle, int order) {
    Body {
        solid = List.copyOf(solid);
    }

    enum Kind {
        /** What is there already. */
        GROUND,
        PIPE,
        FITTING,
        /** Half of what comes apart. */
        HALF
    }
}
