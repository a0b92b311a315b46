package mellowflare.core.parts;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;

/** A taper stops where it is tight: two of them in a row cannot be pointed, and an elbow then looks where it likes. */
final class TwoTapers implements Rule<AdapterCase> {
    private static final RuleText TEXT = new RuleText(
            "adapters.two-tapers",
            Severity.WARN,
            "The best chain has {count} taper joints in a row: what follows them cannot be turned to point the right way.",
            "No two taper joints in a row.",
            "{count} taper joints",
            "Use a chain with a swivel or a ring joint where direction matters.",
            Source.house("no two tapers in a row where direction matters"));

    @Override
    public List<Finding> check(AdapterCase c) {
        if (c.chains().isEmpty()) {
            return List.of();
        }
        int tapers = c.chains().get(0).tapers();
        return List.of(
                Finding.of(tapers < 2, TEXT, Subject.LINE, Map.of("count", Figure.of(Integer.toString(tapers)))));
    }
}
