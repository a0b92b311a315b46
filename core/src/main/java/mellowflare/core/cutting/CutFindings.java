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
            "No bar gives {piece}, {length} long.",
            "Every piece has its bar.",
            "bars given, kerf and trim counted in",
            "Give a longer bar or more of them, or join it of two with a coupling.",
            Source.house("sum of lengths and kerfs within the bar"));

    private static final RuleText SHORT = new RuleText(
            "cutting.short",
            Severity.STOP,
            "The bars do not suffice: {piece}, {length} long, is left over.",
            "",
            "every choice among the bars was ruled out",
            "Give one bar more, or a longer one.",
            Source.house("sum of lengths and kerfs within the bar"));
    private static final RuleText NOT_FOUND = new RuleText(
            "cutting.not-found",
            Severity.STOP,
            "No place was found for {piece}, {length} long; that there is one was not ruled out.",
            "",
            "so many pieces and bars are not searched to the end",
            "Give one bar more, or cut the job in two and try again.",
            Source.house("sum of lengths and kerfs within the bar"));
    private static final RuleText CHEAPEST = new RuleText(
            "cutting.cheapest",
            Severity.NOTE,
            "A cheaper plan is not ruled out: this one is at most {gap} dearer than any can be.",
            "No cheaper plan exists.",
            "bound on the price from below",
            "Nothing to do: with so many pieces the search is not carried to its end.",
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
