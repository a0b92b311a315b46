package mellowflare.core.pipe.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.layout.RunAsk;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.space.Fitted;
import mellowflare.core.reference.Source;

/** Whether the run comes out where its end was measured to be, apart from the walk. */
final class ArrivesWhereMeasured implements Rule<PipeCase> {
    /** Two ways of measuring to one place agree so well (house figure). */
    private static final Length ALLOWED = Length.ofMm(5);

    private static final RuleText TEXT = new RuleText(
            "pipe.arrives",
            Severity.STOP,
            "The run comes to {place} {out} from where it was measured to be ({which}).",
            "The run comes to {place} where it was measured to be, within {out}.",
            "the sum of the walk against a separate measure; {allowed} allowed",
            "Measure the pieces on the way again: one of them, or the check itself, is wrong.",
            Source.house("runs are closed by a separate measure"));

    private static final RuleText PLACE = new RuleText(
            "pipe.check-place",
            Severity.WARN,
            "The check is to “{place}”, which is no place of the run.",
            "The check is to a place of the run.",
            "names in the run",
            "Name a piece or a fitting of the run.",
            Source.house("runs are closed by a separate measure"));

    @Override
    public List<Finding> check(PipeCase c) {
        if (c.isOffset() || c.laid().isEmpty()) {
            return List.of();
        }
        Optional<RunAsk.Check> check = c.line().run().check().filter(k -> !k.empty());
        if (check.isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.RUN, PipeNeeds.CHECK));
        }
        Optional<Fitted> place = c.laid().get().at(check.get().place());
        if (place.isEmpty()) {
            return List.of(Finding.fail(
                    PLACE, Subject.RUN, Map.of("place", Figure.of(check.get().place()))));
        }
        Vector at = place.get().at();
        List<Finding> all = new ArrayList<>();
        one(all, check.get(), Say.it("arrives.diagonal"), check.get().diagonal(), at.length());
        one(all, check.get(), Say.it("arrives.ahead"), check.get().ahead(), at.x());
        one(all, check.get(), Say.it("arrives.left"), check.get().left(), at.y());
        one(all, check.get(), Say.it("arrives.up"), check.get().up(), at.z());
        return all;
    }

    private static void one(
            List<Finding> all, RunAsk.Check check, String which, Optional<Length> measured, double walked) {
        measured.ifPresent(m -> all.add(Finding.of(
                Math.abs(m.mm() - walked) <= ALLOWED.mm(),
                TEXT,
                Subject.RUN,
                Map.of(
                        "place", Figure.of(check.place()),
                        "which", Figure.of(which),
                        "out", Figure.of(Length.ofMm(Math.abs(m.mm() - walked))),
                        "allowed", Figure.of(ALLOWED)))));
    }
}
