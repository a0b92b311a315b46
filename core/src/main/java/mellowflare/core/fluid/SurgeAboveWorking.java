package mellowflare.core.fluid;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;

/** A surge rises above the working pressure; where it is said to be lower, one of the two figures is a slip, and the line may be built for the wrong one. */
public final class SurgeAboveWorking {
    private static final RuleText TEXT = new RuleText(
            "line.surge-above-working",
            Severity.WARN,
            "The highest surge, {peak}, is below the working pressure, {working}: one of them is wrong.",
            "The highest surge, {peak}, is not below the working pressure, {working}.",
            "{peak} against {working}",
            "Check both; the line is held to the higher one until then.",
            Source.house("a surge comes on top of the working pressure"));

    private SurgeAboveWorking() {}

    /** The finding on the two; none while one of them is not said. */
    public static List<Finding> check(Service service) {
        return service
                .working()
                .flatMap(w -> service.peak()
                        .map(p -> Finding.of(
                                p.compareTo(w) >= 0,
                                TEXT,
                                Subject.SERVICE,
                                Map.of("peak", Figure.of(p), "working", Figure.of(w)))))
                .stream()
                .toList();
    }
}
