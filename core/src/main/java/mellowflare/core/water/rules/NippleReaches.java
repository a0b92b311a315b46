package mellowflare.core.water.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.stock.HouseMaterial;
import mellowflare.core.water.work.WaterCase;

/** The nipple through the wall. */
final class NippleReaches implements Rule<WaterCase> {
    private static final RuleText TEXT = new RuleText(
            "water.nipple",
            Severity.WARN,
            "No stocked nipple comes near {exact}: the next ones leave no gap or too wide a one.",
            "A nipple of {stock} leaves {gap} behind the valve.",
            "make-up in the wall, depth, plate, gap, make-up in the valve: {exact}",
            "Have one cut and threaded to length, or take another plate.",
            new Source("ASME B1.20.1 make-up; ASTM A733 lengths", Confidence.SURE));

    @Override
    public List<Finding> check(WaterCase c) {
        if (!c.line().hidden()
                || c.line()
                        .material()
                        .filter(m -> m == HouseMaterial.GALVANISED || m == HouseMaterial.BRASS)
                        .isEmpty()) {
            return List.of();
        }
        if (c.nipple().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOUSE_PIPE, WaterNeeds.DEPTH));
        }
        NippleFit n = c.nipple().get();
        boolean good =
                n.stock().filter(s -> s.gap() <= NippleFit.WIDEST_GAP.mm()).isPresent();
        return List.of(Finding.of(
                good,
                TEXT,
                Subject.HOUSE_PIPE,
                Map.of(
                        "exact", Figure.of(n.exact()),
                        "stock", n.stock().map(s -> Figure.of(s.length())).orElse(Figure.of("")),
                        "gap",
                                n.stock()
                                        .map(s -> Figure.of(Length.ofMm(s.gap())))
                                        .orElse(Figure.of("")))));
    }
}
