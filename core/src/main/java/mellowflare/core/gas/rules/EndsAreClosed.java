package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Joints;

/** No gas pipe may end open, and every meeting needs a fitting that there is. */
final class EndsAreClosed implements Rule<GasCase> {
    private static final RuleText OPEN = new RuleText(
            "gas.open-end",
            Severity.STOP,
            "The pipe is open at {piece}.",
            "Every end has an appliance or a cap.",
            "the layout",
            "Add an appliance or a cap there, or carry on.",
            Source.house("the walk"));

    private static final RuleText FITTING = new RuleText(
            "gas.fitting",
            Severity.WARN,
            "No fitting joins the pipes at {piece}.",
            "There is a fitting for every joint.",
            "elbows of 90 degrees, tees, two tees for four pipes",
            "Move one branch along by a hand's breadth or two.",
            Source.house("the walk"));

    @Override
    public List<Finding> check(GasCase c) {
        if (c.line().pieces().isEmpty()) {
            return List.of(Finding.notChecked(OPEN, Subject.GAS_LAYOUT, GasNeeds.WALK));
        }
        List<Finding> all = new ArrayList<>();
        List<String> open = c.openEnds();
        open.forEach(p -> all.add(Finding.fail(OPEN, Subject.GAS_LAYOUT, Map.of("piece", Figure.of(p)))));
        List<String> none = c.joints().all().stream()
                .filter(j -> j.kind() == Joints.Kind.NONE)
                .map(j -> j.spot().name())
                .toList();
        none.forEach(p -> all.add(Finding.fail(FITTING, Subject.GAS_LAYOUT, Map.of("piece", Figure.of(p)))));
        if (open.isEmpty()) {
            all.add(Finding.pass(OPEN, Subject.GAS_LAYOUT, Map.of()));
        }
        if (none.isEmpty()) {
            all.add(Finding.pass(FITTING, Subject.GAS_LAYOUT, Map.of()));
        }
        return all;
    }
}
