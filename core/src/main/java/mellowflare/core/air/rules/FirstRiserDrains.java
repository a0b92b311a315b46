package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Walked;

/** The first riser has a drip leg at its foot. */
final class FirstRiserDrains implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.riser",
            Severity.WARN,
            "The first riser, “{piece}”, has no drip leg at its foot: water from the hot air runs back to the compressor.",
            "The first riser drains at its foot.",
            "first vertical piece of the layout",
            "Fit a tee at the foot of the riser, with a leg and a drain valve below it.",
            new Source("trade practice: hot wet air meets a drip leg first", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        Optional<Walked.Run> riser = c.walked().runs().stream()
                .filter(r -> r.kind() == Walked.Kind.MAIN
                        && r.way().filter(w -> w.z() > 0.5).isPresent())
                .findFirst();
        if (riser.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.WATER, AirNeeds.RISER));
        }
        boolean leg = c.joints().meeting(riser.get().from()).stream().anyMatch(r -> r.kind() == Walked.Kind.LEG);
        return List.of(Finding.of(
                leg, TEXT, Subject.WATER, Map.of("piece", Figure.of(riser.get().name()))));
    }
}
