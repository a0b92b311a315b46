package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.work.AirCase;

/** What a main is asked for. */
final class AirNeeds {
    static final Need WALK = new Need("walk-line", "Call out the main, piece by piece.", Subject.MAIN);
    static final Need RISER =
            new Need("riser", "Call out the pipe that rises from the compressor.", Subject.MAIN, "walk-line");
    static final Need DROP = new Need("drop", "Call out the drops to the outlets.", Subject.MAIN, "walk-line");
    static final Need LEVEL = new Need("level", "Call out a level run.", Subject.MAIN, "walk-line");
    static final Need ROOM =
            new Need("room", "Enter the length, width and height of the room.", Subject.ROOM, "room-long");
    static final Need COMPRESSOR = new Need("compressor", "Choose the compressor.", Subject.OUTLET);
    static final Need PLACE = new Need("compressor-place", "Say where the compressor stands.", Subject.OUTLET);
    static final Need EARS = new Need("ears", "Enter how far people work from the compressor.", Subject.OUTLET);
    static final Need FRESH = new Need("fresh-air", "Say whether the compressor gets cool air.", Subject.OUTLET);
    static final Need DRAIN = new Need("drain", "Say whether the drain can be reached.", Subject.OUTLET);
    private static final Need TOOLS = new Need("tools", "Say which tools run at the outlets.", Subject.OUTLET);
    static final Need SYSTEM = new Need("air-system", "Choose the material of the main.", Subject.SIZES);
    private static final Need SIZE = new Need("air-size", "Choose the size of the main.", Subject.SIZES);
    static final Need READINGS =
            new Need("readings", "Enter two readings of a leak test.", Subject.LEAK_TEST, "held-reading");

    private AirNeeds() {}

    /** Tools, or first of all an outlet that they can run at. */
    static Need tools(AirCase c) {
        return c.main().pieces().stream().anyMatch(Piece.Drop.class::isInstance) ? TOOLS : DROP;
    }

    /** The size, or first of all the material that is made in sizes. */
    static Need size(AirCase c) {
        return c.system().isEmpty() ? SYSTEM : SIZE;
    }

    /** What lacks before air is said to flow. */
    static Need[] flowing(AirCase c) {
        List<Need> lacks = new ArrayList<>();
        if (c.walked().runs().isEmpty()) {
            lacks.add(WALK);
        }
        if (c.choices().isEmpty()) {
            lacks.add(tools(c));
        }
        if (c.feeds().isEmpty()) {
            lacks.add(COMPRESSOR);
        }
        if (lacks.isEmpty() || !c.walked().runs().isEmpty() && c.work().isEmpty()) {
            lacks.add(size(c));
        }
        return lacks.toArray(Need[]::new);
    }
}
