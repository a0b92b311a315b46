package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.reference.Source;

/** Whether every piece comes out of one bar. */
final class BarsAreLongEnough implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.bar",
            Severity.STOP,
            "Piece {piece} is {length} long, and a bar is {bar}.",
            "Every piece comes out of one bar of {bar}.",
            "longest bar, less the cut that squares its end",
            "Call the piece out in two with a coupling between, or buy a longer bar.",
            Source.house("bars of pipe"));

    @Override
    public List<Finding> check(PipeCase c) {
        Length bar = c.line().making().bar();
        Optional<PieceCut> over = c.worked().stream()
                .filter(p -> p.shop().filter(s -> s.compareTo(bar) > 0).isPresent())
                .findFirst();
        if (c.worked().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.PIECES, PipeNeeds.pieces(c)));
        }
        return List.of(Finding.of(
                over.isEmpty(),
                TEXT,
                Subject.PIECES,
                Map.of(
                        "piece", Figure.of(over.map(PieceCut::name).orElse("")),
                        "length", Figure.of(over.flatMap(PieceCut::shop).orElse(Length.ZERO)),
                        "bar", Figure.of(bar))));
    }
}
