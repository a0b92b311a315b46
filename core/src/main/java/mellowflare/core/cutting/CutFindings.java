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

    private CutFindings() {}

    public static List<Finding> of(CutPlan plan) {
        if (plan.complete()) {
            return List.of(Finding.pass(PLACED, Subject.LENGTH, Map.of()));
        }
        List<Finding> all = new ArrayList<>();
        for (CutTask.Piece p : plan.unplaced()) {
            all.add(Finding.fail(
                    PLACED, Subject.LENGTH, Map.of("piece", Figure.of(p.name()), "length", Figure.of(p.length()))));
        }
        return all;
    }
}
