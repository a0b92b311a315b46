package mellowflare.cli.tube;

import java.util.List;
import mellowflare.cli.command.KindInCli;

/** Tube lines on the command line. */
public final class TubeInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new TubeCommand(), new FlareCommand());
    }
}
