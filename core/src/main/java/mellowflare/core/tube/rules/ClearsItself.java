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
import mellowflare.core.tube.form.Clash;
import mellowflare.core.tube.line.TubeCase;

/** The finished tube does not run through itself. */
final class ClearsItself implements Rule<TubeCase> {
    private static final RuleText THROUGH = new RuleText(
            "shape.clash",
            Severity.STOP,
            "Legs {one} and {other} collide by {by}.",
            "All legs stay at least {clear} apart.",
            "distance of the centre lines less the tube",
            "Move a point: one of the two must go round.",
            Source.of("geometry of straights and round bends"));
    private static final RuleText RUBS = new RuleText(
            "shape.rubs",
            Severity.WARN,
            "Legs {one} and {other} are only {clear} apart: they rub where the line shakes.",
            "All legs stay at least {clear} apart.",
            "{clear} against {least}",
            "Move a point, or clamp both in one block.",
            Source.house("clearance of tubes that may shake"));
    private static final double LEAST_MM = 3;

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.path().isEmpty() && c.shape().template().isEmpty()) {
            return List.of(Finding.notChecked(THROUGH, Subject.SHAPE, TubeNeeds.SHAPE_AND_RADIUS));
        }
        if (c.clash().isEmpty()) {
            return List.of();
        }
        Clash k = c.clash().get();
        Map<String, Figure> figures = Map.of(
                "one", Figure.of(Integer.toString(k.one() + 1)),
                "other", Figure.of(Integer.toString(k.other() + 1)),
                "by", Figure.of(Length.ofMm(Math.abs(k.clear().mm()))),
                "clear", Figure.of(k.clear()),
                "least", Figure.of(Length.ofMm(LEAST_MM)));
        if (k.clear().mm() < 0) {
            return List.of(Finding.fail(THROUGH, Subject.SHAPE, figures));
        }
        return List.of(Finding.of(k.clear().mm() >= LEAST_MM, RUBS, Subject.SHAPE, figures));
    }
}
