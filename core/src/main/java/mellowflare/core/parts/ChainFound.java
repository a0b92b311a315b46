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
            "{from} and {to} cannot be joined with up to {most} adapters.",
            "{from} and {to} can be joined{adapters, plural, =0 { without an adapter} one { by 1 adapter} other { by # adapters}}.",
            "{why}",
            "Choose another hose end, or get a part this catalogue does not have.",
            Source.of("the house catalogue of adapters"));

    @Override
    public List<Finding> check(AdapterCase c) {
        int adapters = c.direct() || c.chains().isEmpty()
                ? 0
                : c.chains().get(0).links().size();
        return List.of(Finding.of(
                c.direct() || !c.chains().isEmpty(),
                TEXT,
                Subject.LINE,
                Map.of(
                        "from", Figure.of(c.ask().from().id().text()),
                        "to", Figure.of(c.ask().to().id().text()),
                        "most", Figure.of(Integer.toString(AdapterFinder.MOST)),
                        "adapters", Figure.of(Integer.toString(adapters)),
                        "why", Figure.of(why(c)))));
    }

    private static String why(AdapterCase c) {
        if (c.direct()) {
            return Say.it("chain-found.they-mates");
        }
        if (!c.chains().isEmpty()) {
            return "";
        }
        boolean from = held(c, c.ask().from().mateId());
        boolean to = held(c, c.ask().to().mateId());
        return !from
                ? Say.it(
                        "chain-found.no-adapter-those-asked",
                        "from",
                        c.ask().from().brief())
                : !to
                        ? Say.it(
                                "chain-found.no-adapter-those-asked-2",
                                "to",
                                c.ask().to().brief())
                        : Say.it("chain-found.pieces-for-both-sides");
    }

    private static boolean held(AdapterCase c, EndId end) {
        return c.data().get(AdapterTable.KEY).all().stream()
                .filter(c.ask()::admits)
                .anyMatch(p -> p.a().equals(end) || p.b().equals(end));
    }
}
