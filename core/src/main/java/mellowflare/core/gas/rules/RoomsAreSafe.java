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
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.line.GasSite;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.gas.work.Inlet;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.Power;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Where gas burns: fumes, air, sleepers, detectors. */
final class RoomsAreSafe implements Rule<GasCase> {
    private static final RuleText SLEEP = new RuleText(
            "gas.sleeping",
            Severity.WARN,
            "{appliance} is not vented, and people sleep in its room.",
            "No unvented appliance burns where people sleep.",
            "as answered",
            "Use one with a flue or a sealed room, or put it elsewhere. Carbon monoxide has no smell.",
            new Source("NFPA 54 10.22; local code", Confidence.SURE));

    private static final RuleText AIR = new RuleText(
            "gas.openings",
            Severity.WARN,
            "The openings for air are {have}; unvented appliances of {load} need {need}.",
            "The openings for air are {have}; unvented appliances of {load} need {need}.",
            "one opening outside: 1 in² for each 3000 Btu/h",
            "Make larger openings that cannot be closed, high and low.",
            new Source("NFPA 54 9.3.3.2", Confidence.TYPICAL));

    private static final RuleText GAS = new RuleText(
            "gas.detector",
            Severity.WARN,
            "There is no gas detector.",
            "A gas detector is there.",
            "{where}",
            "Fit one, and press its test button before the work begins.",
            Source.house("detectors"));

    private static final RuleText CO = new RuleText(
            "gas.co-detector",
            Severity.WARN,
            "There is no carbon monoxide detector.",
            "A carbon monoxide detector is there.",
            "wherever gas burns near people",
            "Fit one in the room and one where people sleep.",
            new Source("NFPA 54 annex; local code", Confidence.TYPICAL));

    @Override
    public List<Finding> check(GasCase c) {
        GasSite site = c.line().site();
        List<Finding> all = new ArrayList<>();
        List<Inlet> unsaid = c.inlets().stream()
                .filter(i -> i.appliance().vented().isEmpty())
                .toList();
        List<Inlet> open = c.inlets().stream()
                .filter(i -> i.appliance().vented().filter(v -> !v).isPresent())
                .toList();
        if (!unsaid.isEmpty()) {
            all.add(Finding.notChecked(
                    SLEEP, Subject.ROOM, GasNeeds.vented(unsaid.get(0).name())));
        }
        if (!open.isEmpty()) {
            if (site.sleeping().isEmpty()) {
                all.add(Finding.notChecked(SLEEP, Subject.ROOM, GasNeeds.SLEEPING));
            } else {
                open.forEach(i -> all.add(Finding.of(
                        !site.sleeping().get(), SLEEP, Subject.ROOM, Map.of("appliance", Figure.of(i.name())))));
            }
            openings(site, open, all);
        }
        String where = c.gas().filter(FuelGas::sinks).isPresent()
                ? Say.it("rooms-are-safe.low")
                : Say.it("rooms-are-safe.high");
        all.add(site.gasDetector()
                .map(d -> Finding.of(d, GAS, Subject.ROOM, Map.of("where", Figure.of(where))))
                .orElseGet(() -> Finding.notChecked(GAS, Subject.ROOM, GasNeeds.DETECTOR)));
        all.add(site.coDetector()
                .map(d -> Finding.of(d, CO, Subject.ROOM, Map.of()))
                .orElseGet(() -> Finding.notChecked(CO, Subject.ROOM, GasNeeds.CO_DETECTOR)));
        return all;
    }

    private static void openings(GasSite site, List<Inlet> open, List<Finding> all) {
        Power load = open.stream().flatMap(i -> i.input().stream()).reduce(Power.ofKilowatts(0), Power::plus);
        if (site.openings().isEmpty()) {
            all.add(Finding.notChecked(AIR, Subject.ROOM, GasNeeds.OPENINGS));
            return;
        }
        Area need = Area.ofSquareInches(load.btuPerHour() / 3000);
        all.add(Finding.of(
                site.openings().get().compareTo(need) >= 0,
                AIR,
                Subject.ROOM,
                Map.of(
                        "have", Figure.of(site.openings().get()),
                        "need", Figure.of(need),
                        "load", Figure.of(load))));
    }
}
