package mellowflare.core.broken;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.broken.work.Attempt;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** The rungs that may be tried and why others may not, and the ladder against cutting back. */
final class BrokenTables {
    private static final int SAYS = 4;

    private BrokenTables() {}

    static List<FigureTable> of(BrokenCase c) {
        return c.attempts().isEmpty() ? List.of() : List.of(rungs(c), costs(c));
    }

    private static FigureTable rungs(BrokenCase c) {
        return FigureTable.of(
                        What.RUNGS,
                        Say.it("broken-tables.rungs"),
                        List.of(
                                Column.words(Say.it("broken-tables.rung")),
                                Column.figures(Say.it("broken-tables.takes")),
                                Column.figures(Say.it("broken-tables.helps")),
                                Column.words(Say.it("broken-tables.tools")),
                                Column.words(Say.it("broken-tables.may"))),
                        c.attempts().stream().map(a -> rung(c, a)).toList())
                .withNote(Say.it("broken-tables.guesses"));
    }

    private static Row rung(BrokenCase c, Attempt a) {
        if (!a.open()) {
            Row row = Row.of(
                    a.rung().name(),
                    FigureTable.OPEN,
                    FigureTable.OPEN,
                    FigureTable.OPEN,
                    a.blocked().get());
            return a.never() ? row.out(SAYS) : row;
        }
        return Row.of(
                a.rung().name(),
                minutes(a.rung().minutes()),
                new Figure.OfShare(a.rung().chance()).text(c.units()),
                String.join(", ", a.rung().tools()),
                Say.it("broken-tables.yes"));
    }

    private static FigureTable costs(BrokenCase c) {
        return FigureTable.of(
                        What.COSTS,
                        Say.it("broken-tables.against"),
                        List.of(
                                Column.words(Say.it("broken-tables.way")),
                                Column.figures(Say.it("broken-tables.whole")),
                                Column.figures(Say.it("broken-tables.costs"))),
                        List.of(
                                Row.of(
                                        Say.it("broken-tables.ladder"),
                                        minutes(c.ladderMinutes()),
                                        money(c.ladderCost())),
                                Row.of(
                                        Say.it("broken-tables.cut-back"),
                                        minutes(c.cutBackMinutes()),
                                        money(c.cutBackCost()))))
                .withNote(Say.it("broken-tables.on-average"));
    }

    private static String minutes(double minutes) {
        return Say.it("broken-tables.minutes", "minutes", LengthFormat.decimal(minutes, 0, 0));
    }

    private static String money(Optional<Double> cost) {
        return cost.map(x -> LengthFormat.decimal(x, 2, 2)).orElse(FigureTable.OPEN);
    }
}
