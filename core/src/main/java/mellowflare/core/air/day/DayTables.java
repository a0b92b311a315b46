package mellowflare.core.air.day;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** The figures of a day that was run through. */
public final class DayTables {
    private static final int FIGURE = 1;

    private DayTables() {}

    /** What the compressor did and what was used; who lacked air, where somebody did. */
    public static List<FigureTable> of(AirCase c, DayRun run) {
        List<FigureTable> all = new ArrayList<>(List.of(day(c, run)));
        if (!run.lacking().isEmpty()) {
            all.add(lacks(run));
        }
        return all;
    }

    private static FigureTable day(AirCase c, DayRun d) {
        int rated = c.compressor().map(Compressor::startsAnHour).orElse(0);
        Row starts = Row.of(
                Say.it("day-tables.starts"),
                LengthFormat.decimal(d.startsAnHour(), 1, 0),
                rated > 0 ? Say.it("day-tables.rated", "rated", rated) : "");
        return FigureTable.of(
                        What.DAY,
                        Say.it("day-tables.day"),
                        List.of(Column.words(""), Column.figures(""), Column.words("")),
                        List.of(
                                rated > 0 && d.startsAnHour() > rated ? starts.out(FIGURE) : starts,
                                Row.of(Say.it("day-tables.loaded"), new Figure.OfShare(d.loaded()).text(c.units()), ""),
                                Row.of(
                                        Say.it("day-tables.lowest"),
                                        Figure.of(d.lowest()).text(c.units()),
                                        c.compressor()
                                                .map(k -> Say.it(
                                                        "day-tables.cuts-in",
                                                        "pressure",
                                                        Figure.of(k.cutIn()).text(c.units())))
                                                .orElse("")),
                                Row.of(
                                        Say.it("day-tables.used"),
                                        Say.it("day-tables.cubic", "air", LengthFormat.decimal(d.used(), 0, 0)),
                                        ""),
                                Row.of(
                                        Say.it("day-tables.energy"),
                                        Say.it(
                                                "day-tables.kilowatt-hours",
                                                "energy",
                                                LengthFormat.decimal(d.kilowattHours(), 0, 0)),
                                        "")))
                .withNote(d.lacking().isEmpty() ? Say.it("day-tables.nobody-short") : "");
    }

    private static FigureTable lacks(DayRun d) {
        return FigureTable.of(
                What.LACKS,
                Say.it("day-tables.lacks"),
                List.of(Column.words(Say.it("day-tables.outlet")), Column.figures(Say.it("day-tables.for"), "min")),
                d.lacking().stream()
                        .map(l -> Row.of(l.outlet(), LengthFormat.decimal(l.minutes(), 1, 1))
                                .out(FIGURE))
                        .toList());
    }
}
