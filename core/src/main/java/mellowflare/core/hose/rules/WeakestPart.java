package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Weakest;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.reference.Source;

/** The weakest part must bear the working pressure. */
final class WeakestPart implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.weakest-part",
            Severity.STOP,
            "{part} is too weak: rated to {limit}, working pressure {working}.",
            "The weakest part is {part}, rated to {limit}; working pressure {working}.",
            "{limit} against {working}",
            "Use a stronger hose or end, or lower the pressure.",
            Source.of("SAE J1273"));

    @Override
    public List<Finding> check(HoseCase c) {
        Optional<Weakest> weakest = c.weakest();
        if (weakest.isEmpty() || c.service().working().isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXT,
                    Subject.LINE,
                    Missing.of(c, weakest.isEmpty(), c.service().working().isEmpty())));
        }
        GaugePressure working = c.service().working().get();
        return List.of(Finding.of(
                working.compareTo(weakest.get().limit()) <= 0,
                TEXT,
                Subject.LINE,
                Map.of(
                        "part", Figure.of(weakest.get().part()),
                        "limit", Figure.of(weakest.get().limit()),
                        "working", Figure.of(working))));
    }
}
