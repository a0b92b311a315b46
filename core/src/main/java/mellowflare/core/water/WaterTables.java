package mellowflare.core.water;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.bag.Bag;
import mellowflare.core.bag.BagPart;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.work.WaterCase;

/** The seals of a water point in order from the pipe, its parts, and what goes along for a pipe that nobody has seen. */
final class WaterTables {
    private WaterTables() {}

    static List<FigureTable> of(WaterCase c) {
        List<FigureTable> all = new ArrayList<>();
        c.set().ifPresent(s -> {
            all.add(seals(s));
            all.add(parts(s));
        });
        c.bag().filter(b -> !b.parts().isEmpty()).ifPresent(b -> all.add(bag(c, b)));
        return all;
    }

    /** Every set of parts, the best first, with why one cannot be used. */
    static FigureTable sets(WaterCase c) {
        return FigureTable.of(
                What.COSTS,
                Say.it("water-tables.sets"),
                List.of(
                        Column.words(Say.it("water-tables.valve")),
                        Column.words(Say.it("water-tables.link")),
                        Column.figures(Say.it("water-tables.price")),
                        Column.figures(Say.it("water-tables.takes")),
                        Column.words(Say.it("water-tables.not"))),
                c.sets().stream().map(WaterTables::set).toList());
    }

    private static Row set(WaterSet s) {
        return s.possible()
                ? Row.of(
                        s.method().name(),
                        s.link().name(),
                        LengthFormat.decimal(s.price(), 0, 0),
                        Say.it("water-tables.minutes", "minutes", LengthFormat.decimal(s.minutes(), 0, 0)),
                        "")
                : Row.of(
                        s.method().name(),
                        s.link().name(),
                        FigureTable.OPEN,
                        FigureTable.OPEN,
                        s.blocked().get(0));
    }

    private static FigureTable seals(WaterSet set) {
        List<Row> rows = new ArrayList<>();
        for (WaterSet.SetJoint j : set.joints()) {
            rows.add(Row.of(Integer.toString(rows.size() + 1), j.at(), j.seal(), j.put(), j.turns()));
        }
        return FigureTable.of(
                What.SEALS,
                Say.it("water-tables.seals"),
                List.of(
                        Column.figures(Say.it("water-tables.number")),
                        Column.words(Say.it("water-tables.at")),
                        Column.words(Say.it("water-tables.by")),
                        Column.words(Say.it("water-tables.put")),
                        Column.words(Say.it("water-tables.turns"))),
                rows);
    }

    private static FigureTable parts(WaterSet set) {
        return FigureTable.of(
                        What.PARTS,
                        Say.it("water-tables.parts"),
                        List.of(Column.words(Say.it("water-tables.part"))),
                        set.parts().stream().map(Row::of).toList())
                .withNote(Say.it(
                        "water-tables.together",
                        "price",
                        LengthFormat.decimal(set.price(), 2, 2),
                        "minutes",
                        LengthFormat.decimal(set.minutes(), 0, 0)));
    }

    private static FigureTable bag(WaterCase c, Bag bag) {
        List<BagPart> parts = c.packed().parts(bag);
        double sum = parts.stream()
                .flatMap(p -> p.price().stream())
                .mapToDouble(x -> x)
                .sum();
        return FigureTable.of(
                        What.BAG,
                        Say.it("water-tables.bag"),
                        List.of(
                                Column.words(Say.it("water-tables.part")),
                                Column.figures(Say.it("water-tables.price"))),
                        parts.stream()
                                .map(p -> Row.of(
                                        p.name(),
                                        p.price()
                                                .map(x -> LengthFormat.decimal(x, 2, 2))
                                                .orElse(FigureTable.OPEN)))
                                .toList())
                .withSum(Say.it("water-tables.all"), LengthFormat.decimal(sum, 2, 2))
                .withNote(Say.it("water-tables.catalogue"));
    }
}
