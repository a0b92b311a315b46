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
            return Say.it(
                    "safe-course.nothing-more-learn-by",
                    "part",
                    open.stream().allMatch(e -> e.thread().isPresent()) ? "yes" : "no");
        }
        End first = open.get(0);
        if (open.stream().allMatch(e -> sameThread(e, first) && sharesSeat(e, first))) {
            return Say.it("safe-course.cannot-be-told-apart");
        }
        if (open.stream().allMatch(e -> sameThread(e, first))) {
            return Say.it("safe-course.cannot-be-told-apart-2");
        }
        return Say.it("safe-course.cannot-be-told-apart-3");
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
