package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.space.Odd;
import mellowflare.core.reference.Source;

/** Whether the run can be followed as it was called out. */
final class RunCanBeFollowed implements Rule<PipeCase> {
    private static final Source SOURCE = Source.house("the run as called out");

    private static final Map<Odd.Kind, RuleText> TEXTS = Map.of(
            Odd.Kind.TWICE,
            new RuleText(
                    "pipe.run-twice",
                    Severity.WARN,
                    "“{piece}” is used twice; the later one is worked out under another name.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Give each piece its own name.",
                    SOURCE),
            Odd.Kind.NO_BRANCH,
            new RuleText(
                    "pipe.run-no-branch",
                    Severity.STOP,
                    "“{piece}” goes on from “{other}”, and no branch has that name.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Use the name of a branch that was called out before.",
                    SOURCE),
            Odd.Kind.BRANCH_USED,
            new RuleText(
                    "pipe.run-branch-used",
                    Severity.STOP,
                    "“{other}” was gone on from before.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Each branch leads to one pipe: change the later call, or put a tee in.",
                    SOURCE),
            Odd.Kind.BACK_ON_ITSELF,
            new RuleText(
                    "pipe.run-back",
                    Severity.STOP,
                    "“{piece}” would turn back on the pipe before it.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Turn in two steps with a piece between.",
                    SOURCE),
            Odd.Kind.NO_SIDE,
            new RuleText(
                    "pipe.run-no-side",
                    Severity.STOP,
                    "“{piece}” turns {other}, which means nothing out of an upright pipe.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Say left or right, as you look along.",
                    SOURCE),
            Odd.Kind.AFTER_END,
            new RuleText(
                    "pipe.run-after-end",
                    Severity.STOP,
                    "“{piece}” comes after the end of the run and is left out.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Remove it, or go on from a branch.",
                    SOURCE),
            Odd.Kind.NO_MOUTH,
            new RuleText(
                    "pipe.run-no-mouth",
                    Severity.STOP,
                    "“{piece}” goes into a mouth of a fitting, and there is pipe before it.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Use a cap or a reducing coupling on pipe.",
                    SOURCE),
            Odd.Kind.SIZE,
            new RuleText(
                    "pipe.run-size",
                    Severity.STOP,
                    "“{piece}” goes to {other}, which is no size that it can go to.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Name a size such as 1/2; a bushing goes to a smaller one.",
                    SOURCE),
            Odd.Kind.OPEN,
            new RuleText(
                    "pipe.run-open",
                    Severity.STOP,
                    "“{piece}” is left open.",
                    "The run can be followed from piece to piece.",
                    "the run as called out",
                    "Lead it on, or close it with a cap or a plug.",
                    SOURCE));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.isOffset()) {
            return List.of();
        }
        RuleText any = TEXTS.get(Odd.Kind.NO_BRANCH);
        if (c.laid().isEmpty()) {
            return List.of(Finding.notChecked(any, Subject.RUN, PipeNeeds.RUN));
        }
        List<Odd> odd = c.laid().get().odd();
        if (odd.isEmpty()) {
            return List.of(Finding.pass(any, Subject.RUN, Map.of()));
        }
        return odd.stream()
                .map(o -> Finding.fail(
                        TEXTS.get(o.kind()),
                        Subject.RUN,
                        Map.of("piece", Figure.of(o.piece()), "other", Figure.of(o.other()))))
                .toList();
    }
}
