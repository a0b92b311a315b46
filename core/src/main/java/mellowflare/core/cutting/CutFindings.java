package mellowflare.core.cutting;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;

/** What is wrong with a plan of cutting. */
public final class CutFindings {
    private static final RuleText PLACED = new RuleText(
            "cutting.unplaced",
            Severity.STOP,
            "No bar is long enough for {piece}, {length} long.",
            "Every piece fits in a bar.",
            "the bars given, with saw width and trim",
            "Add a longer bar or more bars, or join two pieces with a coupling.",
            Source.house("sum of lengths and kerfs within the bar"));

    private static final RuleText SHORT = new RuleText(
            "cutting.short",
            Severity.STOP,
            "There are not enough bars: {piece}, {length} long, is left over.",
            "",
            "no other choice among the bars works",
            "Add one more bar, or a longer one.",
            Source.house("sum of lengths and kerfs within the bar"));
    private static final RuleText NOT_FOUND = new RuleText(
            "cutting.not-found",
            Severity.STOP,
            "No place was found for {piece}, {length} long; there may be one.",
            "",
            "with so many pieces and bars not every choice can be tried",
            "Add one more bar, or split the job in two and try again.",
            Source.house("sum of lengths and kerfs within the bar"));
    private static final RuleText CHEAPEST = new RuleText(
            "cutting.cheapest",
            Severity.NOTE,
            "A cheaper plan may exist: this one costs at most {gap} more than the cheapest possible.",
            "No cheaper plan exists.",
            "lower bound on the price",
            "Nothing to do: with so many pieces not every choice can be tried.",
            Source.house("bound of the fractional plan"));

    private CutFindings() {}

    public static List<Finding> of(CutPlan plan) {
        List<Finding> all = new ArrayList<>();
        plan.tooLong().forEach(p -> all.add(missing(PLACED, p)));
        plan.left()
                .forEach(p -> all.add(
                        missing(plan.standing() == CutPlan.Standing.BARS_DO_NOT_SUFFICE ? SHORT : NOT_FOUND, p)));
        if (plan.complete()) {
            all.add(Finding.pass(PLACED, Subject.LENGTH, Map.of()));
            all.add(Finding.of(plan.proven(), CHEAPEST, Subject.LENGTH, Map.of("gap", new Figure.OfShare(plan.gap()))));
        }
        return all;
    }

    private static Finding missing(RuleText text, CutTask.Piece p) {
        return Finding.fail(
                text, Subject.LENGTH, Map.of("piece", Figure.of(p.name()), "length", Figure.of(p.length())));
    }
}
