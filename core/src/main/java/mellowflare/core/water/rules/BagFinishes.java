package mellowflare.core.water.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.bag.Bag;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.water.work.WaterCase;

/** What the bag can finish when the pipe is not seen. */
final class BagFinishes implements Rule<WaterCase> {
    private static final RuleText TEXT = new RuleText(
            "water.bag",
            Severity.NOTE,
            "The bag finishes the job with {chance}; {wanted} is wanted.",
            "{parts} parts finish the job with {chance}.",
            "what is found behind walls, a house guess",
            "Plan a second trip, or open a corner of the wall first.",
            new Source("finds behind walls, house guess", Confidence.UNCONFIRMED));

    @Override
    public List<Finding> check(WaterCase c) {
        if (!c.line().hidden() && !c.packed().open()) {
            return List.of();
        }
        if (c.bag().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.BAG, WaterNeeds.AGE));
        }
        Bag b = c.bag().get();
        return List.of(Finding.of(
                c.packed().reaches(b),
                TEXT,
                Subject.BAG,
                Map.of(
                        "wanted", new Figure.OfShare(c.packed().wanted()),
                        "chance", new Figure.OfShare(c.packed().chance(b)),
                        "parts", Figure.of(Integer.toString(b.parts().size())))));
    }
}
