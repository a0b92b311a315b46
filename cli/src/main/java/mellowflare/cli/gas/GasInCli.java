package mellowflare.cli.gas;

import java.util.List;
import java.util.Optional;
import mellowflare.cli.command.KindInCli;
import mellowflare.cli.command.NetworkIn;

/** Gas lines on the command line. */
public final class GasInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new GasCommand());
    }

    @Override
    public Optional<NetworkIn> network() {
        return Optional.of(new GasNetworkIn());
    }
}
