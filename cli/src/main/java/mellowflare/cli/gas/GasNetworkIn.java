package mellowflare.cli.gas;

import java.util.Optional;
import mellowflare.cli.command.NetworkIn;
import mellowflare.cli.input.Fields;
import mellowflare.cli.input.Refused;
import mellowflare.core.flow.fault.Probed;
import mellowflare.core.gas.GasLineKind;
import mellowflare.core.gas.GasProbed;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.reference.ReferenceData;

/** A network as {@code gas} reads it, in which pressures were read. */
final class GasNetworkIn implements NetworkIn {
    @Override
    public String what() {
        return GasLineKind.GAS.id().toString();
    }

    @Override
    public Probed of(Fields f, ReferenceData data) throws Refused {
        Probed net = new GasProbed(new WholeNetwork(f, data).net());
        f.nothingElse();
        return net;
    }

    @Override
    public Optional<GaugePressure> pressure(Fields f, String place) throws Refused {
        return GasIn.pressure(f, place);
    }
}
