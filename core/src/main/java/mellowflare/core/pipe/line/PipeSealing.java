package mellowflare.core.pipe.line;

import java.util.Optional;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.sealing.MakeUp;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.thread.ThreadSeries;

/** The pipe thread of a line as an end of the tables, so that it is sealed and judged as every other joint is. */
public final class PipeSealing {
    private PipeSealing() {}

    /** The thread on the pipe; empty while neither pipe nor size is chosen. */
    public static Optional<End> end(PipeCase c) {
        return c.parts()
                .thread()
                .flatMap(t -> c.line()
                        .size()
                        .flatMap(
                                size -> c
                                        .data()
                                        .get(EndTable.KEY)
                                        .of(t == ThreadSeries.BSPT ? EndCode.BSPT : EndCode.NPT)
                                        .stream()
                                        .filter(e -> e.id().size().equals(size))
                                        .findFirst()));
    }

    /** How its threads are sealed. */
    public static Optional<SealAdvice> of(PipeCase c) {
        Optional<MakeUp.Material> material =
                MakeUp.Material.weaker(c.grade().map(g -> g.metal()), c.system().map(s -> s.metal()));
        return end(c).flatMap(e -> c.data()
                .get(Sealing.KEY)
                .advise(e, e.seats().get(0), c.fluid(), material, c.setting().practice(), c.data()));
    }
}
