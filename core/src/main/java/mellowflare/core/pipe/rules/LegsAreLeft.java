package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.OffsetFigure;
import mellowflare.core.pipe.offset.OffsetSum;
import mellowflare.core.reference.Source;

/** Whether the overall leaves both outer legs something. */
final class LegsAreLeft implements Rule<PipeCase> {
    private static final RuleText TEXT = new RuleText(
            "pipe.legs-left",
            Severity.STOP,
            "Leg {leg} comes out at {length}: the travel alone takes {run} of the overall {overall}.",
            "The overall leaves both legs: A {a}, C {c}.",
            "A + C = W − V",
            "Check W and the offset, shift the travel, or take fittings that turn more.",
            Source.house("sum of an offset"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (!c.isOffset()) {
            return List.of();
        }
        OffsetSum s = c.sum().orElseThrow();
        if (s.legA().isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXT,
                    Subject.OFFSET,
                    c.line().offset().asked().stream()
                            .filter(f -> c.line().offset().figure(f).isEmpty())
                            .map(PipeNeeds::figure)
                            .toArray(Need[]::new)));
        }
        Length a = s.legA().get();
        Length cLeg = s.legC().orElseThrow();
        boolean holds = a.mm() > 0 && cLeg.mm() > 0;
        return List.of(Finding.of(
                holds,
                TEXT,
                Subject.OFFSET,
                Map.of(
                        "leg", Figure.of(a.mm() <= 0 ? "A" : "C"),
                        "length", Figure.of(a.mm() <= 0 ? a : cLeg),
                        "run", Figure.of(s.run().orElseThrow()),
                        "overall", Figure.of(c.taken().get(OffsetFigure.OVERALL).value()),
                        "a", Figure.of(a),
                        "c", Figure.of(cLeg))));
    }
}
