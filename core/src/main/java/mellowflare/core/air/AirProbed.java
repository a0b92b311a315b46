package mellowflare.core.air;

import mellowflare.core.advice.Figure;
import mellowflare.core.flow.fault.NetworkProbed;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.network.Network;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/** A network of compressed air in which pressures are read. */
public final class AirProbed {
    /** A gauge of class 1.6 up to 10 bar, needle read to a fifth of a mark (house figure). */
    private static final PressureDifference GAUGE = PressureDifference.ofBar(0.05);

    private AirProbed() {}

    /**
     * @param network with what runs in it
     * @param fed all that it is fed: more leaks nowhere
     */
    public static Probed of(Network network, MassFlow fed) {
        return new NetworkProbed(network, fed, GAUGE, m -> Figure.of(FreeAir.of(m, AirReference.ISO1217)));
    }
}
