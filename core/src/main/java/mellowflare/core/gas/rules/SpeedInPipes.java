package mellowflare.core.gas.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Source;

/** Fast gas whistles and carries dirt. */
final class SpeedInPipes implements Rule<GasCase> {
    /** House figure, as many gas handbooks have it (m/s). */
    private static final double FAST = 20;

    private static final RuleText TEXT = new RuleText(
            "gas.speed",
            Severity.NOTE,
            "Gas runs at {speed} in {pipe}; over {most} it whistles.",
            "Gas runs at {speed} at the most, in {pipe}.",
            "flow over the bore",
            "Take a larger size there if it is heard.",
            Source.house("speed of gas in pipes"));

    @Override
    public List<Finding> check(GasCase c) {
        return c.sections().stream()
                .filter(s -> s.flow().cubicMetresPerHour() > 0)
                .max((a, b) -> Double.compare(a.metresPerSecond(), b.metresPerSecond()))
                .map(s -> Finding.of(
                        s.metresPerSecond() <= FAST,
                        TEXT,
                        Subject.SIZES,
                        Map.of(
                                "speed", new Figure.OfSpeed(s.metresPerSecond()),
                                "pipe", Figure.of(s.name()),
                                "most", new Figure.OfSpeed(FAST))))
                .map(List::of)
                .orElseGet(List::of);
    }
}
