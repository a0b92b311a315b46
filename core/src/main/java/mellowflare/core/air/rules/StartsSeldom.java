package mellowflare.core.air.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** How often the compressor starts at the average use. */
final class StartsSeldom implements Rule<AirCase> {
    private static final RuleText TEXT = new RuleText(
            "air.starts",
            Severity.WARN,
            "The compressor would start {starts} times an hour; it is rated for {rated}.",
            "The compressor starts {starts} times an hour at average use; it is rated for {rated}.",
            "{receiver} stored, {used} drawn, {made} delivered: time to empty and refill between cut-in and cut-out",
            "Fit a larger receiver, set cut-in and cut-out further apart, or use a machine that runs on unloaded.",
            new Source("receiver formula; starts of the house list of compressors", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        Optional<Compressor> k = c.compressor();
        if (k.isEmpty() || c.choices().isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXT, Subject.COMPRESSOR, k.isEmpty() ? AirNeeds.COMPRESSOR : AirNeeds.tools(c)));
        }
        double used = c.need().needed().litresPerMinute();
        double made = k.get().delivers().litresPerMinute();
        double store =
                c.stored().litres() * (k.get().cutOut().bar() - k.get().cutIn().bar());
        // One that never catches up never starts again.
        double starts = used >= made || used <= 0 ? 0 : 60 / (store / used + store / (made - used));
        return List.of(Finding.of(
                starts <= k.get().startsAnHour(),
                TEXT,
                Subject.COMPRESSOR,
                Map.of(
                        "starts", Figure.of(LengthFormat.decimal(starts, 0, 0)),
                        "rated", Figure.of(Integer.toString(k.get().startsAnHour())),
                        "receiver", new Figure.OfLitres(c.stored().litres()),
                        "used", Figure.of(FreeAir.ofLitresPerMinute(used)),
                        "made", Figure.of(k.get().delivers()))));
    }
}
