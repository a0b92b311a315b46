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
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.line.EndStraight;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;

/** Straight tube enough behind each end for nut, sleeve and, where it is flared after bending, the bar. */
final class StraightAtEnds implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "tube-end.straight",
            Severity.STOP,
            "End {which} is too short: {has} of straight tube before its first bend, {need} needed for {what}.",
            "End {which} has {has} of straight tube before its first bend, {need} needed for {what}.",
            "{has} against {need}",
            "Move the first bend further in, use a smaller radius, or flare this end before bending.",
            Source.house("length of nut and sleeve, and of what the bar clamps"));

    @Override
    public List<Finding> check(TubeCase c) {
        List<Finding> all = new ArrayList<>();
        for (TubeSide s : c.sides()) {
            Subject about = s.which().tubeEnd();
            if (c.path().isEmpty() || s.traits().isEmpty() || c.tube().isEmpty()) {
                all.add(Finding.notChecked(
                        TEXT,
                        about,
                        c.path().isEmpty()
                                ? TubeNeeds.SHAPE_AND_RADIUS
                                : c.tube().isEmpty() ? TubeNeeds.TUBE : TubeNeeds.kind(s.which())));
                continue;
            }
            Length need = EndStraight.needed(c, s.which());
            BentPath p = c.path().get();
            double straight = p.bends().isEmpty()
                    ? p.last()
                    : s.which() == LineEnd.A ? p.bends().get(0).straight() : p.last();
            Length has = Length.ofMm(straight);
            boolean bar = EndStraight.afterBending(c, s.which())
                    && s.traits().filter(EndTraits::flared).isPresent();
            all.add(Finding.of(
                    has.compareTo(need) >= 0,
                    TEXT,
                    about,
                    Map.of(
                            "which", Figure.of(s.which().name()),
                            "has", Figure.of(has),
                            "what",
                                    Figure.of(
                                            bar
                                                    ? Say.it("straight-at-ends.nut-sleeve-bar")
                                                    : Say.it("straight-at-ends.nut-sleeve")),
                            "need", Figure.of(need))));
        }
        return all;
    }
}
