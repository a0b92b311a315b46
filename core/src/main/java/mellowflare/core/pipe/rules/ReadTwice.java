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

/** Every figure that a cut rests on is read twice, and both readings agree. */
final class ReadTwice implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.read-twice",
            Severity.STOP,
            "The two readings of {figure} differ: {first} and {second}, {agreement} allowed.",
            "{figure} was read twice, and both readings agree.",
            "three standard errors of two readings with the same instrument: {agreement}",
            "Read {figure} a third time and find the slip before the first cut.",
            Source.house("readings are taken twice"));

    @Override
    public List<Finding> check(PipeCase c) {
        List<Finding> all = new ArrayList<>();
        c.taken()
                .forEach((f, t) -> all.add(t.written()
                        .secondAgrees()
                        .map(agrees -> Finding.of(
                                agrees,
                                TEXT,
                                Subject.OFFSET,
                                Map.of(
                                        "figure", Figure.of(f.symbol()),
                                        "first", Figure.of(t.value()),
                                        "second", Figure.of(t.written().second().orElseThrow()),
                                        "agreement", Figure.of(t.written().agreement()))))
                        .orElseGet(() -> Finding.notChecked(TEXT, Subject.OFFSET, PipeNeeds.second(f)))));
        return all;
    }
}
