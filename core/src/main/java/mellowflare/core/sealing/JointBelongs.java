package mellowflare.core.sealing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.reference.Source;

/** Some joints have no place on some fluids: a compression joint on a brake line, an air coupler on gas. */
final class JointBelongs implements Rule<JointCase> {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "joint.belongs",
            "{says}",
            "Nothing in the table rules out {joint} on {fluid}.",
            "{because}",
            "{do}",
            Source.house("joints and the fluids they do not belong on"));

    @Override
    public List<Finding> check(JointCase c) {
        RuleText stop = TEXTS.get(Severity.STOP);
        if (c.fluid().isEmpty()) {
            return List.of(Finding.notChecked(stop, c.about(), Needs.FLUID));
        }
        Optional<JointLimits.Limit> limit = c.data()
                .get(JointLimits.KEY)
                .of(c.end().id().code(), c.fluid().get().group());
        return List.of(limit.map(l -> Finding.fail(
                        TEXTS.get(l.severity()),
                        c.about(),
                        Map.of(
                                "says", Figure.of(l.says()),
                                "because",
                                        Figure.of(
                                                l.because() + ": " + l.source().text()),
                                "do", Figure.of(l.instead()))))
                .orElseGet(() -> Finding.pass(
                        stop,
                        c.about(),
                        Map.of(
                                "joint", Figure.of(c.end().brief()),
                                "fluid", Figure.of(c.fluid().get().name()),
                                "because", Figure.of(Say.it("joint-belongs.no-row-for"))))));
    }
}
