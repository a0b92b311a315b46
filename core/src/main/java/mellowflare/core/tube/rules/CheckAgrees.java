package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;

/** The distance end to end, measured by itself, catches a sign, a forgotten leg, a figure heard wrong. */
final class CheckAgrees implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "shape.second-reading",
            Severity.STOP,
            "The shape does not match the check measurement: ends {first} apart by the figures, {second} measured end to end, {apart} difference.",
            "The distance end to end agrees: {first} by the figures, {second} measured.",
            "{apart} apart, {allowed} allowed for a {instrument}",
            "Both of you measure again: a sign, a leg or a rotation is wrong.",
            Source.house("three standard deviations of two readings"));

    @Override
    public List<Finding> check(TubeCase c) {
        Optional<CalledFigure> f = c.figure();
        if (f.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, TubeNeeds.SHAPE));
        }
        if (f.get().second().isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXT,
                    Subject.LENGTH,
                    c.shape().template().isPresent() ? TubeNeeds.TEMPLATE_AGAIN : TubeNeeds.END_TO_END));
        }
        Length second = f.get().second().get();
        return List.of(Finding.of(
                f.get().secondAgrees().orElseThrow(),
                TEXT,
                Subject.LENGTH,
                Map.of(
                        "first", Figure.of(f.get().value()),
                        "second", Figure.of(second),
                        "apart", Figure.of(f.get().value().distanceTo(second)),
                        "allowed", Figure.of(f.get().agreement()),
                        "instrument", Figure.of(f.get().instrument().word()))));
    }
}
