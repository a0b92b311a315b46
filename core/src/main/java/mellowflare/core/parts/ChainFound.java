package mellowflare.core.parts;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.EndId;
import mellowflare.core.reference.Source;

/** Whether anything joins the two ends, and if not, where the chain breaks off. */
final class ChainFound implements Rule<AdapterCase> {
    private static final RuleText TEXT = new RuleText(
            "adapters.found",
            Severity.WARN,
            "No chain of up to {most} adapters joins {from} to {to}.",
            "{from} and {to} can be joined{how}.",
            "{why}",
            "Choose another hose end, or a part that this catalogue lacks.",
            Source.of("the house catalogue of adapters"));

    @Override
    public List<Finding> check(AdapterCase c) {
        String best = c.direct()
                ? " without an adapter"
                : c.chains().isEmpty() ? "" : " by " + c.chains().get(0).links().size();
        return List.of(Finding.of(
                c.direct() || !c.chains().isEmpty(),
                TEXT,
                Subject.LINE,
                Map.of(
                        "from", Figure.of(c.ask().from().id().text()),
                        "to", Figure.of(c.ask().to().id().text()),
                        "most", Figure.of(Integer.toString(AdapterFinder.MOST)),
                        "how", Figure.of(best),
                        "why", Figure.of(why(c)))));
    }

    private static String why(AdapterCase c) {
        if (c.direct()) {
            return "they are mates";
        }
        if (!c.chains().isEmpty()) {
            return "catalogue";
        }
        boolean from = held(c, c.ask().from().mateId());
        boolean to = held(c, c.ask().to().mateId());
        return !from
                ? "no adapter of those asked for goes on " + c.ask().from().brief()
                : !to
                        ? "no adapter of those asked for takes " + c.ask().to().brief()
                        : "the pieces for both sides do not meet";
    }

    private static boolean held(AdapterCase c, EndId end) {
        return c.data().get(AdapterTable.KEY).all().stream()
                .filter(c.ask()::admits)
                .anyMatch(p -> p.a().equals(end) || p.b().equals(end));
    }
}
