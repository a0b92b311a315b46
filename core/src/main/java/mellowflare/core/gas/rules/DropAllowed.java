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
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.gas.work.Section;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** The drop from regulator or meter to every inlet, and what the code's method lets each pipe carry. */
final class DropAllowed implements Rule<GasCase> {
    static final RuleText DROP = new RuleText(
            "gas.drop",
            Severity.WARN,
            "{appliance} loses {drop} from its regulator or meter; {allowed} is allowed.",
            "{appliance} loses {drop} from its regulator or meter; {allowed} is allowed.",
            "{load} burning at once, friction by Darcy's law, height counted in",
            "Lay larger pipe on the way to it: see Sizes.",
            new Source("the code's allowed drop", Confidence.TYPICAL));

    static final RuleText CAPACITY = new RuleText(
            "gas.capacity",
            Severity.WARN,
            "Pipe {pipe} carries {flow}; by the longest-length method it may carry {most}.",
            "Pipe {pipe} is the fullest: {flow} of {most} by the longest-length method.",
            "NFPA 54 equation for the drop allowed, over the length to the farthest appliance",
            "Take the next size there, or see what Darcy's law gives in the table beside it.",
            new Source("NFPA 54 chapter 6", Confidence.SURE));

    @Override
    public List<Finding> check(GasCase c) {
        if (c.inlets().isEmpty() || c.flows().isEmpty()) {
            return List.of(Finding.notChecked(DROP, Subject.SIZES, GasNeeds.flowing(c)));
        }
        if (c.allowedDrop().isEmpty()) {
            return List.of(Finding.notChecked(DROP, Subject.SIZES, GasNeeds.DROP));
        }
        List<Finding> all = new ArrayList<>();
        PressureDifference allowed = c.allowedDrop().get();
        for (Inlet i : c.inlets()) {
            i.drop()
                    .ifPresent(d -> all.add(Finding.of(
                            d.compareTo(allowed) <= 0,
                            DROP,
                            Subject.SIZES,
                            Map.of(
                                    "appliance",
                                    Figure.of(i.name()),
                                    "drop",
                                    new Figure.OfGasDrop(d),
                                    "allowed",
                                    new Figure.OfGasDrop(allowed),
                                    "load",
                                    Figure.of(c.load())))));
        }
        List<Section> over = c.sections().stream().filter(Section::overLongest).toList();
        if (over.isEmpty()) {
            c.sections().stream()
                    .filter(s -> s.byLongest().isPresent() && s.flow().cubicMetresPerHour() > 0)
                    .max((a, b) -> Double.compare(share(a), share(b)))
                    .ifPresent(s -> all.add(Finding.pass(CAPACITY, Subject.SIZES, figures(s))));
        }
        over.forEach(s -> all.add(Finding.fail(CAPACITY, Subject.SIZES, figures(s))));
        return all;
    }

    private static double share(Section s) {
        return s.flow().cubicMetresPerHour() / s.byLongest().orElseThrow().cubicMetresPerHour();
    }

    private static Map<String, Figure> figures(Section s) {
        return Map.of(
                "pipe", Figure.of(s.name()),
                "flow", Figure.of(s.flow()),
                "most", Figure.of(s.byLongest().orElseThrow()));
    }
}
