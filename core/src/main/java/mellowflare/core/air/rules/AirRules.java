package mellowflare.core.air.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.air.work.AirCase;

/** All that is judged on a main. */
public final class AirRules {
    private static final List<Rule<AirCase>> ALL = List.of(
            new MaterialRated(),
            new SystemRated(),
            new WalkHolds(),
            new EndsAreClosed(),
            new AirArrives(),
            new PressureAtTools(),
            new AllLookedAt(),
            new SpeedInPipes(),
            new CompressorDelivers(),
            new StartsSeldom(),
            new HoseAtCompressor(),
            new HosesWhip(),
            new WaterRunsOff(),
            new DropsLeaveTop(),
            new FirstRiserDrains(),
            new LegsHold(),
            new MetalFirst(),
            new CompressorPlaced(),
            new PiecesCanBeCut(),
            new NipplesReach(),
            new GrowsInWarmth(),
            new StaysInRoom(),
            new HeldTight(),
            new LeaksCost());

    private AirRules() {}

    /** Every finding, worst first. */
    public static List<Finding> check(AirCase c) {
        return Rule.checkAll(ALL, c);
    }
}
