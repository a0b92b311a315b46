package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Joints;

/** No pipe may end open, and every meeting needs a fitting that there is. */
final class EndsAreClosed implements Rule<AirCase> {
    private static final RuleText OPEN = new RuleText(
            "air.open-end",
            Severity.STOP,
            "The pipe is open at {piece}.",
            "Every end has an outlet, a drain or a cap.",
            "the layout",
            "Add an outlet, a drain or a cap there, or carry on.",
            Source.house("the walk"));

    private static final RuleText FITTING = new RuleText(
            "air.fitting",
            Severity.WARN,
            "No fitting joins the pipes at {piece}.",
            "There is a fitting for every joint.",
            "elbows of 90 degrees, tees, two tees for four pipes",
            "Move one branch along by a few hand's breadths.",
            Source.house("the walk"));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.main().pieces().isEmpty()) {
            return List.of(Finding.notChecked(OPEN, Subject.MAIN, AirNeeds.WALK));
        }
        List<Finding> all = new ArrayList<>();
        List<String> open = places(c, Joints.Kind.OPEN);
        List<String> none = places(c, Joints.Kind.NONE);
        open.forEach(p -> all.add(Finding.fail(OPEN, Subject.MAIN, Map.of("piece", Figure.of(p)))));
        none.forEach(p -> all.add(Finding.fail(FITTING, Subject.MAIN, Map.of("piece", Figure.of(p)))));
        if (open.isEmpty()) {
            all.add(Finding.pass(OPEN, Subject.MAIN, Map.of()));
        }
        if (none.isEmpty()) {
            all.add(Finding.pass(FITTING, Subject.MAIN, Map.of()));
        }
        return all;
    }

    private static List<String> places(AirCase c, Joints.Kind kind) {
        return c.joints().all().stream()
                .filter(j -> j.kind() == kind)
                .map(j -> j.spot().name())
                .toList();
    }
}
