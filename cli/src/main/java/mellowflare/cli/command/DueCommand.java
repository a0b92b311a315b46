package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.machine.DueCalendar;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.cli.input.Refused;
import mellowflare.core.job.Evaluation;
import mellowflare.core.machine.DueLine;
import mellowflare.core.machine.Machine;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.CsvText;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/** {@code due}: what lines in service need, and when. */
@Command(
        name = "due",
        mixinStandardHelpOptions = true,
        description = "Lists what is due of the lines of the book that are in service.",
        footer = {
            "",
            "In:   --machine for the lines of one machine; --until for what is due up to a day; --today for another day than today",
            "Out:  due (id, line, machine, rule, title, says, on, days, standing overdue|soon|later, last, source); with --csv a table, with --calendar an iCalendar file",
            "Example:  ./mellow-flare due --demo --until 2027-06-30"
        })
public final class DueCommand implements Callable<Integer> {
    @Mixin
    private Where where;

    @Mixin
    private Streams streams;

    @Option(names = "--machine", paramLabel = "NAME", description = "Only lines of a machine or a place.")
    private String machine;

    @Option(names = "--until", paramLabel = "DAY", description = "Only what is due up to this day.")
    private String until;

    @Option(names = "--today", paramLabel = "DAY", description = "The day from which days are counted.")
    private String today;

    @Option(names = "--csv", description = "A table.")
    private boolean csv;

    @Option(names = "--calendar", description = "An iCalendar file.")
    private boolean calendar;

    @Override
    public Integer call() throws BookTrouble, IOException, Refused {
        LocalDate now = today == null ? LocalDate.now() : day("--today", today);
        LocalDate last = until == null ? LocalDate.MAX : day("--until", until);
        try (Book book = where.open()) {
            List<Evaluation> lines = new ArrayList<>();
            for (JobHead h : book.jobs("")) {
                if (!h.putAway() && (machine == null || Machine.holds(machine, h.machine()))) {
                    lines.add(where.job(book, h.id()));
                }
            }
            List<DueLine> due = DueLine.of(lines).stream()
                    .filter(d -> !d.due().on().isAfter(last))
                    .toList();
            streams.give(
                    calendar
                            ? DueCalendar.text(due, Instant.now())
                            : csv ? table(due, now) : json(due, now).toPrettyString() + "\n");
            return ExitStatus.COMPUTED;
        }
    }

    private static LocalDate day(String option, String text) throws Refused {
        try {
            return LocalDate.parse(text);
        } catch (DateTimeParseException e) {
            throw new Refused(Say.it("due-command.no-day", "option", option, "text", text), e);
        }
    }

    private static ObjectNode json(List<DueLine> due, LocalDate today) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("today", today.toString());
        ArrayNode all = out.putArray("due");
        for (DueLine d : due) {
            ObjectNode one = all.addObject()
                    .put("id", d.of().job().id())
                    .put("line", d.of().job().title())
                    .put("machine", d.of().job().machine())
                    .put("rule", d.due().rule().id())
                    .put("title", d.due().rule().title())
                    .put("says", d.due().rule().says())
                    .put("on", d.due().on().toString())
                    .put("days", d.due().days(today))
                    .put("standing", StepWords.word(d.due().standing(today)))
                    .put("guessed", d.due().guessed())
                    .put("source", d.due().rule().source().shown());
            d.due()
                    .last()
                    .ifPresent(l -> one.putObject("last")
                            .put("on", l.on().toString())
                            .put("by", l.by())
                            .put("found", l.found()));
        }
        return out;
    }

    private static String table(List<DueLine> due, LocalDate today) {
        return CsvText.of(
                List.of("on", "days", "machine", "line", "title", "last", "by", "source"),
                due,
                d -> List.of(
                        d.due().on().toString(),
                        Long.toString(d.due().days(today)),
                        CsvText.shown(d.of().job().machine()),
                        CsvText.shown(d.of().job().title()),
                        CsvText.shown(d.due().rule().title()),
                        d.due().last().map(l -> l.on().toString()).orElse(""),
                        d.due().last().map(l -> CsvText.shown(l.by())).orElse(""),
                        d.due().rule().source().text()));
    }
}
