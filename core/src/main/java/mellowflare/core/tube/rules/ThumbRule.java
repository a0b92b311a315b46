package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;

/** A fixed rule of thumb is a method; where the geometry disagrees it says so. */
final class ThumbRule implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "flare.thumb",
            Severity.WARN,
            "The rule of thumb gives {thumb} of stick-out; the flare bench gives {middle} for this tube and tool.",
            "The rule of thumb and the flare bench agree: {thumb} and {middle}.",
            "{apart} apart",
            "Set {middle}, or try the rule of thumb on scrap and measure the flare.",
            Source.house("the outer surface keeps its length on the cone"));
    private static final double AGREES_MM = 0.25;

    @Override
    public List<Finding> check(TubeCase c) {
        if (!c.method(MethodTopic.FLARE_STICK_OUT).is("thumb")) {
            return List.of();
        }
        return c.sides().stream()
                .filter(s -> s.middle().isPresent() && s.end().stickOut().isEmpty())
                .map(s -> {
                    Length thumb = s.stickOut().orElseThrow();
                    Length apart = thumb.distanceTo(s.middle().get());
                    return Finding.of(
                            apart.mm() <= AGREES_MM,
                            TEXT,
                            s.which().tubeEnd(),
                            Map.of(
                                    "thumb", Figure.of(thumb),
                                    "middle", Figure.of(s.middle().get()),
                                    "apart", Figure.of(apart)));
                })
                .toList();
    }
}
