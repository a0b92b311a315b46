package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.demand.AirHouse;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.layout.Outlet;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.Walked;

/** A larger air hose that comes off its coupling whips until somebody shuts the valve: it gets a flow fuse or whip checks. */
final class HosesWhip implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.whip",
            Severity.WARN,
            "The hose of the {tool} at “{outlet}” has a bore of {bore}: if it comes off, it whips until someone shuts the valve.",
            "No tool hose has more than {most} bore.",
            "wider than {most}",
            "Fit a flow fuse at the outlet, or whip checks over every coupling. A blast pot also needs a dead-man handle.",
            new Source(
                    "trade practice and work-safety rules for hose over half an inch; ISO 4414", Confidence.TYPICAL));
    /** Half an inch, with room for 13 mm hose that is called so. */
    private static final Length MOST = Length.ofMm(13);

    @Override
    public List<Finding> check(AirCase c) {
        List<Finding> all = new ArrayList<>();
        boolean any = false;
        for (Walked.Run r : c.walked().runs()) {
            if (r.piece() instanceof Piece.Drop d && r.kind() == Walked.Kind.DROP) {
                Outlet o = d.outlet();
                Optional<AirTool> tool = o.tools().stream()
                        .flatMap(t -> c.data().get(AirHouse.KEY).tool(t).stream())
                        .max(Comparator.comparing(AirTool::hoseBore));
                any |= tool.isPresent();
                tool.filter(t -> o.hose().isPresent())
                        .map(t -> o.hoseBore().orElse(t.hoseBore()))
                        .filter(bore -> bore.compareTo(MOST) > 0)
                        .ifPresent(bore -> all.add(Finding.fail(
                                TEXT,
                                Subject.MAIN,
                                Map.of(
                                        "tool", Figure.of(tool.orElseThrow().name()),
                                        "outlet", Figure.of(r.to()),
                                        "bore", Figure.of(bore),
                                        "most", Figure.of(MOST)))));
            }
        }
        if (!any) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.tools(c)));
        }
        return all.isEmpty()
                ? List.of(Finding.pass(TEXT, Subject.MAIN, Map.of("most", Figure.of(MOST))))
                : List.copyOf(all);
    }
}
