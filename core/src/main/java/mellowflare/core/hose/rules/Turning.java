package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.reference.Source;

/** A hose must not be twisted to tighten it: one end at least turns on its nut. */
final class Turning implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.turning",
            Severity.STOP,
            "Both ends have fixed threads: the second cannot be tightened without twisting the hose.",
            "{order}",
            "ends {a} and {b}",
            "Use a swivel end on one side.",
            Source.of("SAE J1273"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.a().part().isEmpty() || c.b().part().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LINE, Missing.ends(c)));
        }
        HoseEndPart a = c.a().part().get();
        HoseEndPart b = c.b().part().get();
        boolean turnsA = c.a().turns();
        boolean turnsB = c.b().turns();
        String order = turnsA && turnsB
                ? Say.it("turning.both-ends-turn-on")
                : Say.it("turning.end-fixed-thread-goes", "part", turnsA ? "B" : "A");
        return List.of(Finding.of(
                turnsA || turnsB,
                TEXT,
                Subject.LINE,
                Map.of(
                        "a", Figure.of(a.part()),
                        "b", Figure.of(b.part()),
                        "order", Figure.of(order))));
    }
}
