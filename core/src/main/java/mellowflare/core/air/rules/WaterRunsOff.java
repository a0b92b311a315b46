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
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Fall;
import mellowflare.core.run.walk.Walked;

/** Whether water finds its way out of the main. */
final class WaterRunsOff implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.holds-water",
            Severity.WARN,
            "Water stays at {piece}: nothing lower leads away from it, and no leg drains it.",
            "Every level run falls to a leg.",
            "heights with a fall of {fall} per metre",
            "Fit a drip leg with a valve there, or hang the main so that it falls toward the next one.",
            Source.house("fall of one in a hundred"));

    private static final RuleText LEVEL = new RuleText(
            "air.level",
            Severity.NOTE,
            "The main is hung level: water lies in it and is blown through the tools.",
            "The main falls {fall} per metre.",
            "method for the fall",
            "For a few bursts a day that will do if you drain before each use; otherwise give it a fall.",
            Source.house("fall of one in a hundred"));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.walked().runs().stream().noneMatch(Walked.Run::level)) {
            return List.of(Finding.notChecked(TEXT, Subject.WATER, AirNeeds.LEVEL));
        }
        Figure fall = Figure.of(Length.ofMm(c.main().fall()));
        boolean level = c.fall().way() == Fall.Way.LEVEL || c.main().fall() == 0;
        if (level) {
            return List.of(Finding.fail(LEVEL, Subject.WATER, Map.of("fall", fall)));
        }
        List<Finding> all = new ArrayList<>();
        for (String place : c.fall().holding()) {
            all.add(Finding.fail(TEXT, Subject.WATER, Map.of("piece", Figure.of(place), "fall", fall)));
        }
        if (all.isEmpty()) {
            all.add(Finding.pass(TEXT, Subject.WATER, Map.of("fall", fall)));
        }
        all.add(Finding.pass(LEVEL, Subject.WATER, Map.of("fall", fall)));
        return all;
    }
}
