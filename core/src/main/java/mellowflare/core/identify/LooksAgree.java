package mellowflare.core.identify;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.Pitch;

/** Looks that no known end shows together: one of them was mistaken. */
final class LooksAgree implements Rule<IdentifyCase> {
    /** Leaves of a gauge stand further apart than this, as a natural logarithm. */
    private static final double ONE_LEAF = 0.02;

    private static final RuleText TEXT = new RuleText(
            "end.looks-agree",
            Severity.WARN,
            "{one} and {two}: no end in the tables has both.",
            "What you see fits together.",
            "{one} against {two}",
            "Look at both again: dirt and wear mislead. If both are right, the end is not in these tables.",
            Source.of("the end tables"));

    @Override
    public List<Finding> check(IdentifyCase c) {
        Observation seen = c.answer().observation();
        if (seen.seat().isEmpty()
                || seen.taper().isEmpty()
                        && seen.hand().isEmpty()
                        && seen.pitch().isEmpty()) {
            return List.of(
                    Finding.notChecked(TEXT, Subject.END, seen.seat().isEmpty() ? LookNeeds.SEAT : LookNeeds.TAPER));
        }
        List<Finding> all = new ArrayList<>();
        Seat seat = seen.seat().get();
        seen.taper()
                .ifPresent(t -> all.add(finding(
                        c,
                        e -> e.seats().stream().anyMatch(seat::looksLike) && e.tapered() == (t == TaperSeen.TAPERED),
                        Say.it("looks-agree.thread", "word", t.word()),
                        seat.words())));
        seen.pitch()
                .ifPresent(p -> all.add(finding(
                        c,
                        e -> e.seats().stream().anyMatch(seat::looksLike)
                                && e.thread().filter(t -> near(t.pitch(), p)).isPresent(),
                        Say.it("looks-agree.pitch", "text", p.text()),
                        seat.words())));
        seen.hand()
                .ifPresent(h -> seen.pitch()
                        .ifPresent(p -> all.add(finding(
                                c,
                                e -> e.leftHand() == (h == HandSeen.LEFT)
                                        && e.thread()
                                                .filter(t -> near(t.pitch(), p))
                                                .isPresent(),
                                Say.it("looks-agree.thread", "word", h.word()),
                                Say.it("looks-agree.pitch", "text", p.text())))));
        if (all.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.END, LookNeeds.TAPER));
        }
        return all.stream().anyMatch(f -> f.state() == State.FAIL)
                ? all.stream().filter(f -> f.state() == State.FAIL).toList()
                : List.of(all.get(0));
    }

    private static boolean near(Pitch one, Pitch other) {
        return Math.abs(Math.log(one.length().mm() / other.length().mm())) < ONE_LEAF;
    }

    private static Finding finding(IdentifyCase c, Predicate<End> shows, String one, String two) {
        return Finding.of(
                c.ends().stream().anyMatch(shows),
                TEXT,
                Subject.END,
                Map.of("one", Figure.of(one), "two", Figure.of(two)));
    }
}
