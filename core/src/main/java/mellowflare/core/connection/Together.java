package mellowflare.core.connection;

import java.util.List;
import java.util.Optional;
import mellowflare.core.thread.ThreadSize;

/**
 * How two ends go together and seal. Stated once: mates, adapters, the chart and the line all ask here.
 *
 * @param how what makes them go together
 * @param seats where the joint can seal, the usual one first, never empty
 * @param onlyIf what must be seen first, in words; empty where nothing must
 */
public record Together(How how, List<Seat> seats, Optional<String> onlyIf) {
    /** What makes two ends go together. */
    public enum How {
        /** One is made for the other. */
        MADE_FOR,
        /** Another name for the same thread and seat: the lesser rating and class hold. */
        SAME_JOINT,
        /** Of another family, and only on a condition. */
        ON_CONDITION
    }

    public Together {
        seats = List.copyOf(seats);
        if (seats.isEmpty() || onlyIf.isPresent() != (how == How.ON_CONDITION)) {
            throw new IllegalArgumentException("A joint seals somewhere, and a condition is said in words");
        }
    }

    /** How these two go together, in either order; empty when they do not seal on each other. */
    public static Optional<Together> of(End one, End other) {
        if (one.gender() == other.gender()) {
            return Optional.empty();
        }
        if (one.mateId().equals(other.id()) || other.mateId().equals(one.id())) {
            return Optional.of(new Together(How.MADE_FOR, shared(one, other), Optional.empty()));
        }
        if (isSameThread(one, other) && !common(one, other).isEmpty() && isSameTube(one, other)) {
            return Optional.of(new Together(How.SAME_JOINT, common(one, other), Optional.empty()));
        }
        return onCondition(one, other).or(() -> onCondition(other, one));
    }

    /** Whether two ends of one gender are the same thread with the same seat, for the same tube or for any. */
    public static boolean sameJoint(End one, End other) {
        return isSameThread(one, other)
                && isSameTube(one, other)
                && (one.seats().equals(other.seats())
                        || common(one, other).stream().anyMatch(s -> s != Seat.NONE));
    }

    private static Optional<Together> onCondition(End one, End other) {
        return one.form()
                .also()
                .filter(a -> new EndId(a.code(), one.id().size(), one.gender().opposite()).equals(other.id()))
                .map(a -> new Together(How.ON_CONDITION, one.seats(), Optional.of(a.onlyIf())));
    }

    private static boolean isSameThread(End one, End other) {
        if (one.thread().isEmpty() || other.thread().isEmpty() || one.leftHand() != other.leftHand()) {
            return false;
        }
        ThreadSize a = one.thread().get();
        ThreadSize b = other.thread().get();
        return a.series() == b.series() && a.size().equals(b.size());
    }

    private static boolean isSameTube(End one, End other) {
        return one.tube().isEmpty() || other.tube().isEmpty() || one.tube().equals(other.tube());
    }

    private static List<Seat> common(End one, End other) {
        boolean onThread = one.sealsOnThread() && other.sealsOnThread();
        return one.seats().stream()
                .filter(s -> other.seats().contains(s) && (s != Seat.NONE || onThread))
                .toList();
    }

    /** The seats that both can have; a taper made for a port with a washer face seals on its thread. */
    private static List<Seat> shared(End one, End other) {
        List<Seat> both = one.seats().stream().filter(other.seats()::contains).toList();
        return both.isEmpty() ? (one.tapered() ? one : other).seats() : both;
    }
}
