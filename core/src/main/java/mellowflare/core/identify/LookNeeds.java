package mellowflare.core.identify;

import mellowflare.core.advice.Need;
import mellowflare.core.advice.Subject;

/** What a look at an end is asked for. */
final class LookNeeds {
    static final Need DIAMETER = new Need("diameter", "Measure the diameter over the crests.", Subject.END);
    static final Need PITCH = new Need("pitch", "Measure the thread pitch.", Subject.END);
    static final Need SEAT = new Need("seat", "Look at the seat.", Subject.END);
    static final Need TAPER = new Need("taper", "Say whether the thread is tapered.", Subject.END);

    private LookNeeds() {}
}
