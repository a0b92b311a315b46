package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.work.AirCase;

/** What a main is asked for. */
final class AirNeeds {
    static final Need WALK = new Need("walk-line", Say.it("air-needs.call-out-main-piece"), Subject.MAIN);
    static final Need RISER = new Need("riser", Say.it("air-needs.call-out-pipe-that"), Subject.MAIN, "walk-line");
    static final Need DROP = new Need("drop", Say.it("air-needs.call-out-drops-outlets"), Subject.MAIN, "walk-line");
    static final Need LEVEL = new Need("level", Say.it("air-needs.call-out-level-run"), Subject.MAIN, "walk-line");
    static final Need ROOM = new Need("room", Say.it("air-needs.enter-length-width-height"), Subject.ROOM, "room-long");
    static final Need COMPRESSOR = new Need("compressor", Say.it("air-needs.choose-compressor"), Subject.OUTLET);
    static final Need PLACE =
            new Need("compressor-place", Say.it("air-needs.say-where-compressor-stands"), Subject.OUTLET);
    static final Need EARS = new Need("ears", Say.it("air-needs.enter-how-far-people"), Subject.OUTLET);
    static final Need FRESH = new Need("fresh-air", Say.it("air-needs.say-whether-compressor-gets"), Subject.OUTLET);
    static final Need DRAIN = new Need("drain", Say.it("air-needs.say-whether-drain-can"), Subject.OUTLET);
    private static final Need TOOLS = new Need("tools", Say.it("air-needs.say-which-tools-run"), Subject.OUTLET);
    static final Need SYSTEM = new Need("air-system", Say.it("air-needs.choose-material-main"), Subject.SIZES);
    private static final Need SIZE = new Need("air-size", Say.it("air-needs.choose-size-main"), Subject.SIZES);
    static final Need READINGS =
            new Need("readings", Say.it("air-needs.enter-two-readings-leak"), Subject.LEAK_TEST, "held-reading");

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
