package mellowflare.core.identify;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.Seat;
import mellowflare.core.reference.Source;

/** Looks that no known end shows together: one of them was mistaken. */
final class LooksAgree implements Rule<IdentifyCase> {
    private static final RuleText TEXT = new RuleText(
            "end.looks-agree",
            Severity.WARN,
            "{one} and {two}: no end of the tables shows both.",
            "The looks go together.",
            "{one} against {two}",
            "Look at both again; dirt and wear deceive.",
            Source.of("the end tables"));

    @Override
    public List<Finding> check(IdentifyCase c) {
        Observation seen = c.answer().observation();
        if (seen.seat().isEmpty() || seen.taper().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.END, seen.seat().isEmpty() ? "seat" : "taper"));
        }
        Seat seat = seen.seat().get();
        boolean tapered = seen.taper().get() == TaperSeen.TAPERED;
        boolean together = c.ends().stream().anyMatch(e -> e.seats().contains(seat) && e.tapered() == tapered);
        return List.of(Finding.of(
                together,
                TEXT,
                Subject.END,
                Map.of(
                        "one", Figure.of("a " + seen.taper().get().word() + " thread"),
                        "two", Figure.of(seat.words()))));
    }
}
