package mellowflare.cli.air;

import java.util.List;
import java.util.Optional;
import mellowflare.cli.command.KindInCli;
import mellowflare.cli.command.NetworkIn;

/** Air mains on the command line. */
public final class AirInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new AirCommand());
    }

    @Override
    public Optional<NetworkIn> network() {
        return Optional.of(new AirNetworkIn());
    }
}
