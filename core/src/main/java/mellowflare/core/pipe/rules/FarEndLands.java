package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.chance.Scatter;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.reference.Source;

/** Whether rounding leaves the far end where it can still be joined. */
final class FarEndLands implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.far-end",
            Severity.WARN,
            "Rounding moves the far end by {out}; flange or union take up {allowed}.",
            "Rounding moves the far end by {out}, within the {allowed} that flange or union take up.",
            "the cuts as they are marked",
            "Round to a smaller step, round each cut once, or measure the last piece in place.",
            Source.house("what a flange or union takes up"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.cuts().isEmpty() || c.worked().stream().anyMatch(p -> p.exact().isEmpty())) {
            return List.of(Finding.notChecked(TEXT, Subject.PIECES, PipeNeeds.pieces(c)));
        }
        List<Vector> out = c.cuts().get().out();
        double far = out.stream().mapToDouble(Vector::length).max().orElse(0);
        return List.of(Finding.of(
                far <= Scatter.TAKEN_UP.mm(),
                TEXT,
                Subject.PIECES,
                Map.of("out", Figure.of(Length.ofMm(far)), "allowed", Figure.of(Scatter.TAKEN_UP))));
    }
}
