package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.material.Compatibility;
import mellowflare.core.reference.Source;

/** The liner must bear the fluid; a pair that no table holds is said to be unknown. */
final class LinerCompatible implements Rule<HoseCase> {
    private static final RuleText NEVER = new RuleText(
            "hose.liner",
            Severity.STOP,
            "{liner} liner is not compatible with {fluid}.",
            "{liner} liner is compatible with {fluid}.",
            "{liner} in {fluid}: {source}",
            "Use a hose whose liner is compatible with {fluid}.",
            Source.house("fluid and elastomer table"));
    private static final RuleText LIMITED = new RuleText(
            "hose.liner-limited",
            Severity.WARN,
            "{liner} liner is compatible with {fluid} only for some grades and temperatures.",
            "{liner} liner is compatible with {fluid}.",
            "{liner} in {fluid}: {source}",
            "Ask the hose maker for this fluid and temperature.",
            Source.house("fluid and elastomer table"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.hose().isEmpty() || c.fluid().isEmpty()) {
            return List.of(Finding.notChecked(NEVER, Subject.HOSE, c.hose().isEmpty() ? HoseNeeds.HOSE : Needs.FLUID));
        }
        String liner = c.hose().get().liner();
        String fluid = c.fluid().get().name();
        Optional<Compatibility.Row> row =
                c.data().get(Compatibility.KEY).of(c.fluid().get().id(), liner);
        if (row.isEmpty()) {
            return List.of(Finding.notChecked(
                    NEVER,
                    Subject.HOSE,
                    Needs.fromMaker(
                            "liner-" + liner,
                            Say.it("liner-compatible.ask-maker", "liner", liner, "fluid", fluid),
                            Subject.HOSE)));
        }
        Map<String, Figure> figures = Map.of(
                "liner", Figure.of(liner),
                "fluid", Figure.of(fluid),
                "source", Figure.of(row.get().source().text()));
        return List.of(
                switch (row.get().verdict()) {
                    case SUITS -> Finding.pass(NEVER, Subject.HOSE, figures);
                    case LIMITED -> Finding.fail(LIMITED, Subject.HOSE, figures);
                    case NEVER -> Finding.fail(NEVER, Subject.HOSE, figures);
                });
    }
}
