package mellowflare.core.pipe;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.line.BarTable;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipePart;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** The figures of a line of rigid pipe: its bars and its parts. */
final class PipeTables {
    private PipeTables() {}

    static List<FigureTable> of(PipeCase c) {
        List<FigureTable> all = new ArrayList<>();
        Map<String, CutPlan> bars = new LinkedHashMap<>();
        PipeBars.of(List.of(PipeBars.Marked.alone(c))).forEach((kind, plan) -> bars.put(kind.words(), plan));
        if (!bars.isEmpty()) {
            all.add(BarTable.of(bars, c.units()));
        }
        if (!c.partsList().isEmpty()) {
            all.add(parts(c.partsList()));
        }
        return all;
    }

    private static FigureTable parts(List<PipePart> parts) {
        List<Row> rows = parts.stream()
                .map(p -> Row.of(
                        p.name(),
                        p.metres()
                                ? Say.it("pipe-tables.metres", "count", LengthFormat.decimal(p.count(), 2, 0))
                                : LengthFormat.decimal(p.count(), 0, 0),
                        money(p.each()),
                        money(p.price())))
                .toList();
        double sum = parts.stream()
                .flatMap(p -> p.price().stream())
                .mapToDouble(x -> x)
                .sum();
        return FigureTable.of(
                        What.PARTS,
                        Say.it("pipe-tables.parts"),
                        List.of(
                                Column.words(Say.it("pipe-tables.part")),
                                Column.figures(Say.it("pipe-tables.count")),
                                Column.figures(Say.it("pipe-tables.each")),
                                Column.figures(Say.it("pipe-tables.price"))),
                        rows)
                .withSum(Say.it("pipe-tables.all"), "", "", money(Optional.of(sum)))
                .withNote(Say.it("pipe-tables.prices"));
    }

    private static String money(Optional<Double> amount) {
        return amount.map(a -> LengthFormat.decimal(a, 2, 2)).orElse(FigureTable.OPEN);
    }
}
