package mellowflare.core.air.rules;

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
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.cut.Stretch;

/** Bought nipples come in steps of half an inch: what they miss moves the run. */
final class NipplesReach implements Rule<AirCase> {
    /** A turn of thread more or less at each end takes up about this much. */
    private static final double TAKEN_UP_MM = 3;

    private static final RuleText TEXT = new RuleText(
            "air.nipple",
            Severity.WARN,
            "The nearest nipple to “{piece}” is {nipple}, {between} needed: the run moves by {over}.",
            "Stock nipples fit within {over}, which the threads take up.",
            "{count} stock nipple lengths; a turn more or less at each end takes up about {taken}",
            "Move the ends by the difference, use two nipples and a coupling, or have this piece cut and threaded.",
            new Source("ASTM A733 stocked lengths; trade practice", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        List<Stretch> bought = c.work()
                .map(w -> w.stretches().stream()
                        .filter(s -> s.nipple().isPresent())
                        .toList())
                .orElse(List.of());
        Optional<Stretch> worst = bought.stream().max(Comparator.comparingDouble(NipplesReach::off));
        return worst.map(s -> List.of(Finding.of(
                        off(s) <= TAKEN_UP_MM,
                        TEXT,
                        Subject.LENGTH,
                        Map.of(
                                "piece", Figure.of(s.name()),
                                "nipple", Figure.of(s.nipple().orElseThrow()),
                                "between", Figure.of(s.between()),
                                "over", Figure.of(Length.ofMm(off(s))),
                                "count", Figure.of(Integer.toString(bought.size())),
                                "taken", Figure.of(Length.ofMm(TAKEN_UP_MM))))))
                .orElse(List.of());
    }

    private static double off(Stretch s) {
        return Math.abs(s.over().orElseThrow().mm());
    }
}
