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
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.reference.Source;

/** A plan that changes after the cut leaves the wrong hose on the bench. */
final class CutStillRight implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "make.cut-changed",
            Severity.STOP,
            "The hose was cut to {was}, but the line now needs {now}.",
            "The hose was cut to the length the line needs ({now}).",
            "{was} against {now}",
            "Undo the change, or cut a new hose and start the steps again.",
            Source.house("the figure read back before the cut"));

    @Override
    public List<Finding> check(HoseCase c) {
        Optional<CutLength> cut = c.cut();
        boolean made = c.log()
                .entry("cut")
                .filter(e -> e.outcome() == StepEntry.Outcome.DONE)
                .isPresent();
        if (!made) {
            return List.of();
        }
        if (cut.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAKE, Missing.cut(c)));
        }
        if (c.log().readBack().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAKE, HoseNeeds.READ_BACK));
        }
        Length was = c.log().readBack().get().figure();
        Length now = cut.get().shop(c.units());
        return List.of(Finding.of(
                was.distanceTo(now).mm() < 0.5,
                TEXT,
                Subject.MAKE,
                Map.of("was", Figure.of(was), "now", Figure.of(now))));
    }
}
