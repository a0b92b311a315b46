package mellowflare.core.line;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.cutting.CutBar;
import mellowflare.core.cutting.CutPlan;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** What is cut from each bar, piece by piece, and what is left of it. */
public final class BarTable {
    private BarTable() {}

    /**
     * @param plans by what the bars are of, such as kind and size of pipe
     */
    public static FigureTable of(Map<String, CutPlan> plans, UnitSystem units) {
        List<Row> rows = new ArrayList<>();
        int number = 1;
        for (Map.Entry<String, CutPlan> e : plans.entrySet()) {
            for (CutBar b : e.getValue().bars()) {
                rows.addAll(rows(Integer.toString(number++), e.getKey(), b, units));
            }
        }
        return FigureTable.of(
                What.BARS,
                Say.it("bar-table.title"),
                List.of(
                        Column.words(Say.it("bar-table.bar")),
                        Column.words(Say.it("bar-table.of")),
                        Column.figures(Say.it("bar-table.long")),
                        Column.words(Say.it("bar-table.piece")),
                        Column.figures(Say.it("bar-table.cut")),
                        Column.figures(Say.it("bar-table.left"))),
                rows);
    }

    private static List<Row> rows(String number, String of, CutBar b, UnitSystem units) {
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < b.pieces().size(); i++) {
            boolean first = i == 0;
            boolean last = i == b.pieces().size() - 1;
            CutTask.Piece p = b.pieces().get(i);
            rows.add(Row.of(
                    first ? number : "",
                    first
                            ? Say.it(
                                    "bar-table.stock",
                                    "of",
                                    of,
                                    "stock",
                                    b.stock().name())
                            : "",
                    first ? LengthFormat.shop(b.stock().length(), units) : "",
                    p.name(),
                    LengthFormat.shop(p.length(), units),
                    last ? LengthFormat.shop(b.remnant(), units) : ""));
        }
        return rows;
    }
}
