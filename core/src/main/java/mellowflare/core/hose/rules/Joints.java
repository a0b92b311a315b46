package mellowflare.core.hose.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.sealing.JointCase;
import mellowflare.core.sealing.JointRules;

/** What the rules of a single joint say of both joints of the line. */
final class Joints implements Rule<HoseCase> {
    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream()
                .filter(s -> s.presented().isPresent() && s.seat().isPresent())
                .flatMap(s -> check(c, s).stream())
                .toList();
    }

    private static List<Finding> check(HoseCase c, Side s) {
        return JointRules.check(new JointCase(
                s.presented().orElseThrow(),
                s.seat().orElseThrow(),
                c.fluid(),
                s.which().joint(),
                c.data()));
    }
}
