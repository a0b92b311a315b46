package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** The fluid must stay within the hose and liner range. */
final class TemperatureRange implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.temperature",
            Severity.STOP,
            "{fluid} of {temperature} is outside the {coldest} to {hottest} of {hose}.",
            "{temperature} lies within the {coldest} to {hottest} of {hose}.",
            "{temperature} against {coldest} to {hottest}",
            "Take a hose for this temperature, or cool the line.",
            Source.of("SAE J517"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.hose().isEmpty() || c.service().fluidTemperature().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, c.hose().isEmpty() ? "hose" : "fluid temperature"));
        }
        HosePart hose = c.hose().get();
        var temperature = c.service().fluidTemperature().get();
        return List.of(Finding.of(
                temperature.compareTo(hose.coldest()) >= 0 && temperature.compareTo(hose.hottest()) <= 0,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "fluid", Figure.of(c.fluid().map(f -> f.name()).orElse("Fluid")),
                        "temperature", Figure.of(temperature),
                        "coldest", Figure.of(hose.coldest()),
                        "hottest", Figure.of(hose.hottest()),
                        "hose", Figure.of(hose.part()))));
    }
}
