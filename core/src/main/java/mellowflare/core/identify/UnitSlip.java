package mellowflare.core.identify;

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

/** An inch figure typed as millimetres, or the other way round. */
final class UnitSlip implements Rule<IdentifyCase> {
    private static final RuleText TEXT = new RuleText(
            "end.unit-slip",
            Severity.WARN,
            "{seen} fits no end, but {other} fits {end}: did you mean the other unit?",
            "The diameter fits in the unit given.",
            "{seen} against {other}",
            "Enter the figure with its unit, such as {other}.",
            Source.house("the same number read in both systems"));

    @Override
    public List<Finding> check(IdentifyCase c) {
        if (c.answer().observation().diameter().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.END, LookNeeds.DIAMETER));
        }
        if (c.otherUnit().isEmpty()) {
            Length given = c.answer().observation().diameter().get();
            return List.of(Finding.pass(
                    TEXT,
                    Subject.END,
                    Map.of("seen", Figure.of(given), "other", Figure.of(Say.it("unit-slip.other-unit")))));
        }
        Identification other = c.otherUnit().get();
        return List.of(Finding.fail(
                TEXT,
                Subject.END,
                Map.of(
                        "seen", Figure.of(c.answer().observation().diameter().get()),
                        "other", Figure.of(other.observation().diameter().orElseThrow()),
                        "end", Figure.of(other.best().orElseThrow().end().id().text()))));
    }
}
