package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** There must be hose left between the ends. */
final class CutPossible implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "length.cut",
            Severity.STOP,
            "The line is too short for its ends: {overall} less both cut-offs leaves {cut}, at least {least} of hose needed.",
            "{overall} overall less both cut-offs leaves {cut} of hose.",
            "{overall} less {cutOffs}",
            "Measure again; if it is right, the ports are too close together for this hose.",
            Source.house("insertion of both ends and one outside diameter of free hose"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.whole()) {
            return List.of();
        }
        Optional<CutLength> cut = c.cut();
        if (cut.isEmpty()) {
            return List.of(
                    c.finished().isEmpty()
                            ? Finding.notChecked(TEXT, Subject.LENGTH, HoseNeeds.FINISHED)
                            : Finding.notChecked(TEXT, Subject.LENGTH, Missing.ends(c)));
        }
        Length least = c.sides().stream()
                .flatMap(s -> s.part().stream())
                .flatMap(p -> p.insertion().stream())
                .reduce(c.hose().map(HosePart::outside).orElse(Length.ZERO), Length::plus);
        return List.of(Finding.of(
                cut.get().exact().compareTo(least) > 0,
                TEXT,
                Subject.LENGTH,
                Map.of(
                        "overall", Figure.of(cut.get().overall()),
                        "cut", Figure.of(cut.get().exact()),
                        "cutOffs", Figure.of(cut.get().cutOffA().plus(cut.get().cutOffB())),
                        "least", Figure.of(least))));
    }
}
