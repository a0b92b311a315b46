package mellowflare.cli.pipe;

import java.util.List;
import mellowflare.cli.command.KindInCli;

/** Rigid pipe on the command line. */
public final class PipeInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new OffsetCommand(), new RunCommand(), new MakeUpCommand());
    }
}
