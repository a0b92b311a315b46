package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.reference.Source;

/** What was called is what was written: a slip of the ear cuts pipe. */
final class CalledIsWritten implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.called-written",
            Severity.STOP,
            "{called} was called and {written} written for {figure}.",
            "{figure} was written as it was called.",
            "both figures as noted",
            "Measure {figure} again; nothing is cut before both agree.",
            Source.house("called figures are read back"));

    @Override
    public List<Finding> check(PipeCase c) {
        List<Finding> all = new ArrayList<>();
        c.taken()
                .forEach((f, t) -> t.calledAgrees()
                        .ifPresent(agrees -> all.add(Finding.of(
                                agrees,
                                TEXT,
                                Subject.OFFSET,
                                Map.of(
                                        "figure", Figure.of(f.symbol()),
                                        "called", Figure.of(t.called().orElse(t.value())),
                                        "written", Figure.of(t.value()))))));
        return all;
    }
}
