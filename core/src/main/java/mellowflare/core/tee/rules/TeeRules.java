package mellowflare.core.tee.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.tee.work.TeeCase;

/** All that is judged on a tee-in. */
public final class TeeRules {
    private static final List<Rule<TeeCase>> ALL =
            List.of(new LineIsDead(), new JointFits(), new StubsReach(), new ToolsHaveRoom());

    private TeeRules() {}

    /** Every finding, worst first. */
    public static List<Finding> check(TeeCase c) {
        return Rule.checkAll(ALL, c);
    }
}
