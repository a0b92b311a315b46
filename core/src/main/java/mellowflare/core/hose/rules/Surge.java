package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Weakest;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.reference.Source;

/** Surges above the rating burst a hose in the end: they count like working pressure, as they do for tube. */
final class Surge implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.surge",
            Severity.STOP,
            "The surge pressure is too high for {part}: {peak}, rated to {limit}.",
            "{part} is rated to {limit}, enough for surges of {peak}.",
            "{peak} against {limit}",
            "Use a stronger hose or end, or damp the surge.",
            Source.of("SAE J1273"));

    @Override
    public List<Finding> check(HoseCase c) {
        Optional<Weakest> weakest = c.weakest();
        if (weakest.isEmpty() || c.service().peak().isEmpty()) {
            return List.of(
                    c.service().peak().isEmpty()
                            ? Finding.notChecked(TEXT, Subject.LINE, Needs.SURGE)
                            : Finding.notChecked(TEXT, Subject.LINE, Missing.parts(c)));
        }
        GaugePressure peak = c.service().peak().get();
        return List.of(Finding.of(
                peak.compareTo(weakest.get().limit()) <= 0,
                TEXT,
                Subject.LINE,
                Map.of(
                        "part", Figure.of(weakest.get().part()),
                        "limit", Figure.of(weakest.get().limit()),
                        "peak", Figure.of(peak))));
    }
}
