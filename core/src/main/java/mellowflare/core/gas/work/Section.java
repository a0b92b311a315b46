package mellowflare.core.gas.work;

import java.util.Optional;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;

/**
 * One stretch as the methods see it.
 *
 * @param run the stretch with its size
 * @param fittings what its fittings take, as length
 * @param flow in the worst case
 * @param load the same as heat
 * @param byLongest what it may carry by the longest-length method; empty in a loop, and where no drop is allowed yet
 * @param byBranch what it may carry by the branch-length method
 * @param byEquation drop by the code's equation
 * @param byDarcy drop by Darcy's law
 * @param metresPerSecond speed (m/s)
 */
public record Section(
        GasRun run,
        Length fittings,
        GasFlow flow,
        Power load,
        Optional<GasFlow> byLongest,
        Optional<GasFlow> byBranch,
        PressureDifference byEquation,
        PressureDifference byDarcy,
        double metresPerSecond) {
    public String name() {
        return run.name();
    }

    /** Whether it carries more than the longest-length method allows. */
    public boolean overLongest() {
        return byLongest.filter(c -> flow.compareTo(c) > 0).isPresent();
    }
}
