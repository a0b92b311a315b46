package mellowflare.core.gas.net;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;

/**
 * How gas runs through a network.
 *
 * @param nodes pressure at every place that gas reaches, in the order of the pipes
 * @param pipes what runs in every pipe that gas reaches, in the network's order
 * @param stages of every such place the regulator that it lies behind; empty for the stage of the source
 * @param regulators what each regulator passes, and the pressure before it
 * @param troubles what is wrong, at which piece
 */
public record GasFlows(
        Map<String, GaugePressure> nodes,
        Map<String, Optional<GasNet.Reduce>> stages,
        List<InPipe> pipes,
        List<AtRegulator> regulators,
        List<GasTrouble> troubles) {
    public GasFlows {
        nodes = Collections.unmodifiableMap(new LinkedHashMap<>(nodes));
        stages = Map.copyOf(stages);
        pipes = List.copyOf(pipes);
        regulators = List.copyOf(regulators);
        troubles = List.copyOf(troubles);
    }

    /**
     * In a pipe.
     *
     * @param forward whether it runs from its first place to its second
     * @param flow how much
     * @param drop lost by friction; height is not in it
     * @param metresPerSecond speed at the lower pressure (m/s)
     * @param reynolds Reynolds' number
     */
    public record InPipe(
            GasNet.Pipe pipe,
            boolean forward,
            GasFlow flow,
            PressureDifference drop,
            double metresPerSecond,
            double reynolds) {}

    /** At a regulator. */
    public record AtRegulator(GasNet.Reduce regulator, GasFlow flow, GaugePressure before, GaugePressure behind) {}

    public Optional<GaugePressure> at(String node) {
        return Optional.ofNullable(nodes.get(node));
    }

    /** The regulator that a place lies behind; empty for the stage of the source, and where no gas comes. */
    public Optional<GasNet.Reduce> behind(String node) {
        return stages.getOrDefault(node, Optional.empty());
    }

    public Optional<InPipe> in(String pipe) {
        return pipes.stream().filter(p -> p.pipe().name().equals(pipe)).findFirst();
    }
}
