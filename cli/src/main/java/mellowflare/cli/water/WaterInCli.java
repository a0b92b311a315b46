package mellowflare.cli.water;

import java.util.List;
import mellowflare.cli.command.KindInCli;

/** Water points on the command line. */
public final class WaterInCli implements KindInCli {
    @Override
    public List<Object> commands() {
        return List.of(new WaterCommand());
    }
}
