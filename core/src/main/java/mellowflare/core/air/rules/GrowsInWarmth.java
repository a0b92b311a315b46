package mellowflare.core.air.rules;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.cut.Stretch;

/** What a long straight run grows by. */
final class GrowsInWarmth implements Rule<AirCase> {
    private static final double KELVIN = 30;
    /** From here on (mm) hangers and fittings feel it (house figure). */
    private static final double FELT = 5;

    private static final RuleText TEXT = new RuleText(
            "air.grows",
            Severity.NOTE,
            "“{piece}” is {length} long and expands by {grows} over {kelvin} K.",
            "The longest straight run, {piece}, expands by {grows} over {kelvin} K.",
            "expansion of {system}",
            "Fix it in the middle, let it slide in all other hangers, and leave an elbow with a free leg at its end; the hose at the compressor takes the rest.",
            new Source("expansion of the wall; 30 K from winter to summer", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.work().isEmpty() || c.system().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.size(c)));
        }
        Optional<Stretch> longest = c.work().get().stretches().stream()
                .max(Comparator.comparing(Stretch::centres).thenComparing(Stretch::name));
        if (longest.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.WALK));
        }
        Stretch s = longest.get();
        Length grows = c.system().get().grows(s.centres(), KELVIN);
        return List.of(Finding.of(
                grows.mm() <= FELT,
                TEXT,
                Subject.MAIN,
                Map.of(
                        "piece", Figure.of(s.name()),
                        "length", new Figure.OfReach(s.centres()),
                        "grows", Figure.of(grows),
                        "kelvin", Figure.of(LengthFormat.decimal(KELVIN, 0, 0)),
                        "system", Figure.of(c.system().get().name()))));
    }
}
