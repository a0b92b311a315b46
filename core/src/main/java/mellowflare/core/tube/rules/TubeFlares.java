package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeSize;

/** Only soft tube with wall enough is flared. */
final class TubeFlares implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "flare.soft",
            Severity.STOP,
            "{tube} is too hard to flare: it splits.",
            "{tube} is soft enough to flare.",
            "stretches {has} before it breaks{soft, select, no {; not sold soft} other {}}",
            "{instead}",
            Source.of("ASTM B88 K or L annealed; ASTM B280; SAE J533"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.sides().stream()
                .noneMatch(s -> s.traits().filter(EndTraits::flared).isPresent())) {
            return List.of();
        }
        if (c.tube().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.TUBE, TubeNeeds.TUBE));
        }
        Tube t = c.tube().get();
        boolean soft = t.material().flares() && c.size().map(TubeSize::soft).orElse(true);
        return List.of(Finding.of(
                soft,
                TEXT,
                Subject.TUBE,
                Map.of(
                        "tube", Figure.of(t.name()),
                        "has", new Figure.OfShare(t.material().elongation()),
                        "soft", Figure.of(c.size().filter(s -> !s.soft()).isPresent() ? "no" : "yes"),
                        "instead",
                                Figure.of(
                                        t.material().anneals()
                                                ? Say.it("tube-flares.take-annealed-tube-type")
                                                : Say.it("tube-flares.take-tube-that-sold")))));
    }
}
