package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.order.ToolsNeeded;
import mellowflare.core.parts.Tool;
import mellowflare.core.reference.Source;

/** Each tool that the steps ask for and that is not at hand, with what changes without it. */
final class ToolsAtHand implements Rule<HoseCase> {
    private static final Map<Severity, RuleText> TEXTS = RuleText.bySeverity(
            "here.tool",
            "No {tool} at hand, and the work asks for it.",
            "The tools that the work asks for are at hand.",
            "{why}",
            "{instead}",
            Source.house("tools and plan B"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.hose().isEmpty()) {
            return List.of(Finding.notChecked(TEXTS.get(Severity.STOP), Subject.MAKE, "hose"));
        }
        List<Finding> all = new ArrayList<>();
        List<Tool> needed = ToolsNeeded.all(c);
        for (Tool t : ToolsNeeded.missing(c, needed)) {
            Tool.PlanB without = t.without(c.fluid());
            all.add(Finding.fail(
                    TEXTS.get(without.severity()),
                    Subject.MAKE,
                    Map.of(
                            "tool", Figure.of(t.name()),
                            "why", Figure.of("a step asks for " + t.words()),
                            "instead", Figure.of(without.says()))));
        }
        for (LineEnd w : LineEnd.values()) {
            for (String size : ToolsNeeded.wrenchesMissing(c, w)) {
                all.add(
                        Finding.fail(
                                TEXTS.get(Severity.WARN),
                                w.hoseEnd(),
                                Map.of(
                                        "tool", Figure.of(size + " wrench"),
                                        "why", Figure.of("a hex of hose end " + w),
                                        "instead",
                                                Figure.of(
                                                        "A smooth-jawed adjustable wrench set tight on the flats; never a pipe wrench."))));
            }
        }
        for (Tool t : ToolsNeeded.unsaid(c, needed)) {
            all.add(Finding.notChecked(
                    TEXTS.get(t.severity()), Subject.MAKE, "word on whether a " + t.name() + " is at hand"));
        }
        if (all.isEmpty()) {
            all.add(Finding.pass(
                    TEXTS.get(Severity.STOP),
                    Subject.MAKE,
                    Map.of(
                            "tool",
                            Figure.of(""),
                            "why",
                            Figure.of("as said under what is at hand"),
                            "instead",
                            Figure.of(""))));
        }
        return all;
    }
}
