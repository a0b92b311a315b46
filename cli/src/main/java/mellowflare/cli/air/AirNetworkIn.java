package mellowflare.cli.air;

import java.util.Optional;
import mellowflare.cli.command.NetworkIn;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.air.AirMainKind;
import mellowflare.core.air.AirProbed;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.flow.network.Network;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.reference.ReferenceData;

/** A network as {@code air} reads it, in which pressures were read. */
final class AirNetworkIn implements NetworkIn {
    /** More than this leaks nowhere, when little is taken. */
    private static final MassFlow LEAST = FreeAir.ofLitresPerMinute(1000).mass();

    @Override
    public String what() {
        return AirMainKind.AIR.id().toString();
    }

    @Override
    public Probed of(Fields f, ReferenceData data) throws Refused {
        Network network = AirCommand.network(f, data);
        f.nothingElse();
        double taken = network.demands().stream()
                .mapToDouble(d -> d.flow().kgPerSecond())
                .sum();
        return AirProbed.of(network, MassFlow.ofKgPerSecond(Math.max(taken, LEAST.kgPerSecond())));
    }

    @Override
    public Optional<GaugePressure> pressure(Fields f, String place) throws Refused {
        return f.pressure(place);
    }
}
