package mellowflare.core.line;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** The parts of a line with what they cost together. */
public final class PartsTable {
    private PartsTable() {}

    /**
     * One part.
     *
     * @param name as asked for over the counter
     * @param count how many, or metres
     * @param metres whether it is counted in metres
     * @param each price of one, in the catalogue's money; empty where none is known
     */
    public record Part(String name, double count, boolean metres, Optional<Double> each) {
        private Optional<Double> price() {
            return each.map(e -> e * count);
        }

        private String amount() {
            return metres
                    ? Say.it("parts-table.metres", "count", LengthFormat.decimal(count, 2, 0))
                    : LengthFormat.decimal(count, 0, 0);
        }
    }

    /** What a line takes; empty where it takes nothing. */
    public static Optional<FigureTable> taken(List<Take> takes) {
        return takes.isEmpty()
                ? Optional.empty()
                : Optional.of(of(takes.stream()
                        .map(t -> new Part(t.name(), t.need(), t.metres(), t.each()))
                        .toList()));
    }

    /** Parts without a price are left out of the sum. */
    public static FigureTable of(List<Part> parts) {
        double[] priced = parts.stream()
                .flatMap(p -> p.price().stream())
                .mapToDouble(x -> x)
                .toArray();
        FigureTable table = FigureTable.of(
                        What.PARTS,
                        Say.it("parts-table.parts"),
                        List.of(
                                Column.words(Say.it("parts-table.part")),
                                Column.figures(Say.it("parts-table.count")),
                                Column.figures(Say.it("parts-table.each")),
                                Column.figures(Say.it("parts-table.price"))),
                        parts.stream()
                                .map(p -> Row.of(p.name(), p.amount(), money(p.each()), money(p.price())))
                                .toList())
                .withNote(Say.it("parts-table.prices"));
        // Nothing that has a price is not a price of nothing.
        return priced.length == 0
                ? table
                : table.withSum(
                        Say.it("parts-table.all"),
                        "",
                        "",
                        money(Optional.of(Arrays.stream(priced).sum())));
    }

    private static String money(Optional<Double> amount) {
        return amount.map(a -> LengthFormat.decimal(a, 2, 2)).orElse(FigureTable.OPEN);
    }
}
