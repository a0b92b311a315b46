package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** The figures of a hose line: how the cut comes about, what holds its ends, and its parts. */
final class HoseTables {
    private static final int SHELF = 3;

    private HoseTables() {}

    static List<FigureTable> of(HosePlan plan) {
        List<FigureTable> all = new ArrayList<>();
        plan.cut()
                .filter(c -> c.possible() && !plan.c().whole())
                .ifPresent(c -> all.add(sum(c, plan.c().units())));
        if (!plan.c().whole()
                && plan.c().sides().stream().anyMatch(s -> s.part().isPresent())) {
            all.add(ends(plan.c()));
        }
        if (!plan.parts().isEmpty()) {
            all.add(parts(plan));
        }
        return all;
    }

    /** Overall length less what ends and adapters take. */
    private static FigureTable sum(CutLength cut, UnitSystem units) {
        List<Row> rows = new ArrayList<>();
        rows.add(row(Say.it("hose-tables.overall"), cut.overall(), units).about(Subject.HOSE));
        if (cut.adapters().mm() > 0) {
            rows.add(row(Say.it("hose-tables.adapters"), cut.adapters().times(-1), units));
        }
        rows.add(row(Say.it("hose-tables.end-a"), cut.cutOffA().times(-1), units));
        rows.add(row(Say.it("hose-tables.end-b"), cut.cutOffB().times(-1), units));
        return FigureTable.of(
                        What.SUM,
                        Say.it("hose-tables.sum"),
                        List.of(Column.words(""), Column.figures(Say.it("hose-tables.length"))),
                        rows)
                .withSum(Say.it("hose-tables.cut"), LengthFormat.figure(cut.exact(), units))
                .withNote(Say.it(
                        "hose-tables.pressure",
                        "shop",
                        LengthFormat.shop(cut.shop(units), units),
                        "low",
                        LengthFormat.shop(cut.underPressure().low(), units),
                        "high",
                        LengthFormat.shop(cut.underPressure().high(), units)));
    }

    private static Row row(String name, Length length, UnitSystem units) {
        return Row.of(name, LengthFormat.figure(length, units));
    }

    /** What each end is fixed by: depth, die and crimp diameter. */
    private static FigureTable ends(HoseCase c) {
        return FigureTable.of(
                What.ENDS,
                Say.it("hose-tables.ends"),
                List.of(
                        Column.words(Say.it("hose-tables.at")),
                        Column.words(Say.it("hose-tables.part")),
                        Column.words(Say.it("hose-tables.fixed")),
                        Column.figures(Say.it("hose-tables.insertion")),
                        Column.words(Say.it("hose-tables.ferrule")),
                        Column.figures(Say.it("hose-tables.crimp")),
                        Column.figures(Say.it("hose-tables.taken"))),
                c.sides().stream().map(s -> end(c, s)).toList());
    }

    private static Row end(HoseCase c, Side s) {
        String at = Say.it("hose-tables.end", "which", s.which());
        Optional<HoseEndPart> part = s.part();
        if (part.isEmpty()) {
            return Row.of(
                    at,
                    Say.it("hose-tables.open"),
                    FigureTable.OPEN,
                    FigureTable.OPEN,
                    FigureTable.OPEN,
                    FigureTable.OPEN,
                    FigureTable.OPEN);
        }
        HoseEndPart p = part.get();
        return Row.of(
                at,
                p.part(),
                p.attach().map(a -> a.word()).orElse(Say.it("hose-tables.not-known")),
                figure(p.insertion(), c.units()),
                p.ferrule()
                        .flatMap(c.data().get(Catalogue.KEY)::ferrule)
                        .map(k -> k.die().isEmpty()
                                ? k.part()
                                : Say.it("hose-tables.die", "part", k.part(), "die", k.die()))
                        .orElse(FigureTable.OPEN),
                figure(c.hose().flatMap(h -> Optional.ofNullable(p.crimp().get(h.kind()))), c.units()),
                figure(Optional.of(p.cutOff()), c.units()));
    }

    private static String figure(Optional<Length> length, UnitSystem units) {
        return length.map(l -> LengthFormat.figure(l, units)).orElse(FigureTable.OPEN);
    }

    private static FigureTable parts(HosePlan plan) {
        List<Row> rows = new ArrayList<>();
        for (PartLine p : plan.parts()) {
            Row row = Row.of(
                    p.part(),
                    p.name(),
                    p.here(),
                    p.lacks() > 0
                            ? Say.it("hose-tables.lacks", "lacks", LengthFormat.decimal(p.lacks(), 3, 0))
                            : Say.it("hose-tables.there"),
                    p.cost() > 0 ? money(p.cost()) : FigureTable.OPEN);
            rows.add(p.lacks() > 0 ? row.out(SHELF) : row);
        }
        return FigureTable.of(
                        What.PARTS,
                        Say.it("hose-tables.parts"),
                        List.of(
                                Column.words(Say.it("hose-tables.part")),
                                Column.words(Say.it("hose-tables.name")),
                                Column.figures(Say.it("hose-tables.amount")),
                                Column.words(Say.it("hose-tables.shelf")),
                                Column.figures(Say.it("hose-tables.cost"))),
                        rows)
                .withSum("", Say.it("hose-tables.all"), "", "", money(plan.partsCost()))
                .withNote(Say.it("hose-tables.prices"));
    }

    private static String money(double amount) {
        return LengthFormat.decimal(amount, 2, 2);
    }
}
