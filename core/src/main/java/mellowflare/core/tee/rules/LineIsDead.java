package mellowflare.core.tee.rules;

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
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.work.TeeCase;

/** Nothing is cut under pressure, and no live stub stands open. */
final class LineIsDead implements Rule<TeeCase> {
    private static final RuleText ISOLATED = new RuleText(
            "tee.isolated",
            Severity.STOP,
            "The line is not shut off, let off and proved: do not cut it.",
            "The line is shut off, let off and proved.",
            "as answered",
            "Shut it at the source, let it off the way its fluid asks for, and prove zero at a gauge.",
            new Source("local code; trade practice", Confidence.SURE));

    private static final RuleText PLUG = new RuleText(
            "tee.plug",
            Severity.STOP,
            "The live stub would stand open while the tee is made.",
            "The live stub is plugged while the tee is made.",
            "as answered",
            "Have a plug or cap that fits in hand before the first cut.",
            new Source("trade practice", Confidence.SURE));

    private static final RuleText LICENSED = new RuleText(
            "tee.licensed",
            Severity.STOP,
            "Nobody licensed is at hand: do not open a {fluid} line.",
            "A licensed person opens the {fluid} line.",
            "as answered",
            "Leave it shut and call a licensed gas fitter, or a certified refrigeration fitter.",
            new Source("local law", Confidence.SURE));

    @Override
    public List<Finding> check(TeeCase c) {
        List<Finding> all = new ArrayList<>(List.of(
                answered(c.line().isolated(), ISOLATED, TeeNeeds.ISOLATED, Map.of()),
                answered(c.line().plugged(), PLUG, TeeNeeds.PLUG, Map.of())));
        c.line()
                .fluid()
                .filter(TeeFluid::licensed)
                .ifPresent(f -> all.add(answered(
                        c.line().licensed(), LICENSED, TeeNeeds.LICENSED, Map.of("fluid", Figure.of(f.word())))));
        return all;
    }

    private static Finding answered(Optional<Boolean> good, RuleText text, Need need, Map<String, Figure> figures) {
        return good.map(g -> Finding.of(g, text, Subject.SITE, figures))
                .orElseGet(() -> Finding.notChecked(text, Subject.SITE, need));
    }
}
