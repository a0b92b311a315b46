package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.layout.Marking;
import mellowflare.core.gas.line.GasSource;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Which stage of pressure feeds which kind of inlet. */
final class StageFits implements Rule<GasCase> {
    private static final RuleText RAW = new RuleText(
            "gas.raw",
            Severity.STOP,
            "Cylinder pressure would reach {appliance}: no regulator stands before it.",
            "A regulator stands before {appliance}.",
            "inlet: {marking}",
            "Fit a regulator at the source, or one before this appliance. A burner fed with cylinder pressure throws a long flame.",
            new Source("NFPA 58; EN 16129", Confidence.SURE));

    static final RuleText OWN = new RuleText(
            "gas.own-regulator",
            Severity.WARN,
            "{appliance} has its own regulator and would starve on {stage}: it is made for a higher pressure.",
            "{appliance} has its own regulator and is fed with {stage}.",
            "two regulators in a row at low pressure each take their share",
            "Read its plate for the least pressure; then feed it from the higher stage, or have its regulator taken out as its maker says.",
            Source.house("two regulators in a row"));

    static final RuleText KNOWN = new RuleText(
            "gas.inlet-known",
            Severity.WARN,
            "Nobody has read what pressure {appliance} is made for.",
            "The inlet of {appliance} is known: {marking}.",
            "regulated, or with its own regulator",
            "Read the marking at the inlet and the rating plate before anything is connected.",
            Source.house("the rating plate decides"));

    /** At or below this, a regulator of an appliance gets what another one has let through already. */
    static final GaugePressure LOW = GaugePressure.ofMillibar(70);

    @Override
    public List<Finding> check(GasCase c) {
        if (c.inlets().isEmpty()) {
            return List.of(Finding.notChecked(KNOWN, Subject.INLETS, GasNeeds.APPLIANCE));
        }
        List<Finding> all = new ArrayList<>();
        for (Inlet i : c.inlets()) {
            Marking m = i.appliance().plate().marking();
            Map<String, Figure> figures = Map.of("appliance", Figure.of(i.name()), "marking", Figure.of(m.word()));
            all.add(Finding.of(m != Marking.UNKNOWN, KNOWN, Subject.INLETS, figures));
            if (c.line().source().feed() != GasSource.Feed.UNSAID && m != Marking.OWN_REGULATOR) {
                all.add(Finding.of(i.regulated(), RAW, Subject.INLETS, figures));
            }
            if (m == Marking.OWN_REGULATOR && i.stage().isPresent()) {
                boolean low = i.stage().get().compareTo(LOW) <= 0
                        && i.appliance().plate().least().isEmpty();
                all.add(Finding.of(
                        !low,
                        OWN,
                        Subject.INLETS,
                        Map.of(
                                "appliance",
                                Figure.of(i.name()),
                                "stage",
                                new Figure.OfGasPressure(i.stage().get()))));
            }
        }
        return all;
    }
}
