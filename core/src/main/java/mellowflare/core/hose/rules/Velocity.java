package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.flow.PipeVelocity;
import mellowflare.core.fluid.Duty;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** Flow against bore: a guide for each duty of a line. */
final class Velocity implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.velocity",
            Severity.WARN,
            "The flow is too fast: {speed} for {flow} through a bore of {bore}; the guide for {duty} lines is {guide}.",
            "{flow} through a bore of {bore} flows at {speed}, within the guide of {guide} for {duty} lines.",
            "{speed} against {guide}",
            "Use the next larger bore, or accept heat and pressure drop.",
            Source.house("common velocity guides for pressure, return and suction lines"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.hose().isEmpty() || c.service().flow().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, c.hose().isEmpty() ? HoseNeeds.HOSE : Needs.FLOW));
        }
        Length bore = c.hose().get().bore();
        Duty duty = c.service().duty();
        double speed = PipeVelocity.metresPerSecond(c.service().flow().get(), bore);
        return List.of(Finding.of(
                speed <= duty.guideMetresPerSecond(),
                TEXT,
                Subject.HOSE,
                Map.of(
                        "flow",
                        Figure.of(c.service().flow().get()),
                        "bore",
                        Figure.of(bore),
                        "speed",
                        new Figure.OfSpeed(speed),
                        "guide",
                        new Figure.OfSpeed(duty.guideMetresPerSecond()),
                        "duty",
                        Figure.of(duty.word()))));
    }
}
