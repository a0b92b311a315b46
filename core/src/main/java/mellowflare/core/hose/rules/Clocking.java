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
            "There are two elbow ends, and the clock angle between them is missing.",
            "{says}",
            "{says}",
            "Dry-fit it on the machine and enter the angle: seen from end A with its elbow at 12 o'clock, clockwise to B.",
            Source.house("clocking convention of this workbench"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.a().part().isEmpty() || c.b().part().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LINE, Missing.ends(c)));
        }
        String says = !c.twoElbows()
                ? Say.it("clocking.no-clock-angle-needed")
                : c.clockAngle()
                        .map(a -> Say.it(
                                "clocking.the-elbows-stand-at",
                                "text",
                                Figure.of(a).text(c.units())))
                        .orElse(Say.it("clocking.two-elbows"));
        return List.of(Finding.of(
                !c.twoElbows() || c.clockAngle().isPresent(), TEXT, Subject.LINE, Map.of("says", Figure.of(says))));
    }
}
