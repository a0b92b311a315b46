package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.main.Shop;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/** Whether the main stays within the walls. */
final class StaysInRoom implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.room",
            Severity.WARN,
            "“{piece}” is outside the room: {along} along the long wall, {across} from it, {height} up.",
            "The main stays within the room.",
            "size of the room",
            "Check the lengths and turns just before it.",
            Source.house("the walk"));

    @Override
    public List<Finding> check(AirCase c) {
        Shop s = c.main().shop();
        if (s.length().isEmpty() || s.width().isEmpty() || s.height().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.MAIN, AirNeeds.ROOM));
        }
        List<Finding> all = c.walked().spots().values().stream()
                .filter(x -> outside(x.at(), s))
                .limit(3)
                .map(x -> Finding.fail(
                        TEXT,
                        Subject.MAIN,
                        Map.of(
                                "piece", Figure.of(x.name()),
                                "along", new Figure.OfReach(Length.ofMm(x.at().x())),
                                "across", new Figure.OfReach(Length.ofMm(x.at().y())),
                                "height", new Figure.OfReach(Length.ofMm(x.at().z())))))
                .toList();
        return all.isEmpty() ? List.of(Finding.pass(TEXT, Subject.MAIN, Map.of())) : all;
    }

    private static boolean outside(Vector v, Shop s) {
        return v.x() < -1
                || v.y() < -1
                || v.z() < -1
                || v.x() > s.length().orElseThrow().mm() + 1
                || v.y() > s.width().orElseThrow().mm() + 1
                || v.z() > s.height().orElseThrow().mm() + 1;
    }
}
