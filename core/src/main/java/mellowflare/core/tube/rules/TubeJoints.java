package mellowflare.core.tube.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.sealing.JointCase;
import mellowflare.core.sealing.JointRules;
import mellowflare.core.tube.line.TubeCase;

/** What the rules of a single joint say of both joints of the line: the same as they say of a hose's, and of the joint alone. */
final class TubeJoints implements Rule<TubeCase> {
    @Override
    public List<Finding> check(TubeCase c) {
        return c.sides().stream()
                .filter(s -> s.seat().isPresent())
                .flatMap(s -> JointRules.check(new JointCase(
                                s.part().orElseThrow(),
                                s.seat().orElseThrow(),
                                c.fluid(),
                                s.which().joint(),
                                c.data()))
                        .stream())
                .toList();
    }
}
