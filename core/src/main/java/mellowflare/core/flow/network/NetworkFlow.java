package mellowflare.core.flow.network;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/**
 * How a medium runs through a network.
 *
 * @param nodes every place that a supply reaches, by name
 * @param pipes every pipe that a supply reaches, in the network's order
 * @param troubles what is wrong, at which piece
 * @param imbalance largest difference between what flows to a place and from it, over all that flows
 * @param rounds how often the pressures were solved for
 */
public record NetworkFlow(
        Map<String, AtNode> nodes, List<InPipe> pipes, List<Network.Trouble> troubles, double imbalance, int rounds) {
    public NetworkFlow {
        nodes = Map.copyOf(nodes);
        pipes = List.copyOf(pipes);
        troubles = List.copyOf(troubles);
    }

    /**
     * At a place.
     *
     * @param pressure that stands there
     * @param asked what is asked to be taken there
     * @param taken what can be taken there
     * @param fed what a supply gives there; zero elsewhere
     */
    public record AtNode(String name, AbsolutePressure pressure, MassFlow asked, MassFlow taken, MassFlow fed) {}

    /**
     * In a pipe.
     *
     * @param pipe which one
     * @param forward whether it runs from its first place to its second
     * @param flow how much
     * @param metresPerSecond speed at the end where it is fastest (m/s)
     * @param drop pressure lost
     * @param mach that speed over the speed of sound
     * @param share of the pressure at its head that is lost in it
     * @param reynolds Reynolds' number
     * @param beyondTheLaw whether the law that was used leaves its range here
     */
    public record InPipe(
            Network.Pipe pipe,
            boolean forward,
            MassFlow flow,
            double metresPerSecond,
            PressureDifference drop,
            double mach,
            double share,
            double reynolds,
            boolean beyondTheLaw) {}

    public Optional<AtNode> node(String name) {
        return Optional.ofNullable(nodes.get(name));
    }

    public Optional<InPipe> pipe(String name) {
        return pipes.stream().filter(p -> p.pipe().name().equals(name)).findFirst();
    }

    /** The place with the least pressure at which something is asked. */
    public Optional<AtNode> worstNode() {
        return nodes.values().stream()
                .filter(n -> n.asked().kgPerSecond() > 0)
                .min(Comparator.comparing(AtNode::pressure).thenComparing(AtNode::name));
    }

    /** The pipe that loses most for its length. */
    public Optional<InPipe> worstPipe() {
        return pipes.stream()
                .filter(p -> p.pipe().length().mm() > 0)
                .max(Comparator.comparingDouble(
                                (InPipe p) -> p.drop().bar() / p.pipe().length().mm())
                        .thenComparing(p -> p.pipe().name()));
    }
}
