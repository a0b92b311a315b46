package mellowflare.core.water.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.water.work.WaterCase;

/** All that is judged on a water point. */
public final class WaterRules {
    private static final List<Rule<WaterCase>> ALL =
            List.of(new MainIsOff(), new PipeIsKnown(), new SetServes(), new NippleReaches(), new BagFinishes());

    private WaterRules() {}

    /** Every finding, worst first. */
    public static List<Finding> check(WaterCase c) {
        return Rule.checkAll(ALL, c);
    }
}
