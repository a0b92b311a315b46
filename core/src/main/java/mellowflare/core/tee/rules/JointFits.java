package mellowflare.core.tee.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.tee.stock.TeeStock;
import mellowflare.core.tee.work.TeeCase;

/** Whether the joint may be used on what runs in the tube. */
final class JointFits implements Rule<TeeCase> {
    private static final Map<Severity, RuleText> TEXT = RuleText.bySeverity(
            "tee.joint",
            "{method} joints are not simply right on {fluid}: {why}.",
            "{method} joints may be used on {fluid}.",
            "{why}",
            "Choose another joint, or ask what the local code and the maker say.",
            new Source("table of joints by fluid", Confidence.TYPICAL));

    @Override
    public List<Finding> check(TeeCase c) {
        if (c.line().fluid().isEmpty() || c.method().isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXT.get(Severity.STOP),
                    Subject.TEE,
                    c.line().fluid().isEmpty() ? TeeNeeds.FLUID : TeeNeeds.METHOD));
        }
        TeeStock.Fit fit =
                c.stock().fit(c.line().fluid().get(), c.method().get().id());
        return List.of(Finding.of(
                fit.may() == TeeStock.May.YES,
                TEXT.get(fit.may() == TeeStock.May.NO ? Severity.STOP : Severity.WARN),
                Subject.TEE,
                Map.of(
                        "method", Figure.of(c.method().get().name()),
                        "fluid", Figure.of(c.line().fluid().get().word()),
                        "why", Figure.of(fit.why()))));
    }
}
