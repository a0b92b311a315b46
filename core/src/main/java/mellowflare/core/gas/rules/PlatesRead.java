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
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasFamily;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Inputs that are guessed, and appliances set for another gas. */
final class PlatesRead implements Rule<GasCase> {
    private static final RuleText USUAL = new RuleText(
            "gas.plate",
            Severity.WARN,
            "{appliance} is counted with a usual {input}: its plate was not read.",
            "{appliance} is counted with its plate: {input}.",
            "the highest setting on the rating plate",
            "Read the plate, and enter its highest input.",
            new Source("NFPA 54 annex A: usual inputs", Confidence.TYPICAL));

    private static final RuleText GAS = new RuleText(
            "gas.wrong-gas",
            Severity.STOP,
            "{appliance} is set for {its}, and {gas} runs in the line.",
            "{appliance} is set for {gas}.",
            "marking beside the burner, and the plate",
            "Have it converted by someone who may, with the maker's jets and regulator, or use another appliance.",
            new Source("EN 437: one gas family for each setting", Confidence.SURE));

    @Override
    public List<Finding> check(GasCase c) {
        List<Finding> all = new ArrayList<>();
        for (Inlet i : c.inlets()) {
            i.input()
                    .ifPresent(p -> all.add(Finding.of(
                            i.appliance().plate().input().isPresent(),
                            USUAL,
                            Subject.INLETS,
                            Map.of("appliance", Figure.of(i.name()), "input", Figure.of(p)))));
            Optional<FuelGas> its = i.appliance()
                    .plate()
                    .gas()
                    .flatMap(g -> c.data().get(GasTable.KEY).find(g));
            if (its.isPresent() && c.gas().isPresent()) {
                GasFamily set = its.get().family();
                GasFamily runs = c.gas().get().family();
                boolean same = set == runs
                        || set.liquid() && runs == GasFamily.MIXED
                        || runs.liquid() && set == GasFamily.MIXED;
                all.add(Finding.of(
                        same,
                        GAS,
                        Subject.INLETS,
                        Map.of(
                                "appliance", Figure.of(i.name()),
                                "its", Figure.of(set.word()),
                                "gas", Figure.of(runs.word()))));
            }
        }
        return all;
    }
}
