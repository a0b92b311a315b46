package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Temperature;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** The fluid must stay within the hose and liner range. */
final class TemperatureRange implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.temperature",
            Severity.STOP,
            "{fluid} at {temperature} is outside the range of {hose}: {coldest} to {hottest}.",
            "{temperature} is within the range of {hose}: {coldest} to {hottest}.",
            "{temperature} against {coldest} to {hottest}",
            "Use a hose for this temperature, or cool the line.",
            Source.of("SAE J517"));
    private static final RuleText AIR = new RuleText(
            "hose.surroundings",
            Severity.WARN,
            "Ambient {temperature} is outside the range of {hose}: {coldest} to {hottest}.",
            "Ambient {temperature} is within the range of {hose}: {coldest} to {hottest}.",
            "{temperature} against {coldest} to {hottest}",
            "Sleeve or shield it, route it away from the heat, or use a hose for this temperature.",
            Source.of("SAE J1273"));

    @Override
    public List<Finding> check(HoseCase c) {
        return List.of(
                check(c, TEXT, c.service().fluidTemperature(), Needs.HOTTEST),
                check(c, AIR, c.service().ambient().air(), Needs.AMBIENT));
    }

    private static Finding check(HoseCase c, RuleText text, Optional<Temperature> temperature, Need need) {
        if (c.hose().isEmpty() || temperature.isEmpty()) {
            return Finding.notChecked(text, Subject.HOSE, c.hose().isEmpty() ? HoseNeeds.HOSE : need);
        }
        HosePart hose = c.hose().get();
        Temperature t = temperature.get();
        return Finding.of(
                t.compareTo(hose.coldest()) >= 0 && t.compareTo(hose.hottest()) <= 0,
                text,
                Subject.HOSE,
                Map.of(
                        "fluid", Figure.of(c.fluid().map(f -> f.name()).orElse(Say.it("temperature-range.fluid"))),
                        "temperature", Figure.of(t),
                        "coldest", Figure.of(hose.coldest()),
                        "hottest", Figure.of(hose.hottest()),
                        "hose", Figure.of(hose.part())));
    }
}
