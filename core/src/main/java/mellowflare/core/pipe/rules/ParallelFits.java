package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.reference.Source;

/** Whether the pipes of a parallel set keep their legs. */
final class ParallelFits implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.parallel",
            Severity.STOP,
            "Pipe {pipe} of the set has no leg A left: each bends {step} earlier than the one outside it.",
            "Every pipe of the set keeps its leg A; each bends {step} earlier.",
            "spread × tan(a / 2)",
            "Shift the travel away from A, or lay fewer pipes.",
            Source.house("parallel offsets"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.sum().filter(s -> !s.parallel().isEmpty()).isEmpty()) {
            return List.of();
        }
        OffsetSum s = c.sum().get();
        int bad = -1;
        for (int i = s.parallel().size() - 1; i >= 0; i--) {
            bad = s.parallel().get(i).mm() <= 0 ? i : bad;
        }
        return List.of(Finding.of(
                bad < 0,
                TEXT,
                Subject.OFFSET,
                Map.of(
                        "pipe", Figure.of(Integer.toString(bad + 1)),
                        "step", Figure.of(s.parallelStep().orElseThrow()))));
    }
}
