package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** No bend tighter than the hose allows. */
final class BendRadius implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.bend-radius",
            Severity.STOP,
            "The bend is too tight for {hose}: {radius}, at least {least} needed on the centre line.",
            "The bend is wide enough for {hose}: {radius}, at least {least} needed on the centre line.",
            "{radius} against {least}, both on the centre line",
            "Give the hose a wider sweep, turn an end with an elbow, or use a more flexible hose.",
            Source.of("SAE J517"));

    @Override
    public List<Finding> check(HoseCase c) {
        Optional<Length> tightest = c.tightest();
        if (c.hose().isEmpty() || tightest.isEmpty()) {
            return List.of(
                    c.hose().isEmpty()
                            ? Finding.notChecked(TEXT, Subject.HOSE, HoseNeeds.HOSE)
                            : Finding.notChecked(TEXT, Subject.HOSE, HoseNeeds.BEND));
        }
        Length least = c.hose().get().centreLineBendRadius();
        return List.of(Finding.of(
                tightest.get().mm() >= least.mm() - 1e-6,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "radius", Figure.of(tightest.get()),
                        "least", Figure.of(least),
                        "hose", Figure.of(c.hose().get().part()))));
    }
}
