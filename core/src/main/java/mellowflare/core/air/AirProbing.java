package mellowflare.core.air;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.advice.Figure;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.demand.Scenario;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.line.Probing;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/** A main of compressed air in which pressures are read. */
record AirProbing(AirCase c) implements Probing {
    private Map<String, Scenario.Choice> choices() {
        Map<String, Scenario.Choice> all = new LinkedHashMap<>();
        c.choices()
                .values()
                .forEach(list -> list.forEach(
                        x -> all.put(Say.it("air-probing.runs", "tool", x.tool().name(), "outlet", x.outlet()), x)));
        return all;
    }

    @Override
    public List<String> consumers() {
        return List.copyOf(choices().keySet());
    }

    @Override
    public Probed with(Set<String> running) {
        List<Scenario.Choice> chosen = new ArrayList<>();
        choices().forEach((name, choice) -> {
            if (running.contains(name)) {
                chosen.add(choice);
            }
        });
        double fed = c.feeds().values().stream()
                .map(Compressor::delivers)
                .mapToDouble(FreeAir::kgPerSecond)
                .sum();
        return AirProbed.of(c.network(Scenario.of(chosen)), MassFlow.ofKgPerSecond(fed));
    }

    @Override
    public Figure pressure(GaugePressure pressure) {
        // As fine as a gauge is read.
        return Figure.of(PressureDifference.ofBar(pressure.bar()));
    }

    @Override
    public Figure lost(PressureDifference lost) {
        return Figure.of(lost);
    }

    @Override
    public String bare() {
        return "bar";
    }
}
