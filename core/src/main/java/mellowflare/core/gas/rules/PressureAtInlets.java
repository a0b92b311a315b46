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
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** The pressure that every appliance gets, against what it needs and is rated to. */
final class PressureAtInlets implements Rule<GasCase> {
    static final RuleText LEAST = new RuleText(
            "gas.inlet-pressure",
            Severity.STOP,
            "{appliance} gets {pressure}; it needs at least {least}.",
            "{appliance} gets {pressure} at the least; it needs {least}.",
            "{load} burning at once, friction by Darcy's law, height counted in",
            "Lay larger pipe on the way to it (see Sizes), or feed it on its own.",
            new Source("EN 437 or the rating plate", Confidence.SURE));

    private static final RuleText ADDED = new RuleText(
            "gas.added",
            Severity.STOP,
            "With what is new, {appliance} drops from {before} to {pressure}; it needs at least {least}.",
            "With what is new, {appliance} drops from {before} to {pressure}, which still serves.",
            "the network without and with what is new",
            "Lay larger pipe where both draw on it (see Sizes), or give the new appliance its own line.",
            new Source("EN 437 or the rating plate", Confidence.SURE));

    private static final RuleText GREATEST = new RuleText(
            "gas.inlet-greatest",
            Severity.STOP,
            "{appliance} can get {shut} when nothing burns; it is rated for {greatest}.",
            "{appliance} can get {shut} at most; it is rated for {greatest}.",
            "lock-up of the regulator before it",
            "Fit a regulator that locks up lower, or one more before this appliance.",
            new Source("EN 437 or the rating plate", Confidence.SURE));

    @Override
    public List<Finding> check(GasCase c) {
        if (c.inlets().isEmpty() || c.flows().isEmpty()) {
            return List.of(Finding.notChecked(LEAST, Subject.INLETS, GasNeeds.flowing(c)));
        }
        List<Finding> all = new ArrayList<>();
        for (Inlet i : c.inlets()) {
            if (i.pressure().isPresent()) {
                all.addAll(least(c, i));
            } else if (i.input().isEmpty()) {
                all.add(Finding.notChecked(LEAST, Subject.INLETS, GasNeeds.input(i.name())));
            }
            if (i.shut().isPresent()
                    && i.greatest().isPresent()
                    && i.appliance().plate().marking() != Marking.OWN_REGULATOR) {
                all.add(Finding.of(
                        i.shut().get().compareTo(i.greatest().get()) <= 0,
                        GREATEST,
                        Subject.INLETS,
                        Map.of(
                                "appliance", Figure.of(i.name()),
                                "shut", new Figure.OfGasPressure(i.shut().get()),
                                "greatest",
                                        new Figure.OfGasPressure(i.greatest().get()))));
            }
        }
        return all;
    }

    private static List<Finding> least(GasCase c, Inlet i) {
        if (i.least().isEmpty()) {
            return List.of(Finding.notChecked(LEAST, Subject.INLETS, GasNeeds.least(i.name())));
        }
        boolean holds = !i.shortOf();
        Figure pressure = new Figure.OfGasPressure(i.pressure().get());
        Figure least = new Figure.OfGasPressure(i.least().get());
        if (i.before().isPresent() && (holds || i.starvedByNew())) {
            return List.of(Finding.of(
                    holds,
                    ADDED,
                    Subject.INLETS,
                    Map.of(
                            "appliance",
                            Figure.of(i.name()),
                            "before",
                            new Figure.OfGasPressure(i.before().get()),
                            "pressure",
                            pressure,
                            "least",
                            least)));
        }
        return List.of(Finding.of(
                holds,
                LEAST,
                Subject.INLETS,
                Map.of(
                        "appliance",
                        Figure.of(i.name()),
                        "pressure",
                        pressure,
                        "least",
                        least,
                        "load",
                        Figure.of(c.load()))));
    }
}
