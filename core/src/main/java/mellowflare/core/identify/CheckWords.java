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
                ? Say.it("check-words.measure-over-crests-at")
                : Say.it("check-words.measure", "across", body.across(seen.gender()));
    }

    /**
     * @param kind the check
     * @param one the likeliest end
     * @param other the likeliest end of which the check would show something else
     */
    static String of(ClueKind kind, End one, End other) {
        return switch (kind) {
            case BODY -> Say.it("check-words.look-at-outside-thread");
            case DIAMETER -> Say.it("check-words.measure-over-crests-at");
            case PITCH -> pitch(one, other);
            case FLANK -> flank(one);
            case HAND -> Say.it("check-words.look-which-way-thread");
            case TAPER, TAPER_READING -> Say.it("check-words.hold-straight-edge-along");
            case SEAT -> seat(one, other);
            case SEAT_ANGLE -> Say.it("check-words.hold-angle-gauge-seat");
            case RING -> Say.it("check-words.look-for-ring-or");
            case SWIVEL -> Say.it("check-words.does-threaded-part-turn");
            case HEX -> Say.it("check-words.measure-hex-across-its");
            case TUBE -> Say.it("check-words.measure-tube-over-its");
            case SERVICE, REGION, MACHINE -> Say.it("check-words.say-what-was-found");
        };
    }

    private static String pitch(End one, End other) {
        Optional<ThreadSize> a = one.thread();
        Optional<ThreadSize> b = other.thread();
        if (a.isEmpty() || b.isEmpty()) {
            return Say.it("check-words.lay-pitch-gauge-leaf");
        }
        return Say.it(
                "check-words.lay-leaf-then-right",
                "pitch",
                a.get().pitch().text(),
                "pitchB",
                b.get().pitch().text());
    }

    private static String flank(End one) {
        String leaf = one.thread()
                .map(t -> Say.it("check-words.leaf", "pitch", t.pitch().text()))
                .orElse(Say.it("check-words.leaf-2"));
        return Say.it("check-words.lay-60-degrees-then", "leaf", leaf);
    }

    private static String seat(End one, End other) {
        Seat a = one.usualSeat();
        Seat b = other.usualSeat();
        return Say.it(
                "check-words.wipe-clean-look-for",
                "part",
                a == b ? a.words() : Say.it("check-words.or", "words", a.words(), "wordsB", b.words()));
    }
}
