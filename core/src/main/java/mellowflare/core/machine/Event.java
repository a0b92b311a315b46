package mellowflare.core.machine;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Handed;
import mellowflare.core.line.Taking;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepEntry;
import mellowflare.core.testing.TestRecord;
import mellowflare.core.testing.Tested;
import mellowflare.core.trouble.Cause;
import mellowflare.core.trouble.FoundCause;
import mellowflare.core.trouble.TroubleTable;
import mellowflare.core.upkeep.Upkeep;
import mellowflare.core.upkeep.UpkeepRule;
import mellowflare.core.upkeep.UpkeepRules;

/**
 * Something that was done to a line.
 *
 * @param on the day
 * @param line what the line is called
 * @param what was done
 * @param by who; may be blank
 * @param found figures and what was found; may be blank
 */
public record Event(LocalDate on, String line, String what, String by, String found) {

    /** The history of lines, the latest first: what was ticked and with which parts, tested, found wrong, handed over and kept up. */
    public static List<Event> of(List<Evaluation> lines) {
        List<Event> all = new ArrayList<>();
        for (Evaluation e : lines) {
            steps(e, all);
            tests(e, all);
            upkeep(e, all);
            troubles(e, all);
            hands(e, all);
        }
        all.sort(Comparator.comparing(Event::on).reversed().thenComparing(Event::line));
        return all;
    }

    private static void steps(Evaluation e, List<Event> into) {
        for (StepEntry entry : e.job().log().entries()) {
            String title = e.steps().stream()
                    .filter(s -> s.id().equals(entry.stepId()))
                    .map(Step::title)
                    .findFirst()
                    .orElse(entry.stepId());
            List<String> found = new ArrayList<>(entry.figures().values());
            Collections.sort(found);
            // Which ring went into which joint: what was taken at its step.
            found.addAll(Taking.says(entry.used(), e.job().units()));
            into.add(new Event(
                    LocalDate.ofInstant(entry.at(), ZoneOffset.UTC),
                    e.job().title(),
                    entry.outcome() == StepEntry.Outcome.DONE ? title : Say.it("event.passed-over", "step", title),
                    entry.by(),
                    entry.reason().isBlank() ? String.join(", ", found) : entry.reason()));
        }
    }

    private static void tests(Evaluation e, List<Event> into) {
        for (Tested.One one : e.tested().all()) {
            HoldTest.Verdict last = one.now().map(o -> o.verdict()).orElse(HoldTest.Verdict.NOT_SETTLED);
            for (int i = 0; i < one.takes().size(); i++) {
                TestRecord r = one.takes().get(i);
                String found = i == one.takes().size() - 1
                        ? Say.it("event.verdict", "verdict", last)
                        : Say.it("event.earlier");
                r.on().ifPresent(on ->
                        into.add(new Event(on, e.job().title(), one.ask().duty().title(), r.by(), found)));
            }
        }
    }

    private static void troubles(Evaluation e, List<Event> into) {
        TroubleTable table = e.data().get(TroubleTable.KEY);
        for (FoundCause f : e.job().troubles()) {
            String name = table.causes().stream()
                    .filter(c -> c.id().equals(f.cause()))
                    .map(Cause::name)
                    .findFirst()
                    .orElse(f.cause());
            into.add(new Event(f.on(), e.job().title(), Say.it("event.trouble"), f.by(), name));
        }
    }

    private static void hands(Evaluation e, List<Event> into) {
        for (Handed h : e.job().handing().handed()) {
            into.add(new Event(
                    LocalDate.ofInstant(h.at(), ZoneOffset.UTC),
                    e.job().title(),
                    Say.it("event.handed", "to", h.to()),
                    h.from(),
                    h.said()));
        }
    }

    private static void upkeep(Evaluation e, List<Event> into) {
        UpkeepRules rules = e.data().get(UpkeepRules.KEY);
        for (Upkeep.Done d : e.job().upkeep().done()) {
            into.add(new Event(
                    d.on(),
                    e.job().title(),
                    rules.find(d.rule()).map(UpkeepRule::title).orElse(d.rule()),
                    d.by(),
                    d.found()));
        }
    }
}
