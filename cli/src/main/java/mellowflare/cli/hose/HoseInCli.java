package mellowflare.cli.hose;

import java.util.List;
import mellowflare.cli.command.KindInCli;

/** Hose lines on the command line. */
public final class HoseInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new RouteCommand(), new HoseCommand());
    }

    @Override
    public List<Object> partsCommands() {
        return List.of(new BuildCommand());
    }
}
