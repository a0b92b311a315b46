package mellowflare.core.machine;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Suppliers;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;
import mellowflare.core.upkeep.Due;

/** The figures of a machine: its lines, and the parts of all of them against the shelf. */
public final class MachineTables {
    private static final int STOPS = 4;
    private static final int BUY = 5;
    private static final int DAYS = 3;

    private MachineTables() {}

    /** A row for each line. */
    public static FigureTable lines(Machine m) {
        return FigureTable.of(
                What.LINES,
                Say.it("machine-tables.lines"),
                List.of(
                        Column.words(Say.it("machine-tables.mark")),
                        Column.words(Say.it("machine-tables.line")),
                        Column.words(Say.it("machine-tables.made-as")),
                        Column.words(Say.it("machine-tables.stands")),
                        Column.figures(Say.it("machine-tables.stops")),
                        Column.figures(Say.it("machine-tables.warnings")),
                        Column.figures(Say.it("machine-tables.open")),
                        Column.figures(Say.it("machine-tables.tests"))),
                m.lines().stream()
                        .map(l -> {
                            Row row = Row.of(
                                    l.mark(),
                                    l.of().job().title(),
                                    l.of().job().kind().word(),
                                    l.of().leftOff().text(),
                                    Long.toString(l.stops()),
                                    Long.toString(l.warnings()),
                                    Long.toString(l.open()),
                                    l.tests());
                            return l.stops() > 0 ? row.out(STOPS) : row;
                        })
                        .toList());
    }

    /** A row for each part, what it lacks against the shelf, which lines need it. */
    public static FigureTable parts(Machine m) {
        List<MachinePart> parts = m.parts();
        // A shop that has not said where it buys needs no column for it.
        boolean bought = parts.stream().anyMatch(p -> p.supplier().isPresent());
        List<Column> columns = new ArrayList<>(List.of(
                Column.words(Say.it("machine-tables.number")),
                Column.words(Say.it("machine-tables.part")),
                Column.figures(Say.it("machine-tables.need")),
                Column.figures(Say.it("machine-tables.taken")),
                Column.figures(Say.it("machine-tables.shelf")),
                Column.figures(Say.it("machine-tables.buy")),
                Column.figures(Say.it("machine-tables.cost")),
                Column.words(Say.it("machine-tables.for"))));
        List<String> sum =
                new ArrayList<>(List.of("", Say.it("machine-tables.all"), "", "", "", "", money(m.cost()), ""));
        if (bought) {
            columns.add(Column.words(Say.it("machine-tables.from")));
            sum.add("");
        }
        return FigureTable.of(
                        What.PARTS,
                        Say.it("machine-tables.parts"),
                        columns,
                        parts.stream().map(p -> row(p, bought)).toList())
                .withSum(sum.toArray(String[]::new))
                .withNote(Say.it("machine-tables.prices"));
    }

    /**
     * A row for what is due, the earliest first.
     *
     * @param today the day from which days are counted
     */
    public static FigureTable due(List<DueLine> due, LocalDate today) {
        return FigureTable.of(
                What.DUE,
                Say.it("machine-tables.due"),
                List.of(
                        Column.words(Say.it("machine-tables.line")),
                        Column.words(Say.it("machine-tables.what")),
                        Column.figures(Say.it("machine-tables.on")),
                        Column.figures(Say.it("machine-tables.days")),
                        Column.words(Say.it("machine-tables.last"))),
                due.stream()
                        .map(d -> {
                            Row row = Row.of(
                                    d.of().job().title(),
                                    d.due().guessed()
                                            ? Say.it(
                                                    "machine-tables.no-date",
                                                    "what",
                                                    d.due().rule().title())
                                            : d.due().rule().title(),
                                    d.due().on().toString(),
                                    Long.toString(d.due().days(today)),
                                    d.due()
                                            .last()
                                            .map(l -> Say.it("machine-tables.done", "on", l.on(), "by", l.by()))
                                            .orElse(FigureTable.OPEN));
                            return d.due().standing(today) == Due.Standing.OVERDUE ? row.out(DAYS) : row;
                        })
                        .toList());
    }

    /** A row for all that was done, the latest first. */
    public static FigureTable history(List<Event> events) {
        return FigureTable.of(
                What.HISTORY,
                Say.it("machine-tables.history"),
                List.of(
                        Column.figures(Say.it("machine-tables.day")),
                        Column.words(Say.it("machine-tables.line")),
                        Column.words(Say.it("machine-tables.what")),
                        Column.words(Say.it("machine-tables.by")),
                        Column.words(Say.it("machine-tables.found"))),
                events.stream()
                        .map(e -> Row.of(e.on().toString(), e.line(), e.what(), open(e.by()), open(e.found())))
                        .toList());
    }

    private static String open(String text) {
        return text.isBlank() ? FigureTable.OPEN : text;
    }

    private static Row row(MachinePart p, boolean bought) {
        List<String> cells = new ArrayList<>(List.of(
                p.take().number().isBlank() ? FigureTable.OPEN : p.take().number(),
                p.take().name(),
                p.amount(p.take().need()),
                p.take().taken() > 0 ? p.amount(p.take().taken()) : FigureTable.OPEN,
                p.take().onShelf().map(p::amount).orElse(FigureTable.OPEN),
                p.amount(p.lacks()),
                p.cost().map(MachineTables::money).orElse(FigureTable.OPEN),
                String.join(" ", p.lines())));
        if (bought) {
            cells.add(p.supplier().map(MachineTables::from).orElse(FigureTable.OPEN));
        }
        Row row = Row.of(cells.toArray(String[]::new));
        return p.lacks() > 0 && p.take().onShelf().isPresent() ? row.out(BUY) : row;
    }

    private static String from(Suppliers.Supplier s) {
        return s.order().isBlank()
                ? s.supplier()
                : Say.it("machine-tables.from-order", "supplier", s.supplier(), "order", s.order());
    }

    private static String money(double amount) {
        return LengthFormat.decimal(amount, 2, 2);
    }
}
