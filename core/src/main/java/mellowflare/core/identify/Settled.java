package mellowflare.core.identify;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;

/** Whether an answer is sure enough to work with; a guess is never passed on as an answer. */
final class Settled implements Rule<IdentifyCase> {
    private static final RuleText OPEN = new RuleText(
            "end.settled",
            Severity.WARN,
            "Not sure yet: {end} is the most likely ({share}).",
            "Identified as {end} ({share} sure).",
            "{share} sure, {needed} needed",
            "{next}",
            Source.house("an answer counts as settled from this share up"));
    private static final RuleText SEAT = new RuleText(
            "end.seat-first",
            Severity.WARN,
            "Not sure yet: on {service} the thread alone does not identify the end. {end} is the most likely.",
            "The seat was seen.",
            "ends that seal in different ways share this thread",
            "Look into the end: cone, ring, washer or inverted seat?",
            Source.house("no brake, gas or refrigerant end is named by its thread alone"));
    private static final RuleText NOTHING = new RuleText(
            "end.nothing-fits",
            Severity.WARN,
            "Nothing in the tables fits well: {share} chance that the end is not in them.",
            "Something in the tables fits.",
            "{share} for an end that is not in the tables",
            "Measure again and check for wear. It may also be a standard that is not in these tables: ask.",
            Source.of("the end tables"));

    @Override
    public List<Finding> check(IdentifyCase c) {
        Identification answer = c.answer();
        if (answer.best().isEmpty()) {
            return List.of(Finding.notChecked(OPEN, Subject.END, LookNeeds.DIAMETER));
        }
        if (answer.standing() == Identification.Standing.NOTHING_FITS) {
            return List.of(Finding.fail(
                    NOTHING, Subject.END, Map.of("share", new Figure.OfShare(answer.unknownProbability()))));
        }
        Candidate best = answer.best().get();
        if (answer.seatMustBeSeen()) {
            return List.of(Finding.fail(
                    SEAT,
                    Subject.END,
                    Map.of(
                            "end", Figure.of(best.end().id().text()),
                            "service",
                                    Figure.of(answer.observation()
                                            .service()
                                            .orElseThrow()
                                            .replace('-', ' ')))));
        }
        return List.of(Finding.of(
                answer.standing() == Identification.Standing.SETTLED,
                OPEN,
                Subject.END,
                Map.of(
                        "end",
                        Figure.of(best.end().id().text()),
                        "share",
                        new Figure.OfShare(best.probability()),
                        "needed",
                        new Figure.OfShare(Identification.SETTLED),
                        "next",
                        Figure.of(answer.nextCheck().map(NextCheck::says).orElseGet(answer::safeCourse)))));
    }
}
