package mellowflare.core.broken.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.broken.stock.PipeSizes;
import mellowflare.core.broken.stock.Rung;
import mellowflare.core.broken.work.Attempt;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Whether the ladder is worth climbing, and what it lacks. */
final class LadderHelps implements Rule<BrokenCase> {
    private static final RuleText LADDER = new RuleText(
            "broken.ladder",
            Severity.WARN,
            "Nothing on the ladder may be tried here: cut back.",
            "{rungs} can be tried; the part is out with them in {chance} of cases.",
            "house guesses of each rung",
            "Cut back to sound pipe, and work the new piece out as rigid pipe.",
            new Source("house guesses", Confidence.UNCONFIRMED));

    private static final RuleText EXTRACTOR = new RuleText(
            "broken.extractor",
            Severity.WARN,
            "No extractor for size {size} is listed in the set at hand.",
            "The set lists number {number} for size {size}.",
            "the set's own list",
            "Enter the shop's set (import a file of extractors), or saw the stump.",
            Source.house("the set's own list"));

    private static final RuleText WORTH = new RuleText(
            "broken.worth",
            Severity.NOTE,
            "Cutting back at once takes {cut} min, the ladder {ladder} min on average.",
            "The ladder takes {ladder} min on average, cutting back at once {cut} min.",
            "minutes of each rung by the chance that it is reached",
            "Cut back at once where the pipe can be reached.",
            new Source("house guesses", Confidence.UNCONFIRMED));

    @Override
    public List<Finding> check(BrokenCase c) {
        if (c.attempts().isEmpty()) {
            return List.of(Finding.notChecked(LADDER, Subject.STUCK, BrokenNeeds.STATE));
        }
        List<Finding> all = new ArrayList<>();
        all.add(Finding.of(
                !c.open().isEmpty(),
                LADDER,
                Subject.STUCK,
                Map.of(
                        "rungs",
                        Figure.of(c.open().stream()
                                .map(Rung::name)
                                .reduce((a, b) -> a + ", " + b)
                                .orElse("–")),
                        "chance",
                        new Figure.OfShare(c.chance()))));
        if (c.attempts().stream().map(Attempt::rung).anyMatch(r -> r.id() == Rung.Id.EXTRACTOR)) {
            extractor(c, all);
        }
        all.add(Finding.of(
                c.ladderMinutes() <= c.cutBackMinutes(),
                WORTH,
                Subject.STUCK,
                Map.of("ladder", minutes(c.ladderMinutes()), "cut", minutes(c.cutBackMinutes()))));
        return all;
    }

    private static void extractor(BrokenCase c, List<Finding> all) {
        if (c.line().size().isEmpty()) {
            all.add(Finding.notChecked(EXTRACTOR, Subject.STUCK, BrokenNeeds.SIZE));
            return;
        }
        String size = c.line().size().get();
        if (!PipeSizes.atMost(size, PipeSizes.EXTRACTOR_TO) || c.line().set().isEmpty()) {
            return;
        }
        all.add(Finding.of(
                c.extractor().isPresent(),
                EXTRACTOR,
                Subject.STUCK,
                Map.of(
                        "size", Figure.of(size),
                        "number", Figure.of(c.extractor().map(e -> e.number()).orElse("–")))));
    }

    private static Figure minutes(double minutes) {
        return Figure.of(LengthFormat.decimal(minutes, 0, 0));
    }
}
