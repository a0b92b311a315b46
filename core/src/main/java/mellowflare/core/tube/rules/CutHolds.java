package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;

/** The tube still has the length that it was cut to. */
final class CutHolds implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "make.cut-still-right",
            Severity.STOP,
            "The tube was cut to {was}, but the plan now needs {now}.",
            "The plan still needs the length that was read back.",
            "{was} against {now}",
            "Undo the change, or read back the new figure and cut again. Line shows whether the piece is still usable.",
            Source.house("the cut follows one figure"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.log().readBack().isEmpty() || c.cut().isEmpty()) {
            return List.of();
        }
        Length was = c.log().readBack().get().figure();
        Length now = c.cut().get().shop(c.units());
        return List.of(Finding.of(
                was.distanceTo(now).mm() < 0.05,
                TEXT,
                Subject.MAKE,
                Map.of("was", Figure.of(was), "now", Figure.of(now))));
    }
}
