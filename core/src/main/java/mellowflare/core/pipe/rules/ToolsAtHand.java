package mellowflare.core.pipe.rules;

import java.util.List;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.parts.AtHand;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.order.PipeStepWriter;

/** Each tool that the steps ask for. */
final class ToolsAtHand implements Rule<PipeCase> {
    @Override
    public List<Finding> check(PipeCase c) {
        List<Finding> found =
                AtHand.tools(new PipeStepWriter(c).tools(), c.line().here(), c.fluid());
        return found.isEmpty() ? List.of(AtHand.all()) : found;
    }
}
