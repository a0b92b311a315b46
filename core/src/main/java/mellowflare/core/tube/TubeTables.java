package mellowflare.core.tube;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;
import mellowflare.core.tube.form.BendMark;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeCut;

/** The figures of a tube line: its bends with every mark, and its parts. */
final class TubeTables {
    private TubeTables() {}

    static List<FigureTable> of(TubeCase c) {
        List<FigureTable> all = new ArrayList<>();
        c.cut().ifPresent(x -> all.add(sum(x, c.units())));
        if (!c.shape().rows().isEmpty()) {
            all.add(bends(c));
        }
        List<TubeParts> parts = TubeParts.of(c);
        if (!parts.isEmpty()) {
            all.add(FigureTable.of(
                    What.PARTS,
                    Say.it("tube-tables.parts"),
                    List.of(Column.words(Say.it("tube-tables.part")), Column.figures(Say.it("tube-tables.amount"))),
                    parts.stream().map(p -> Row.of(p.name(), p.amount())).toList()));
        }
        return all;
    }

    /** The bends in the order in which they are made, marks counted from one end. */
    static FigureTable order(TubeCase c, LineEnd from) {
        UnitSystem units = c.units();
        return FigureTable.of(
                What.BENDS,
                Say.it("tube-tables.order", "end", from),
                List.of(
                        Column.figures(Say.it("tube-tables.bend-number")),
                        Column.figures(Say.it("tube-tables.mark-at")),
                        Column.figures(Say.it("tube-tables.turn")),
                        Column.words(Say.it("tube-tables.bend")),
                        Column.figures(Say.it("tube-tables.begins"))),
                c.bendings(from).stream()
                        .map(b -> Row.of(
                                Integer.toString(b.number()),
                                LengthFormat.shop(b.mark().at(c.markWanted()), units),
                                Figure.of(b.mark().ambient()).text(units),
                                b.asMade(units),
                                LengthFormat.shop(b.mark().start(), units)))
                        .toList());
    }

    /** What the tube is along its bends, and what ends, squaring and trimming add. */
    private static FigureTable sum(TubeCut cut, UnitSystem units) {
        List<Row> rows = new ArrayList<>();
        rows.add(row(Say.it("tube-tables.developed"), cut.developed(), units));
        rows.add(row(Say.it("tube-tables.end-a"), cut.endA(), units));
        rows.add(row(Say.it("tube-tables.end-b"), cut.endB(), units));
        rows.add(row(Say.it("tube-tables.square"), cut.squareUp(), units));
        if (cut.trim().mm() > 0) {
            rows.add(row(Say.it("tube-tables.trim"), cut.trim(), units));
        }
        rows.add(row(Say.it("tube-tables.rounded"), cut.roundingError(units), units));
        return FigureTable.of(
                        What.SUM,
                        Say.it("tube-tables.sum"),
                        List.of(Column.words(""), Column.figures(Say.it("tube-tables.length"))),
                        rows)
                .withSum(Say.it("tube-tables.cut"), LengthFormat.shop(cut.shop(units), units));
    }

    private static Row row(String name, Length length, UnitSystem units) {
        return Row.of(name, LengthFormat.figure(length, units));
    }

    /** One row for each straight with the bend after it: enough to bend by. */
    private static FigureTable bends(TubeCase c) {
        UnitSystem units = c.units();
        List<BendMark> marks = c.marks(LineEnd.A);
        List<BendMark> fromB = c.marks(LineEnd.B);
        List<Angle> levers = c.levers();
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < c.shape().rows().size(); i++) {
            var r = c.shape().rows().get(i);
            String leg = Integer.toString(i + 1);
            String straight = LengthFormat.shop(r.straight(), units);
            if (i >= marks.size()) {
                rows.add(Row.of(leg, straight, "", "", "", "", "", "", ""));
                continue;
            }
            BendMark m = marks.get(i);
            rows.add(Row.of(
                    leg,
                    straight,
                    Figure.of(r.rotation()).text(units),
                    Figure.of(r.bend()).text(units),
                    i < levers.size() ? Figure.of(levers.get(i)).text(units) : FigureTable.OPEN,
                    LengthFormat.shop(m.start(), units),
                    LengthFormat.shop(m.middle(), units),
                    LengthFormat.shop(m.leg(), units),
                    LengthFormat.shop(fromB.get(marks.size() - 1 - i).start(), units)));
        }
        return FigureTable.of(
                        What.BENDS,
                        Say.it("tube-tables.bends"),
                        List.of(
                                Column.figures(Say.it("tube-tables.leg")),
                                Column.figures(Say.it("tube-tables.straight")),
                                Column.figures(Say.it("tube-tables.turn")),
                                Column.figures(Say.it("tube-tables.bend")),
                                Column.figures(Say.it("tube-tables.lever")),
                                Column.figures(Say.it("tube-tables.begins")),
                                Column.figures(Say.it("tube-tables.middle")),
                                Column.figures(Say.it("tube-tables.mark")),
                                Column.figures(Say.it("tube-tables.from-b"))),
                        rows)
                .withNote(c.bender()
                        .map(b -> Say.it(
                                "tube-tables.counted-with",
                                "bender",
                                b.name(),
                                "mark",
                                b.mark().words()))
                        .orElse(Say.it("tube-tables.counted")));
    }
}
