package mellowflare.core.broken.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.broken.stock.StuckFluid;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Nothing is turned out of a live line, and no branch is twisted. */
final class SafeToTurn implements Rule<BrokenCase> {
    private static final RuleText ISOLATED = new RuleText(
            "broken.isolated",
            Severity.STOP,
            "The line is not shut off, let off and proved: do not turn anything.",
            "The line is shut off, let off and proved.",
            "as answered",
            "Shut it at the source, let it off, and prove that nothing comes.",
            new Source("local code; trade practice", Confidence.SURE));

    private static final RuleText BRANCH = new RuleText(
            "broken.branch",
            Severity.STOP,
            "The branch behind the part moves: stop.",
            "The branch behind the part is held and stays still.",
            "as answered",
            "Hold it with a second wrench on the fitting itself, or open the wall; if it still moves, cut back.",
            new Source("trade practice", Confidence.SURE));

    private static final RuleText LICENSED = new RuleText(
            "broken.licensed",
            Severity.STOP,
            "Nobody licensed is at hand: do not open a {fluid} line.",
            "A licensed person opens the {fluid} line.",
            "as answered",
            "Leave it shut and call whoever the law lets open it.",
            new Source("local law", Confidence.SURE));

    private static final RuleText FLUID = new RuleText(
            "broken.fluid",
            Severity.WARN,
            "It is not said what runs in the line.",
            "{fluid} runs in the line.",
            "as answered",
            "Say what runs in it: heat and oil depend on it.",
            Source.house("asked before heat and oil"));

    @Override
    public List<Finding> check(BrokenCase c) {
        List<Finding> all = new ArrayList<>(List.of(
                answered(c.line().isolated(), ISOLATED, BrokenNeeds.ISOLATED, Map.of()),
                answered(c.line().branchFirm(), BRANCH, BrokenNeeds.BRANCH, Map.of())));
        Optional<StuckFluid> fluid = c.fluid();
        if (fluid.isEmpty()) {
            all.add(Finding.notChecked(FLUID, Subject.STUCK, BrokenNeeds.FLUID));
            return all;
        }
        Map<String, Figure> named = Map.of("fluid", Figure.of(fluid.get().name()));
        all.add(Finding.of(true, FLUID, Subject.STUCK, named));
        if (fluid.get().licensed()) {
            all.add(answered(c.line().licensed(), LICENSED, BrokenNeeds.LICENSED, named));
        }
        return all;
    }

    private static Finding answered(Optional<Boolean> good, RuleText text, Need need, Map<String, Figure> figures) {
        return good.map(g -> Finding.of(g, text, Subject.SITE, figures))
                .orElseGet(() -> Finding.notChecked(text, Subject.SITE, need));
    }
}
