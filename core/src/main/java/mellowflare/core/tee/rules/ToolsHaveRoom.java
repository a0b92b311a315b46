package mellowflare.core.tee.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.tee.work.TeeCase;

/** Straight tube and room for the tools. */
final class ToolsHaveRoom implements Rule<TeeCase> {
    private static final RuleText STRAIGHT = new RuleText(
            "tee.straight",
            Severity.WARN,
            "Too little straight tube at end {end}: {have}, {need} needed.",
            "There is enough straight tube at end {end}: {have}, {need} needed.",
            "what a {method} joint and its tool need",
            "Cut where the tube is straight longer, or use a joint that needs less.",
            new Source("house figure: straight tube by joint", Confidence.UNCONFIRMED));

    private static final RuleText ROOM = new RuleText(
            "tee.room",
            Severity.WARN,
            "There is no room for cutter, tool and two wrenches.",
            "There is room for cutter, tool and two wrenches.",
            "as answered",
            "Cut further along, or take the tube down and make the tee at the bench.",
            Source.house("room for the tools"));

    @Override
    public List<Finding> check(TeeCase c) {
        List<Finding> all = new ArrayList<>();
        c.method().ifPresent(m -> {
            end(c, "A", c.line().straightA(), all);
            end(c, "B", c.line().straightB(), all);
        });
        all.add(c.line()
                .room()
                .map(r -> Finding.of(r, ROOM, Subject.SITE, Map.of()))
                .orElseGet(() -> Finding.notChecked(ROOM, Subject.SITE, TeeNeeds.ROOM)));
        return all;
    }

    private static void end(TeeCase c, String end, Optional<Length> have, List<Finding> all) {
        have.ifPresent(l -> all.add(Finding.of(
                l.compareTo(c.method().orElseThrow().straight()) >= 0,
                STRAIGHT,
                Subject.TEE,
                Map.of(
                        "end", Figure.of(end),
                        "have", Figure.of(l),
                        "need", Figure.of(c.method().get().straight()),
                        "method", Figure.of(c.method().get().name())))));
    }
}
