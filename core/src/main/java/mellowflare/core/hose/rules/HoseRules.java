package mellowflare.core.hose.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.fluid.SurgeAboveWorking;
import mellowflare.core.hose.line.HoseCase;

/** The register of rules for a hose line. A new rule is one small class here and one line below. */
public final class HoseRules {
    private static final List<Rule<HoseCase>> ALL = List.of(
            new WeakestPart(),
            new Surge(),
            new Mates(),
            new MatchedSeries(),
            new HoseSize(),
            c -> FluidServed.check(c.service(), c.data()),
            c -> SurgeAboveWorking.check(c.service()),
            new FluidBelongs(),
            new LinerCompatible(),
            new Joints(),
            new TemperatureRange(),
            new BendRadius(),
            new Velocity(),
            new LookAlikesOfPort(),
            new PortHousing(),
            new Turning(),
            new Clocking(),
            new AttachFits(),
            new FerruleFits(),
            new BoreSteps(),
            new SuctionRated(),
            new ConductiveLiner(),
            new MetalsTogether(),
            new Ambient(),
            new PressureDrop(),
            new TableNamed(),
            new AdaptersFit(),
            new BoughtWhole(),
            new RouteOfLine(),
            new CutPossible(),
            new ChanceOfFit(),
            new SparksAwayFromFuel(),
            new ToolsAtHand(),
            new RoomForWrench(),
            new RoomForCutter(),
            new ThroughPanel(),
            new LengthMethod(),
            new SecondReading(),
            new CutStillRight());

    private HoseRules() {}

    /** All findings, worst first. */
    public static List<Finding> check(HoseCase c) {
        return Rule.checkAll(ALL, c);
    }
}
