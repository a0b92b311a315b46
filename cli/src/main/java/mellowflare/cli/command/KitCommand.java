package mellowflare.cli.command;

import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.BookKinds;
import mellowflare.book.machine.KitCsv;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.cli.input.Refused;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.job.Evaluation;
import mellowflare.core.machine.Carried;
import mellowflare.core.machine.Hours;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachineLine;
import mellowflare.core.machine.MachinePart;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code kit}: parts and cut plan of many jobs together. */
@Command(
        name = "kit",
        mixinStandardHelpOptions = true,
        description = "Adds up the parts of many jobs against the shelf, and cuts all their pieces together.",
        footer = {
            "",
            "In:   ids of jobs of the book, or --machine with the name of a machine: all its jobs and those of its parts",
            "Out:  machine, lines (mark, id, title, kind, leftOff, stops, warnings, testsPassed, tests), parts (number, name, need, unit, taken, onShelf, toBuy, each, cost,",
            "      lines), cost, hours (spent and left in minutes, known of open steps), bag (as, name, amount, lines),",
            "      cutPlan (material, bars, unplaced), tags (id, text of its code); with --csv the parts as a table",
            "Example:  ./mellow-flare kit --demo --machine Dunlin"
        })
public final class KitCommand implements Callable<Integer> {
    @Mixin
    private Where where;

    @Mixin
    private Streams streams;

    @Option(names = "--machine", paramLabel = "NAME", description = "All jobs of a machine or a place.")
    private String machine;

    @Option(names = "--csv", description = "The parts as CSV.")
    private boolean csv;

    @Parameters(paramLabel = "ID", arity = "0..*", description = "Ids of jobs.")
    private List<String> ids;

    @Override
    public Integer call() throws BookTrouble, IOException, Refused {
        if ((machine == null) == (ids == null || ids.isEmpty())) {
            throw new Refused(Say.it("kit-command.which"));
        }
        try (Book book = where.open()) {
            List<Evaluation> lines = new ArrayList<>();
            for (String id : machine == null ? ids : ids(book)) {
                lines.add(where.job(book, id));
            }
            if (lines.isEmpty()) {
                throw new Refused(Say.it("kit-command.no-lines", "machine", machine));
            }
            Machine m = Machine.of(machine == null ? "" : machine, lines);
            streams.give(
                    csv
                            ? KitCsv.parts(m)
                            : out(m, Hours.of(m, book.stepTimes())).toPrettyString() + "\n");
            return m.stops() > 0 ? ExitStatus.STOPS : ExitStatus.COMPUTED;
        }
    }

    /** The jobs of the machine that are not put away, oldest first. */
    private List<String> ids(Book book) throws BookTrouble {
        List<String> all = new ArrayList<>();
        for (JobHead h : book.jobs("")) {
            if (!h.putAway() && Machine.holds(machine, h.machine())) {
                all.add(0, h.id());
            }
        }
        return all;
    }

    private static ObjectNode out(Machine m, Hours hours) {
        ObjectNode out = JsonNodeFactory.instance.objectNode();
        out.put("machine", m.name());
        ArrayNode lines = out.putArray("lines");
        for (MachineLine l : m.lines()) {
            lines.addObject()
                    .put("mark", l.mark())
                    .put("id", l.of().job().id())
                    .put("title", l.of().job().title())
                    .put("kind", l.of().job().kind().id().word())
                    .put("leftOff", l.of().leftOff().text())
                    .put("stops", l.stops())
                    .put("warnings", l.warnings())
                    .put("testsPassed", l.of().tested().passed())
                    .put("tests", l.of().tested().all().size());
        }
        ArrayNode parts = out.putArray("parts");
        m.parts().forEach(p -> part(parts.addObject(), p));
        out.put("cost", m.cost());
        out.putObject("hours")
                .put("spent", hours.spent().toMinutes())
                .put("left", hours.left().toMinutes())
                .put("known", hours.known())
                .put("open", hours.open());
        ArrayNode bag = out.putArray("bag");
        for (Carried c : Carried.of(m)) {
            ObjectNode each = bag.addObject()
                    .put("as", mellowflare.book.json.Words.of(c.sort()))
                    .put("name", c.name())
                    .put("amount", c.amount());
            c.lines().forEach(each.putArray("lines")::add);
        }
        ArrayNode cuts = out.putArray("cutPlan");
        m.cutPlans().forEach((material, plan) -> cuts(cuts.addObject().put("material", material), plan));
        ArrayNode tags = out.putArray("tags");
        for (MachineLine l : m.lines()) {
            tags.addObject()
                    .put("id", l.of().job().id())
                    .put("text", BookKinds.tag(l.of()).text());
        }
        return out;
    }

    private static void part(ObjectNode n, MachinePart p) {
        if (!p.take().number().isBlank()) {
            n.put("number", p.take().number());
        }
        n.put("name", p.take().name());
        n.put("need", p.take().need());
        n.put("unit", p.take().metres() ? "m" : "pc");
        n.put("taken", p.take().taken());
        p.supplier().ifPresent(s -> n.put("supplier", s.supplier()).put("orderNumber", s.order()));
        p.take().onShelf().ifPresent(s -> n.put("onShelf", s));
        n.put("toBuy", p.lacks());
        p.take().each().ifPresent(e -> n.put("each", e));
        p.cost().ifPresent(c -> n.put("cost", c));
        p.lines().forEach(n.putArray("lines")::add);
    }

    private static void cuts(ObjectNode n, CutPlan plan) {
        ArrayNode bars = n.putArray("bars");
        for (CutBar b : plan.bars()) {
            ObjectNode bar = bars.addObject()
                    .put("stock", b.stock().name())
                    .put("length", b.stock().length().mm());
            ArrayNode pieces = bar.putArray("pieces");
            b.pieces()
                    .forEach(p -> pieces.addObject()
                            .put("name", p.name())
                            .put("length", p.length().mm()));
            bar.put("remnant", b.remnant().mm());
        }
        ArrayNode unplaced = n.putArray("unplaced");
        plan.unplaced()
                .forEach(p -> unplaced.addObject()
                        .put("name", p.name())
                        .put("length", p.length().mm()));
    }
}
