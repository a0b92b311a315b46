package mellowflare.core.identify;

import java.util.List;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.thread.ThreadSize;

/** What to do with an end that cannot be told apart from others by looking and measuring. */
final class SafeCourse {
    private static final double STILL_POSSIBLE = 0.03;

    private SafeCourse() {}

    static String of(List<Candidate> candidates) {
        List<End> open = candidates.stream()
                .filter(c -> c.probability() > STILL_POSSIBLE)
                .map(Candidate::end)
                .toList();
        if (open.size() < 2) {
            return "Nothing more to learn by measuring: "
                    + (open.stream().allMatch(e -> e.thread().isPresent())
                            ? "run a known new mate on by fingers, and trust it if it goes several turns."
                            : "try a known new mate by hand before it is trusted.");
        }
        End first = open.get(0);
        if (open.stream().allMatch(e -> sameThread(e, first) && sharesSeat(e, first))) {
            return "Cannot be told apart by measuring, and they make the same joint: treat it as either and keep to the lower rating.";
        }
        if (open.stream().allMatch(e -> sameThread(e, first))) {
            return "Cannot be told apart by measuring, and they seal in different places: no pressure on it. Put a known new mate on by hand and"
                    + " look where it meets; in doubt replace both halves.";
        }
        return "Cannot be told apart by measuring: run known new mates on by fingers. The right one goes several turns without force; if more"
                + " than one does, replace both halves by ends you know.";
    }

    private static boolean sameThread(End a, End b) {
        return a.thread().map(ThreadSize::name).equals(b.thread().map(ThreadSize::name))
                && a.leftHand() == b.leftHand();
    }

    private static boolean sharesSeat(End a, End b) {
        return a.sealsOnThread() && b.sealsOnThread()
                || a.seats().stream().anyMatch(s -> s != Seat.NONE && b.seats().contains(s));
    }
}
