package mellowflare.core.hose.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Method;
import mellowflare.core.advice.MethodTopic;
import mellowflare.core.advice.Methods;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** Says which method found the length; a copied hose brings its own mistakes along. */
final class LengthMethod implements Rule<HoseCase> {
    private static final String COPIED = "old-hose";
    private static final RuleText TEXT = new RuleText(
            "length.school",
            Severity.NOTE,
            "The length is copied from the old hose, which may have shrunk or never have been right.",
            "The length was found by this method: {school}.",
            "{reason}",
            "Lay the old hose along the route on the machine before you cut, and add what is missing.",
            Source.house("methods of finding a hose length"));

    private static final String LAID_OUT = "laid-out";
    private static final Length SAME = Length.ofMm(2);

    private static final RuleText MARKED = new RuleText(
            "length.laid-out",
            Severity.WARN,
            "The bare hose was marked at {marked}, but the cut is {cut}: ends or length have changed since.",
            "The cut is the {marked} marked on the bare hose.",
            "finished length = bare hose plus both cut-offs",
            "Lay the hose out again with its present ends, or use the marked length again.",
            Source.house("methods of finding a hose length"));

    private static final RuleText TIGHT = new RuleText(
            "length.never-tight",
            Severity.WARN,
            "Laid out with nothing to spare, the hose may shorten by {draws} under pressure and pull tight.",
            "The length allows for shortening under pressure.",
            "the hose shortens under pressure to {shortest} of its length (its own figure, or SAE J517)",
            "Lay it out with that much slack in its bend, or measure the route.",
            Source.house("methods of finding a hose length"));

    @Override
    public List<Finding> check(HoseCase c) {
        if (c.finished().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.LENGTH, HoseNeeds.FINISHED));
        }
        List<Finding> all = new ArrayList<>();
        all.add(method(c));
        if (c.data()
                .get(Methods.KEY)
                .chosen(MethodTopic.HOSE_LENGTH, c.practice())
                .id()
                .equals(LAID_OUT)) {
            c.cut().ifPresent(cut -> laidOut(c, cut, all));
        }
        return all;
    }

    private static void laidOut(HoseCase c, CutLength cut, List<Finding> all) {
        c.laidOut()
                .ifPresent(l -> all.add(Finding.of(
                        l.distanceTo(cut.exact()).compareTo(SAME) <= 0,
                        MARKED,
                        Subject.LENGTH,
                        Map.of("marked", Figure.of(l), "cut", Figure.of(cut.exact())))));
        Length draws = cut.overall().minus(cut.underPressure().low());
        if (draws.mm() > 0) {
            all.add(Finding.of(
                    c.lengthByRoute()
                            .filter(r -> cut.overall().compareTo(r) >= 0)
                            .isPresent(),
                    TIGHT,
                    Subject.LENGTH,
                    Map.of(
                            "draws",
                            Figure.of(draws),
                            "shortest",
                            new Figure.OfShare(cut.stretch().shortest()))));
        }
    }

    private static Finding method(HoseCase c) {
        Method method = c.data().get(Methods.KEY).chosen(MethodTopic.HOSE_LENGTH, c.practice());
        return Finding.of(
                !method.id().equals(COPIED),
                TEXT,
                Subject.LENGTH,
                Map.of("school", Figure.of(method.name()), "reason", Figure.of(method.reason())));
    }
}
