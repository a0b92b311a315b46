package mellowflare.core.pipe.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.fluid.FluidLaw;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.fluid.SurgeAboveWorking;
import mellowflare.core.pipe.line.PipeCase;

/** All that is judged on rigid pipe. */
public final class PipeRules {
    private static final List<Rule<PipeCase>> ALL = List.of(
            new CalledIsWritten(),
            new ReadTwice(),
            new OneReference(),
            new FacesAreParallel(),
            new OffsetThere(),
            new LegsAreLeft(),
            new RunCanBeFollowed(),
            new ArrivesWhereMeasured(),
            new PassesWhatIsThere(),
            new FittingsTake(),
            new PiecesCanBeMade(),
            new MarkedAsWorked(),
            new SetBackKnown(),
            new ParallelFits(),
            new FarEndLands(),
            new Closes(),
            new ComesTogether(),
            new PipeGoesWithFittings(),
            new ClassRated(),
            new WallHolds(),
            c -> FluidServed.check(c.service(), c.data()),
            c -> SurgeAboveWorking.check(c.service()),
            new ThreadBelongs(),
            new MetalsMeet(),
            new BarsAreLongEnough(),
            new ToolsAtHand(),
            c -> FluidLaw.check(c.fluid(), c.data()));

    private PipeRules() {}

    /** Every finding, worst first. */
    public static List<Finding> check(PipeCase c) {
        return Rule.checkAll(ALL, c);
    }
}
