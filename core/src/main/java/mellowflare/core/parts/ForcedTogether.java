package mellowflare.core.parts;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.lookalike.Interchange;
import mellowflare.core.reference.Source;

/** Two ends that go together by hand and must not: the reason why an adapter is needed at all. */
final class ForcedTogether implements Rule<AdapterCase> {
    private static final RuleText TEXT = new RuleText(
            "adapters.forced-together",
            Severity.STOP,
            "Never join {from} and {to} directly, although they go together by hand: {outcome}",
            "{from} and {to} cannot be joined by mistake.",
            "{from} against {to}",
            "Use the adapters, and mark the joint so that nobody leaves them out.",
            Source.of("the end tables"));

    @Override
    public List<Finding> check(AdapterCase c) {
        Optional<Interchange> wrong = Interchange.on(c.ask().from(), c.data()).stream()
                .filter(i -> !i.seals() && i.other().equals(c.ask().to()))
                .findFirst();
        return List.of(Finding.of(
                wrong.isEmpty(),
                TEXT,
                Subject.LINE,
                Map.of(
                        "from", Figure.of(c.ask().from().id().text()),
                        "to", Figure.of(c.ask().to().id().text()),
                        "outcome", Figure.of(wrong.map(Interchange::says).orElse("")))));
    }
}
