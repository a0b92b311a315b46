package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.reference.Source;

/** Two elbows are fixed to each other at assembly. */
final class Clocking implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.clocking",
            Severity.STOP,
            "Two elbow ends, and the angle between them has not been said.",
            "{says}",
            "{says}",
            "Dry-fit on the machine and give the angle: seen from end A with its elbow at 12 o'clock, clockwise to B.",
            Source.house("clocking convention of this workbench"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.a().part().isEmpty() || c.b().part().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LINE, Missing.ends(c)));
        }
        String says = !c.twoElbows()
                ? "No clock angle is needed: there are not two elbows."
                : c.clockAngle()
                        .map(a ->
                                "The elbows stand at " + Figure.of(a).text(c.units()) + ", seen from end A, clockwise.")
                        .orElse("two elbows");
        return List.of(Finding.of(
                !c.twoElbows() || c.clockAngle().isPresent(), TEXT, Subject.LINE, Map.of("says", Figure.of(says))));
    }
}
