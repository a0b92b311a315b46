package mellowflare.cli.gas;

import java.util.List;
import mellowflare.cli.command.KindInCli;

/** Gas lines on the command line. */
public final class GasInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new GasCommand());
    }
}
