package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.cut.Stretch;

/** Whether every piece is long enough to go into its fittings. */
final class PiecesCanBeCut implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.piece-short",
            Severity.STOP,
            "“{piece}” is too short: {between} between two fittings, and the two take {insert} of pipe.",
            "Every piece is long enough for its fittings.",
            "{centres} centre to centre, less both stops; {insert} of pipe goes into the two fittings",
            "Move the ends apart, or join the fittings with a short nipple from their maker.",
            new Source("insertion depths of the house catalogue", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.work().isEmpty() || c.work().get().stretches().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.size(c)));
        }
        List<Finding> all = c.work().get().stretches().stream()
                .filter(s -> !s.possible() && s.centres().mm() > 0)
                .map(s -> Finding.fail(TEXT, Subject.MAIN, figures(s)))
                .toList();
        return all.isEmpty()
                ? List.of(Finding.pass(
                        TEXT, Subject.MAIN, figures(c.work().get().stretches().get(0))))
                : all;
    }

    private static Map<String, Figure> figures(Stretch s) {
        return Map.of(
                "piece", Figure.of(s.name()),
                "between", Figure.of(Length.ofMm(Math.max(0, s.between().mm()))),
                "centres", Figure.of(s.centres()),
                "insert", Figure.of(s.size().insert().times(2)));
    }
}
