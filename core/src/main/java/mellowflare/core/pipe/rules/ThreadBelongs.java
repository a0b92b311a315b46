package mellowflare.core.pipe.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipeSealing;
import mellowflare.core.sealing.JointCase;
import mellowflare.core.sealing.JointRules;

/** What the rules of a single joint say of a pipe thread on this fluid. */
final class ThreadBelongs implements Rule<PipeCase> {
    @Override
    public List<Finding> check(PipeCase c) {
        return PipeSealing.end(c)
                .map(e -> JointRules.check(new JointCase(e, e.seats().get(0), c.fluid(), Subject.PIPE, c.data())))
                .orElse(List.of());
    }
}
