package mellowflare.core.gas.net;

import java.util.Optional;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;

/**
 * The sizing equations of NFPA 54 (6.4; IFGC 402.4). Low pressure, inlet below 1.5 psi: D = Q^0.381 / (19.17 (dH / (Cr L))^0.206). From 1.5 psi up:
 * D = Q^0.381 / (18.93 ((P1^2 - P2^2) Y / (Cr L))^0.206). D inside (in), Q (ft3/h), L with fittings (ft), dH (in WC), P (psi absolute).
 */
public final class SizingEquation {
    /** Below this pressure at the inlet the low-pressure form holds (1.5 psi). */
    public static final GaugePressure LOW_BELOW = GaugePressure.ofBar(0.10342);

    private static final double FLOW_POWER = 0.381;
    private static final double HEAD_POWER = 0.206;
    private static final double LOW = 19.17;
    private static final double HIGH = 18.93;

    private SizingEquation() {}

    /** Drop that a flow takes at low pressure. */
    public static PressureDifference drop(Resistance gas, GasFlow flow, Length length, Length bore) {
        double q = flow.cubicFeetPerHour();
        if (q == 0 || length.mm() == 0) {
            return PressureDifference.ofBar(0);
        }
        double head = Math.pow(Math.pow(q, FLOW_POWER) / (LOW * bore.inches()), 1 / HEAD_POWER);
        return PressureDifference.ofInchesOfWater(head * gas.cr() * feet(length));
    }

    /** Flow at low pressure that a drop allows. */
    public static GasFlow capacity(Resistance gas, PressureDifference drop, Length length, Length bore) {
        double head = Math.max(0, drop.inchesOfWater()) / (gas.cr() * feet(length));
        return GasFlow.ofCubicFeetPerHour(Math.pow(LOW * bore.inches() * Math.pow(head, HEAD_POWER), 1 / FLOW_POWER));
    }

    /** Least bore at low pressure. */
    public static Length bore(Resistance gas, GasFlow flow, PressureDifference drop, Length length) {
        double head = drop.inchesOfWater() / (gas.cr() * feet(length));
        return Length.ofInches(Math.pow(flow.cubicFeetPerHour(), FLOW_POWER) / (LOW * Math.pow(head, HEAD_POWER)));
    }

    /**
     * Pressure at the far end by the high-pressure form.
     *
     * @return empty where the flow does not come through, or no table has Y of the gas
     */
    public static Optional<AbsolutePressure> farEnd(
            Resistance gas, GasFlow flow, AbsolutePressure from, Length length, Length bore) {
        if (gas.y().isEmpty()) {
            return Optional.empty();
        }
        double head = Math.pow(Math.pow(flow.cubicFeetPerHour(), FLOW_POWER) / (HIGH * bore.inches()), 1 / HEAD_POWER);
        double square =
                psi(from) * psi(from) - head * gas.cr() * feet(length) / gas.y().get();
        return square > 0 ? Optional.of(ofPsi(Math.sqrt(square))) : Optional.empty();
    }

    /**
     * Flow by the high-pressure form.
     *
     * @return empty where no table has Y of the gas, or the far end is not lower
     */
    public static Optional<GasFlow> capacity(
            Resistance gas, AbsolutePressure from, AbsolutePressure to, Length length, Length bore) {
        return head(gas, from, to, length)
                .map(h -> GasFlow.ofCubicFeetPerHour(
                        Math.pow(HIGH * bore.inches() * Math.pow(h, HEAD_POWER), 1 / FLOW_POWER)));
    }

    /**
     * Least bore by the high-pressure form.
     *
     * @return empty where no table has Y of the gas, or the far end is not lower
     */
    public static Optional<Length> bore(
            Resistance gas, GasFlow flow, AbsolutePressure from, AbsolutePressure to, Length length) {
        return head(gas, from, to, length)
                .map(h -> Length.ofInches(
                        Math.pow(flow.cubicFeetPerHour(), FLOW_POWER) / (HIGH * Math.pow(h, HEAD_POWER))));
    }

    private static Optional<Double> head(Resistance gas, AbsolutePressure from, AbsolutePressure to, Length length) {
        double squares = psi(from) * psi(from) - psi(to) * psi(to);
        return squares > 0 ? gas.y().map(y -> squares * y / (gas.cr() * feet(length))) : Optional.empty();
    }

    private static double feet(Length length) {
        return length.inches() / 12;
    }

    private static double psi(AbsolutePressure p) {
        return GaugePressure.ofBar(p.bar()).psi();
    }

    private static AbsolutePressure ofPsi(double psi) {
        return AbsolutePressure.ofBar(psi / GaugePressure.ofBar(1).psi());
    }
}
