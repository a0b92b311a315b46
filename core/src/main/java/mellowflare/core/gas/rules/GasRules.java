package mellowflare.core.gas.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.gas.work.GasCase;

/** All that is judged on a gas line. */
public final class GasRules {
    private static final List<Rule<GasCase>> ALL = List.of(
            new MayBeOpened(),
            new WalkHolds(),
            new EndsAreClosed(),
            new GasArrives(),
            new StageFits(),
            new PressureAtInlets(),
            new PlatesRead(),
            new SourceGives(),
            new RegulatorsServe(),
            new DropAllowed(),
            new SpeedInPipes(),
            new PipeMayLie(),
            new TubeAsItsTable(),
            new JointsMayBe(),
            new HosesMayBe(),
            new HolesAreProved(),
            new RoomsAreSafe(),
            new HeldTight());

    private GasRules() {}

    /** Every finding, worst first. */
    public static List<Finding> check(GasCase c) {
        return Rule.checkAll(ALL, c);
    }
}
