package mellowflare.core.tube.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.stock.LeastRadius;
import mellowflare.core.tube.stock.Tube;

/** The bender has the former for this tube, and the radius is one the tube withstands. */
final class BenderFits implements Rule<TubeCase> {
    private static final RuleText FORMER = new RuleText(
            "bends.former",
            Severity.STOP,
            "{bender} is for {takes} tube, not {tube}: it would flatten the tube or slip.",
            "{bender} is for {tube} tube.",
            "{takes} against {tube}",
            "Use the former for the tube's outside diameter.",
            Source.house("house benders"));
    private static final RuleText LEAST = new RuleText(
            "bends.radius",
            Severity.WARN,
            "The bend radius is tight for {tube}: {radius}, at least {least} for {by, select, wall {its metal and thin wall} other {its metal}}.",
            "The bend radius suits {tube}: {radius}, at least {least} for {by, select, wall {its metal and thin wall} other {its metal}}.",
            "wall left outside the bend {wall}",
            "Use a former with a larger radius, a thicker wall or softer tube; or fill the tube or use a mandrel.",
            Source.house("stretch at the outside of the bend, and wall against flattening"));
    private static final RuleText HAND = new RuleText(
            "bends.by-hand",
            Severity.WARN,
            "Without a bender {tube} will flatten: bend only soft tube up to 10 mm by hand, round a form of at least {least}.",
            "{tube} can be bent by hand round a form of {radius}.",
            "soft tube, eight times its diameter",
            "Use a bender, or an outside spring.",
            Source.house("bending by hand"));
    private static final double HAND_TO_MM = 10;
    private static final double HAND_RADIUS = 8;

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.shape().path().filter(p -> p.bends().isEmpty()).isPresent()
                || c.shape().template().isPresent()) {
            return List.of();
        }
        if (c.tube().isEmpty() || c.radius().isEmpty()) {
            return List.of(Finding.notChecked(
                    LEAST, Subject.BENDS, c.tube().isEmpty() ? TubeNeeds.TUBE : TubeNeeds.BENDER_OR_RADIUS));
        }
        Tube tube = c.tube().get();
        List<Finding> all = new ArrayList<>();
        Figure name = Figure.of(tube.name());
        c.bender()
                .ifPresent(b -> all.add(Finding.of(
                        b.takes(tube.outside()),
                        FORMER,
                        Subject.BENDS,
                        Map.of(
                                "bender", Figure.of(b.name()),
                                "takes", Figure.of(b.outside()),
                                "tube", Figure.of(tube.outside())))));
        if (c.bender().isEmpty()) {
            Length least = tube.outside().times(HAND_RADIUS);
            all.add(Finding.of(
                    tube.outside().mm() <= HAND_TO_MM
                            && tube.material().anneals()
                            && c.radius().get().compareTo(least) >= 0,
                    HAND,
                    Subject.BENDS,
                    Map.of(
                            "tube",
                            name,
                            "least",
                            Figure.of(least),
                            "radius",
                            Figure.of(c.radius().get()))));
        }
        LeastRadius least = LeastRadius.of(tube);
        all.add(Finding.of(
                c.radius().get().compareTo(least.radius()) >= 0,
                LEAST,
                Subject.BENDS,
                Map.of(
                        "radius", Figure.of(c.radius().get()),
                        "tube", name,
                        "least", Figure.of(least.radius()),
                        "by", Figure.of(least.byWall() ? "wall" : "metal"),
                        "wall", Figure.of(tube.wallOutsideBend(c.radius().get())))));
        return all;
    }
}
