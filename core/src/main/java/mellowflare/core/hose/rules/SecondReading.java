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
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** One figure called, another written: the second reading catches it. */
final class SecondReading implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "length.second-reading",
            Severity.STOP,
            "The two readings differ by {apart}: {first} and {second}.",
            "Two readings agree: {first} and {second}.",
            "{apart} apart, {allowed} allowed for a {instrument}",
            "Both of you measure again, from the same points.",
            Source.house("three standard deviations of two readings"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.finished().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, HoseNeeds.FINISHED));
        }
        CalledFigure figure = c.finished().get();
        if (figure.second().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, HoseNeeds.SECOND));
        }
        Length second = figure.second().get();
        return List.of(Finding.of(
                figure.secondAgrees().orElseThrow(),
                TEXT,
                Subject.LENGTH,
                Map.of(
                        "first", Figure.of(figure.value()),
                        "second", Figure.of(second),
                        "apart", Figure.of(figure.value().distanceTo(second)),
                        "allowed", Figure.of(figure.agreement()),
                        "instrument", Figure.of(figure.instrument().word()))));
    }
}
