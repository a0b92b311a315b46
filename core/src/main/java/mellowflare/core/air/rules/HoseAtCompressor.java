package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** A compressor never meets fixed pipe without a hose. */
final class HoseAtCompressor implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.hose",
            Severity.WARN,
            "At {piece} the compressor is joined to rigid pipe: it shakes, and the pipe cracks.",
            "Every compressor is joined to the pipe by a hose.",
            "first piece of the layout",
            "Start with a hose of at least half a metre, in the bore of the pipe, without a kink.",
            new Source("trade practice: a compressor always meets fixed pipe through a hose", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.walked().runs().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.COMPRESSOR, AirNeeds.WALK));
        }
        List<Finding> all = c.joints().all().stream()
                .filter(j ->
                        j.spot().name().equals(AirWalk.START) || j.spot().feed().isPresent())
                .filter(j -> !j.flexible())
                .map(j -> Finding.fail(
                        TEXT,
                        Subject.COMPRESSOR,
                        Map.of("piece", Figure.of(j.spot().name()))))
                .toList();
        return all.isEmpty() ? List.of(Finding.pass(TEXT, Subject.COMPRESSOR, Map.of())) : all;
    }
}
