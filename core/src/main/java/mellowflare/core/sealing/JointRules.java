package mellowflare.core.sealing;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;

/** Every rule of a single joint, in one place, for lines and for the joint alone. */
public final class JointRules {
    private static final List<Rule<JointCase>> ALL = List.of(new JointBelongs(), new RingCompatible());

    private JointRules() {}

    /** All findings, worst first. */
    public static List<Finding> check(JointCase c) {
        return Rule.checkAll(ALL, c);
    }
}
