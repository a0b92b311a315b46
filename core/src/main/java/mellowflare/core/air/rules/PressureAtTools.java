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
import mellowflare.core.air.AirCase;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Pressure at every tool in the worst that may run together. */
final class PressureAtTools implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.tool-pressure",
            Severity.STOP,
            "At {piece} the {tool} gets {pressure} and needs {need}.",
            "The tightest is the {tool} at {piece}: {pressure}, {need} needed.",
            "{pressure} against {need} at the tool, with the worst of what may run together, {reserve}",
            "A larger pipe where most is lost, a shorter or wider hose, or a loop: Sizes shows what each gives.",
            new Source("ISO 8778 flow of the house list of tools; Darcy and Colebrook", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.choices().isEmpty() || !c.flows()) {
            String missing = c.choices().isEmpty()
                    ? "tool at an outlet"
                    : c.feeds().isEmpty() ? "compressor" : "size of the main";
            return List.of(Finding.notChecked(TEXT, Subject.OUTLET, missing));
        }
        List<Finding> all = new ArrayList<>();
        c.together().scenario().running().entrySet().stream()
                .sorted(Map.Entry.comparingByKey())
                .forEach(e -> c.pressure(AirCase.toolAt(e.getKey()))
                        .filter(p -> p.compareTo(e.getValue().need()) < 0)
                        .ifPresent(p ->
                                all.add(Finding.fail(TEXT, Subject.OUTLET, figures(c, e.getKey(), e.getValue())))));
        if (all.isEmpty() && c.together().tight().isPresent()) {
            String tight = c.together().tight().get();
            all.add(Finding.pass(
                    TEXT,
                    Subject.OUTLET,
                    figures(c, tight, c.together().scenario().running().get(tight))));
        }
        return all;
    }

    private static Map<String, Figure> figures(AirCase c, String outlet, AirTool tool) {
        return Map.of(
                "piece",
                Figure.of(outlet),
                "tool",
                Figure.of(tool.name()),
                "pressure",
                c.pressure(AirCase.toolAt(outlet)).map(Figure::of).orElse(Figure.of("nothing")),
                "need",
                Figure.of(tool.need()),
                "reserve",
                Figure.of("leaks of " + percent(c.main().use().leak()) + " and growth of "
                        + percent(c.main().use().growth()) + " counted in"));
    }

    private static String percent(double share) {
        return LengthFormat.decimal(share * 100, 0, 0) + " %";
    }
}
