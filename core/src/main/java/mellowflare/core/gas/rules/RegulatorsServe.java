package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.net.GasFlows;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Power;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Every regulator: its gas, what it passes, what stands before it, and what happens if it fails. */
final class RegulatorsServe implements Rule<GasCase> {
    private static final RuleText CAPACITY = new RuleText(
            "gas.regulator",
            Severity.WARN,
            "Regulator {regulator} is too small: {load} burns behind it, and it passes {capacity}.",
            "Regulator {regulator} passes {capacity}; {load} burns behind it.",
            "all that burns behind it at once",
            "Take a larger regulator; this one lets the pressure fall for all.",
            new Source("the regulator's plate", Confidence.TYPICAL));

    private static final RuleText GAS = new RuleText(
            "gas.regulator-gas",
            Severity.STOP,
            "Regulator {regulator} is for {its}, and {gas} runs in the line.",
            "Regulator {regulator} is for {gas}.",
            "marking on the regulator",
            "Take a regulator for this gas.",
            new Source("the regulator's plate", Confidence.SURE));

    private static final RuleText HIGH = new RuleText(
            "gas.regulator-high",
            Severity.STOP,
            "{before} can stand before regulator {regulator}; it is rated to {most}.",
            "At most {before} can stand before regulator {regulator}; it is rated to {most}.",
            "the stage before it at rest, cylinders at 40 °C",
            "Put a first-stage regulator before it, or take one that is rated for it.",
            new Source("the regulator's plate", Confidence.SURE));

    private static final RuleText LOW = new RuleText(
            "gas.regulator-low",
            Severity.WARN,
            "Regulator {regulator} gets {before}; it needs {least} before it.",
            "Regulator {regulator} gets {before}; it needs {least} before it.",
            "the network in the worst case",
            "Raise the stage before it, or lay larger pipe to it.",
            new Source("the regulator's plate", Confidence.TYPICAL));

    private static final RuleText GUARD = new RuleText(
            "gas.regulator-guard",
            Severity.WARN,
            "If regulator {regulator} fails, nothing keeps the pressure behind it from rising.",
            "If regulator {regulator} fails, its {guard} keeps the pressure down.",
            "pressure before it: {before}",
            "Take a regulator with relief, shut-off or a second stage.",
            new Source("NFPA 58; EN 16129", Confidence.TYPICAL));

    private static final RuleText KNOWN = new RuleText(
            "gas.regulator-known",
            Severity.STOP,
            "Regulator “{regulator}” is not in the house list.",
            "Every regulator is in the house list.",
            "the list of regulators",
            "Choose one of the list, or add yours to it.",
            Source.house("the list of regulators"));

    @Override
    public List<Finding> check(GasCase c) {
        List<Finding> all = new ArrayList<>();
        c.line().source().regulator().ifPresent(id -> {
            if (c.sourceRegulator().isEmpty()) {
                all.add(Finding.fail(KNOWN, Subject.SOURCE, Map.of("regulator", Figure.of(id))));
            }
        });
        c.sourceRegulator().ifPresent(r -> {
            plate(c, r, r.name(), Optional.of(c.load()).filter(p -> c.flows().isPresent()), all);
            c.atRest().ifPresent(before -> rest(r, r.name(), before, all));
        });
        c.walk().reduces().forEach(x -> {
            Optional<Regulator> r = c.stock().regulator(x.piece().regulator());
            String name = x.piece().name();
            if (r.isEmpty()) {
                all.add(Finding.fail(
                        KNOWN,
                        Subject.GAS_LAYOUT,
                        Map.of("regulator", Figure.of(x.piece().regulator()))));
                return;
            }
            Optional<GasFlows.AtRegulator> at = c.flows()
                    .flatMap(f -> f.regulators().stream()
                            .filter(y -> y.regulator().name().equals(name))
                            .findFirst());
            plate(c, r.get(), name, at.flatMap(y -> c.gas().map(g -> g.power(y.flow(), c.basis()))), all);
            c.stageBefore(name).ifPresent(before -> rest(r.get(), name, before, all));
            at.ifPresent(y -> all.add(Finding.of(
                    y.before().compareTo(r.get().leastIn()) >= 0,
                    LOW,
                    Subject.GAS_LAYOUT,
                    Map.of(
                            "regulator", Figure.of(name),
                            "before", new Figure.OfGasPressure(y.before()),
                            "least", new Figure.OfGasPressure(r.get().leastIn())))));
        });
        return all;
    }

    private static void plate(GasCase c, Regulator r, String name, Optional<Power> load, List<Finding> all) {
        c.gas()
                .ifPresent(g -> all.add(Finding.of(
                        r.takes(g.family()),
                        GAS,
                        Subject.SOURCE,
                        Map.of(
                                "regulator", Figure.of(name),
                                "its", Figure.of(r.family().word()),
                                "gas", Figure.of(g.family().word())))));
        load.ifPresent(p -> all.add(Finding.of(
                p.compareTo(r.capacity()) <= 0,
                CAPACITY,
                Subject.SOURCE,
                Map.of(
                        "regulator", Figure.of(name),
                        "load", Figure.of(p),
                        "capacity", Figure.of(r.capacity())))));
    }

    private static void rest(Regulator r, String name, GaugePressure before, List<Finding> all) {
        all.add(Finding.of(
                before.compareTo(r.mostIn()) <= 0,
                HIGH,
                Subject.SOURCE,
                Map.of(
                        "regulator", Figure.of(name),
                        "before", new Figure.OfGasPressure(before),
                        "most", new Figure.OfGasPressure(r.mostIn()))));
        all.add(Finding.of(
                r.guard() != Regulator.Guard.NONE,
                GUARD,
                Subject.SOURCE,
                Map.of(
                        "regulator", Figure.of(name),
                        "guard", Figure.of(r.guard().word()),
                        "before", new Figure.OfGasPressure(before))));
    }
}
