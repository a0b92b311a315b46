package mellowflare.core.air.rules;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Need;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** What the compressors deliver against what is needed. */
final class CompressorDelivers implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.delivers",
            Severity.STOP,
            "The compressors are too small: they deliver {delivers}, {needed} needed.",
            "The compressors deliver {delivers}, enough for {needed}.",
            "{mean} by duty of {tools} tools ({reference}), × {share} running together, × (1 + leaks), × (1 + growth)",
            "Fit a larger compressor or a second one, or run fewer tools at once.",
            new Source("demand by duty, simultaneity, leaks and growth; free air by ISO 1217", Confidence.TYPICAL));

    private static final RuleText PEAK = new RuleText(
            "air.receiver",
            Severity.NOTE,
            "Peak demand is {peak}. If it starts as the compressor cuts in, the {receiver} receiver covers it for {seconds}, until the pressure is down to the {need} that one tool needs.",
            "The compressors deliver {delivers}; peak demand is {peak}.",
            "V = T (C - S) pa / (p1 - p2), from cut-in, the worst moment, down to the pressure of the most demanding tool",
            "Fit a larger receiver, or one near the tool that draws most.",
            new Source("ISO 1217 free air; receiver formula", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        if (c.choices().isEmpty() || c.feeds().isEmpty()) {
            Need missing = c.feeds().isEmpty() ? AirNeeds.COMPRESSOR : AirNeeds.tools(c);
            return List.of(
                    Finding.notChecked(TEXT, Subject.COMPRESSOR, missing),
                    Finding.notChecked(PEAK, Subject.COMPRESSOR, missing));
        }
        FreeAir made = c.delivered();
        double over = c.need().peak().litresPerMinute() - made.litresPerMinute();
        double receiver = c.stored().litres();
        double cutIn = c.feeds().values().stream()
                .mapToDouble(x -> x.cutIn().bar())
                .min()
                .orElseThrow();
        GaugePressure need = c.choices().values().stream()
                .flatMap(List::stream)
                .map(x -> x.tool().need())
                .max(Comparator.naturalOrder())
                .orElseThrow();
        double store = receiver * Math.max(0, cutIn - need.bar());
        return List.of(
                Finding.of(
                        made.litresPerMinute() >= c.need().needed().litresPerMinute(),
                        TEXT,
                        Subject.COMPRESSOR,
                        Map.of(
                                "needed", Figure.of(c.need().needed()),
                                "delivers", Figure.of(made),
                                "mean", Figure.of(c.need().mean()),
                                "tools", Figure.of(Integer.toString(c.need().tools())),
                                "reference", Figure.of(Say.it("compressor-delivers.tools-by-iso-8778")),
                                "share", Figure.of(LengthFormat.decimal(c.need().share(), 2, 0)))),
                Finding.of(
                        over <= 0,
                        PEAK,
                        Subject.COMPRESSOR,
                        Map.of(
                                "peak", Figure.of(c.need().peak()),
                                "delivers", Figure.of(made),
                                "receiver", new Figure.OfLitres(receiver),
                                "need", Figure.of(need),
                                "seconds", Figure.of(seconds(over > 0 ? store / over * 60 : 0)))));
    }

    private static String seconds(double s) {
        return s < 120
                ? LengthFormat.decimal(s, 0, 0) + " s"
                : Say.it("compressor-delivers.min", "flow", LengthFormat.decimal(s / 60, 0, 0));
    }
}
