package mellowflare.core.identify;

import java.util.Optional;
import mellowflare.core.connection.Body;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.thread.ThreadSize;

/** What to do for a check, in the trade's words, about the two ends that it is to tell apart. */
final class CheckWords {
    private CheckWords() {}

    /** The very first measure, while nothing is known but perhaps what it is outside. */
    static String diameter(Observation seen) {
        Body body = seen.body().orElse(Body.THREAD);
        return body == Body.THREAD
                ? "Measure over the crests at the large end of sound thread."
                : "Measure " + body.across(seen.gender()) + ".";
    }

    /**
     * @param kind the check
     * @param one the likeliest end
     * @param other the likeliest end of which the check would show something else
     */
    static String of(ClueKind kind, End one, End other) {
        return switch (kind) {
            case BODY -> "Look at the outside: thread, flange head, barbs, plain tube or coupler.";
            case DIAMETER -> "Measure over the crests at the large end of sound thread.";
            case PITCH -> pitch(one, other);
            case FLANK -> flank(one);
            case HAND -> "Look which way the thread climbs, or try which way it turns on.";
            case TAPER, TAPER_READING ->
                "Hold a straight edge along the crests: light at one end means taper. Surer are two diameters some way apart.";
            case SEAT -> seat(one, other);
            case SEAT_ANGLE -> "Hold the angle gauge in the seat, or measure across the cone mouth and its depth.";
            case RING -> "Look for a ring or its groove: at the foot of the thread, and in the face.";
            case SWIVEL -> "Does the threaded part turn freely as a nut?";
            case HEX -> "Measure the hex across its flats.";
            case TUBE -> "Measure the tube over its outside.";
            case SERVICE, REGION, MACHINE -> "Say what it was found on.";
        };
    }

    private static String pitch(End one, End other) {
        Optional<ThreadSize> a = one.thread();
        Optional<ThreadSize> b = other.thread();
        if (a.isEmpty() || b.isEmpty()) {
            return "Lay the pitch gauge: the leaf with no light under it.";
        }
        return "Lay the " + a.get().pitch().text() + " leaf, then the "
                + b.get().pitch().text() + ": the right one lies with no light under it.";
    }

    private static String flank(End one) {
        String leaf = one.thread().map(t -> "the " + t.pitch().text() + " leaf").orElse("the leaf");
        return "Lay " + leaf
                + " of 60 degrees, then that of 55: a 55 degree flank shows light at the roots of the first.";
    }

    private static String seat(End one, End other) {
        Seat a = one.usualSeat();
        Seat b = other.usualSeat();
        return "Wipe it clean and look for the seat: " + (a == b ? a.words() : a.words() + " or " + b.words()) + ".";
    }
}
