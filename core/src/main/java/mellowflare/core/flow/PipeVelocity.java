package mellowflare.core.flow;

import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.Length;

/** Mean speed of a liquid in a round bore: v = Q / (pi d^2 / 4). */
public final class PipeVelocity {
    private PipeVelocity() {}

    /**
     * @param flow volume flow
     * @param bore inside diameter, above zero
     * @return mean speed (m/s)
     */
    public static double metresPerSecond(FlowRate flow, Length bore) {
        double cubicMetresPerSecond = flow.litresPerMinute() / 60_000;
        double metres = bore.mm() / 1000;
        return cubicMetresPerSecond / (Math.PI * metres * metres / 4);
    }
}
