package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.pipe.offset.OffsetWay;
import mellowflare.core.reference.Source;

/** An offset of nothing is a straight pipe. */
final class OffsetThere implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.offset-there",
            Severity.STOP,
            "The offset comes out at nothing: {one} and {other} are the same.",
            "There is an offset to make: {offset}.",
            "O = h1 − h2",
            "Measure again, or run one straight pipe.",
            Source.house("sum of an offset"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.sum().flatMap(OffsetSum::offset).isEmpty()) {
            return List.of();
        }
        Length offset = c.sum().get().offset().get();
        OffsetWay way = c.line().offset().way();
        Figure one = Figure.of(c.taken().get(way.figures().get(0)).value());
        Figure other = Figure.of(
                c.taken().get(way.figures().get(way.figures().size() - 1)).value());
        return List.of(Finding.of(
                offset.mm() > 0,
                TEXT,
                Subject.OFFSET,
                Map.of("one", one, "other", other, "offset", Figure.of(offset))));
    }
}
