package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.form.FitChance;
import mellowflare.core.tube.line.TubeCase;

/** The chance that the tube drops in, and which figure to measure again. */
final class DropsIn implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "fit.chance",
            Severity.NOTE,
            "{chance} chance that both nuts start by hand without forcing a bend. Biggest uncertainty: {cause} ({share}).",
            "{chance} chance that both nuts start by hand without forcing a bend.",
            "far end within {place} and {direction}; standard deviation {sd}",
            "To improve it: {better}. Or leave the last end long and trim it to the job.",
            Source.house("scatter of the work"));
    private static final double GOOD = 0.5;

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.path().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.SHAPE, TubeNeeds.SHAPE_AND_RADIUS));
        }
        FitChance f = c.fit().orElseThrow();
        Optional<FitChance.Cause> worst = f.largest();
        return List.of(Finding.of(
                f.chance() >= GOOD,
                TEXT,
                Subject.SHAPE,
                Map.of(
                        "chance", new Figure.OfShare(f.chance()),
                        "cause", Figure.of(worst.map(FitChance.Cause::what).orElse(Say.it("drops-in.nothing"))),
                        "share",
                                new Figure.OfShare(
                                        worst.map(FitChance.Cause::share).orElse(0.0)),
                        "better", Figure.of(worst.map(FitChance.Cause::better).orElse(Say.it("drops-in.nothing"))),
                        "place", Figure.of(f.allowedPlace()),
                        "direction", Figure.of(f.allowedDirection()),
                        "sd", Figure.of(f.place()))));
    }
}
