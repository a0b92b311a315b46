package mellowflare.core.broken.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.broken.stock.ThreadState;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Whether the female thread can be used again, once the part is out. */
final class ThreadSeals implements Rule<BrokenCase> {
    private static final RuleText THREAD = new RuleText(
            "broken.thread",
            Severity.STOP,
            "A new male does not go in by hand, not even after a tap: do not force it.",
            "A new male {how}.",
            "as tried by hand",
            "Renew the fitting: cut back to sound pipe.",
            new Source("trade practice", Confidence.SURE));

    @Override
    public List<Finding> check(BrokenCase c) {
        return c.line().thread().stream()
                .map(t -> Finding.of(t != ThreadState.BAD, THREAD, Subject.STUCK, Map.of("how", Figure.of(t.word()))))
                .toList();
    }
}
