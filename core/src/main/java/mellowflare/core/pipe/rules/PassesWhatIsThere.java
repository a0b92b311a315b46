package mellowflare.core.pipe.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.measure.Length;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.offset.Clearance;
import mellowflare.core.pipe.offset.Obstruction;
import mellowflare.core.reference.Source;

/** Whether an offset passes what stands in its way. */
final class PassesWhatIsThere implements Rule<PipeCase> {
    private static final RuleText HITS = new RuleText(
            "pipe.hits",
            Severity.STOP,
            "The pipe runs into {name}.",
            "The pipe clears {name} by {clear}.",
            "distance from the surface of the pipe",
            "{do}",
            Source.house("room beside pipe"));

    private static final RuleText CLOSE = new RuleText(
            "pipe.passes",
            Severity.WARN,
            "The pipe clears {name} by {clear} only, {wanted} wanted.",
            "The pipe clears {name} by {clear}.",
            "distance from the surface of the pipe",
            "{do}",
            Source.house("room beside pipe"));

    @Override
    public List<Finding> check(PipeCase c) {
        Optional<Obstruction> there = c.sum().flatMap(s -> s.ask().obstruction());
        if (there.isEmpty()) {
            return List.of();
        }
        Optional<Clearance> clearance = c.clearance();
        if (clearance.isEmpty()) {
            return List.of(Finding.notChecked(CLOSE, Subject.OFFSET, PipeNeeds.pieces(c)));
        }
        Clearance k = clearance.get();
        Length wanted = c.line().offset().clear();
        boolean hits = k.clear().mm() < 0;
        String todo = k.shift()
                .map(s -> Say.it("passes.shift", "shift", Figure.of(s).text(c.units())))
                .orElse(Say.it("passes.no-shift"));
        return List.of(Finding.of(
                k.clear().compareTo(wanted) >= 0,
                hits ? HITS : CLOSE,
                Subject.OFFSET,
                Map.of(
                        "name",
                                Figure.of(
                                        there.get().name().isEmpty()
                                                ? Say.it("passes.unnamed")
                                                : there.get().name()),
                        "clear", Figure.of(k.clear()),
                        "wanted", Figure.of(wanted),
                        "do", Figure.of(todo))));
    }
}
