package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.line.Side;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.parts.AtHand;
import mellowflare.core.parts.HoseEndPart;

/** Each tool that the steps ask for, and each wrench of its hexes. */
final class ToolsAtHand implements Rule<HoseCase> {
    @Override
    public List<Finding> check(HoseCase c) {
        if (c.hose().isEmpty()) {
            return List.of(AtHand.toolsNeed(HoseNeeds.HOSE));
        }
        List<Finding> all = new ArrayList<>(AtHand.tools(new HoseStepWriter(c, Map.of()).tools(), c.here(), c.fluid()));
        for (Side s : c.sides()) {
            s.part().map(HoseEndPart::hexes).orElse(List.of()).stream()
                    .filter(c.here().noWrench()::contains)
                    .forEach(size -> all.add(AtHand.noWrench(
                            size,
                            Say.it("tools-at-hand.hex-hose-end", "which", s.which()),
                            s.which().hoseEnd())));
        }
        return all.isEmpty() ? List.of(AtHand.all()) : all;
    }
}
