package mellowflare.core.identify;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** What a look at an end is asked for. */
final class LookNeeds {
    static final Need DIAMETER = new Need("diameter", Say.it("look-needs.measure-diameter-over-crests"), Subject.END);
    static final Need PITCH = new Need("pitch", Say.it("look-needs.measure-thread-pitch"), Subject.END);
    static final Need SEAT = new Need("seat", Say.it("look-needs.look-at-seat"), Subject.END);
    static final Need TAPER = new Need("taper", Say.it("look-needs.say-whether-thread-tapered"), Subject.END);

    private LookNeeds() {}
}
