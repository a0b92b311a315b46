package mellowflare.cli;

import java.util.List;
import mellowflare.cli.air.AirInCli;
import mellowflare.cli.command.KindInCli;
import mellowflare.cli.gas.GasInCli;
import mellowflare.cli.hose.HoseInCli;
import mellowflare.cli.pipe.PipeInCli;
import mellowflare.cli.tube.TubeInCli;
import mellowflare.cli.water.WaterInCli;

/** The kinds of line that have commands of their own: one line each. */
final class CliKinds {
    static final List<KindInCli> ALL = List.of(
            new HoseInCli(), new TubeInCli(), new PipeInCli(), new GasInCli(), new WaterInCli(), new AirInCli());

    private CliKinds() {}
}
