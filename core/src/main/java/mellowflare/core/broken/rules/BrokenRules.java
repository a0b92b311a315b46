package mellowflare.core.broken.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.broken.work.BrokenCase;

/** All that is judged on a stuck or broken part. */
public final class BrokenRules {
    private static final List<Rule<BrokenCase>> ALL =
            List.of(new SafeToTurn(), new PartIsBrittle(), new LadderHelps(), new ThreadSeals());

    private BrokenRules() {}

    /** Every finding, worst first. */
    public static List<Finding> check(BrokenCase c) {
        return Rule.checkAll(ALL, c);
    }
}
