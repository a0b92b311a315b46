package mellowflare.core.tube.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.fluid.SurgeAboveWorking;
import mellowflare.core.tube.line.TubeCase;

/** All that is judged on a tube line. */
public final class TubeRules {
    private static final List<Rule<TubeCase>> ALL = List.of(
            new ShapeHolds(),
            new CheckAgrees(),
            new TubeChosen(),
            c -> FluidServed.check(c.service(), c.data()),
            c -> SurgeAboveWorking.check(c.service()),
            new TubeCompatible(),
            new EndCompatible(),
            new WallRated(),
            new SolderHolds(),
            new EndMates(),
            new TubeJoints(),
            new TubeFlares(),
            new FlareLands(),
            new ThumbRule(),
            new StraightAtEnds(),
            new BenderFits(),
            new BendsCanBeMade(),
            new ClearsItself(),
            new SpringBackTried(),
            new RoundingAtFarEnd(),
            new DropsIn(),
            new HeldInPlace(),
            new MetalsBear(),
            new FlowRuns(),
            new RoomHere(),
            new ToolsHere(),
            new CutHolds(),
            new LawAndHarm());

    private TubeRules() {}

    /** Every finding, worst first. */
    public static List<Finding> check(TubeCase c) {
        return Rule.checkAll(ALL, c);
    }
}
