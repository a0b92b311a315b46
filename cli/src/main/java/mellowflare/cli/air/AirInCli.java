package mellowflare.cli.air;

import java.util.List;
import mellowflare.cli.command.KindInCli;

/** Air mains on the command line. */
public final class AirInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new AirCommand());
    }
}
