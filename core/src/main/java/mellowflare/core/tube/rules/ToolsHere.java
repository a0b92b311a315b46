package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.parts.Tool;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.order.TubeTools;

/** Each tool that the steps ask for and that is not at hand, with what changes without it. */
final class ToolsHere implements Rule<TubeCase> {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "here.tool",
            "No {tool} at hand, and the work asks for it.",
            "The tools that the work asks for are at hand.",
            "{why}",
            "{instead}",
            Source.house("tools and plan B"));

    @Override
    public List<Finding> check(TubeCase c) {
        List<Finding> all = new ArrayList<>();
        for (Tool t : TubeTools.needed(c)) {
            Optional<Boolean> has = c.line().here().has(t);
            if (has.isEmpty()) {
                all.add(Finding.notChecked(
                        TEXTS.get(t.severity()), Subject.MAKE, "word on whether a " + t.name() + " is at hand"));
            } else if (!has.get()) {
                Tool.PlanB without = t.without(c.fluid());
                all.add(Finding.fail(
                        TEXTS.get(without.severity()),
                        Subject.MAKE,
                        Map.of(
                                "tool", Figure.of(t.name()),
                                "why", Figure.of("a step asks for " + t.words()),
                                "instead", Figure.of(without.says()))));
            }
        }
        if (all.isEmpty()) {
            all.add(Finding.pass(
                    TEXTS.get(Severity.STOP),
                    Subject.MAKE,
                    Map.of(
                            "tool", Figure.of(""),
                            "why", Figure.of("as said under what is at hand"),
                            "instead", Figure.of(""))));
        }
        return all;
    }
}
