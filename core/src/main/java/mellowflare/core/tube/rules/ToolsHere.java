package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.parts.AtHand;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.order.TubeStepWriter;

/** Each tool that the steps ask for. */
final class ToolsHere implements Rule<TubeCase> {
    @Override
    public List<Finding> check(TubeCase c) {
        List<Finding> found =
                AtHand.tools(new TubeStepWriter(c, Map.of()).tools(), c.line().here(), c.fluid());
        return found.isEmpty() ? List.of(AtHand.all()) : found;
    }
}
