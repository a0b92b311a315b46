package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.demand.Use;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** What leaks cost, and the harm in stored air. */
final class LeaksCost implements Rule<AirCase> {
    private static final RuleText COST = new RuleText(
            "air.leak-cost",
            Severity.NOTE,
            "",
            "Leaks of {share} lose {leak} and cost about {price} a year with the main always under pressure; shut off outside working hours they cost {shut}.",
            "{kwh} kWh per cubic metre of free air, {all} h a year or {hours} h of work, {each} per kilowatt-hour",
            "",
            new Source("energy of the house list of compressors", Confidence.TYPICAL));

    private static final RuleText HARM = new RuleText(
            "air.harm",
            Severity.NOTE,
            "",
            "A receiver and a main hold enough energy to kill. Isolate, lock, let the pressure off and prove it at a gauge before you open anything. Have relief valve and receiver inspected under the local rules for pressure vessels. Never point air at skin.",
            "stored energy",
            "",
            Source.of("ISO 4414; local rules for pressure vessels"));

    private static final double HOURS_A_YEAR = 365 * 24;

    @Override
    public List<Finding> check(AirCase c) {
        List<Finding> all = new ArrayList<>();
        all.add(Finding.pass(HARM, Subject.COMPRESSOR, Map.of()));
        if (c.compressor().isEmpty() || c.choices().isEmpty()) {
            all.add(Finding.notChecked(COST, Subject.MAIN, AirNeeds.COMPRESSOR, AirNeeds.tools(c)));
            return all;
        }
        Use u = c.main().use();
        Compressor k = c.compressor().get();
        FreeAir leak = c.need().mean().times(u.leak());
        double hours = u.hoursADay() * u.daysAYear();
        double anHour = leak.litresPerMinute() * 0.06 * k.kilowattHoursPerCubicMetre() * u.kilowattHour();
        all.add(Finding.pass(
                COST,
                Subject.MAIN,
                Map.of(
                        "share", new Figure.OfShare(u.leak()),
                        "leak", Figure.of(leak),
                        "price", Figure.of(LengthFormat.decimal(anHour * HOURS_A_YEAR, 0, 0)),
                        "shut", Figure.of(LengthFormat.decimal(anHour * hours, 0, 0)),
                        "all", Figure.of(LengthFormat.decimal(HOURS_A_YEAR, 0, 0)),
                        "kwh", Figure.of(LengthFormat.decimal(k.kilowattHoursPerCubicMetre(), 2, 0)),
                        "hours", Figure.of(LengthFormat.decimal(hours, 0, 0)),
                        "each", Figure.of(LengthFormat.decimal(u.kilowattHour(), 2, 2)))));
        return all;
    }
}
