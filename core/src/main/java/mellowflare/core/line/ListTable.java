package mellowflare.core.line;

import java.util.ArrayList;
import java.util.List;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;

/** What goes in order, numbered: a line as it was called out, or the order in which it goes together. */
public final class ListTable {
    private ListTable() {}

    /** A line piece by piece, in its fitter's words. */
    public static FigureTable walk(List<String> pieces) {
        return numbered(What.WALK, Say.it("list-table.walk"), Say.it("list-table.piece"), pieces);
    }

    /** What is done one after the other. */
    public static FigureTable order(List<String> does) {
        return numbered(What.ORDER, Say.it("list-table.order"), Say.it("list-table.do"), does);
    }

    private static FigureTable numbered(What what, String title, String head, List<String> words) {
        List<Row> rows = new ArrayList<>();
        for (String w : words) {
            rows.add(Row.of(Integer.toString(rows.size() + 1), w));
        }
        return FigureTable.of(
                what, title, List.of(Column.figures(Say.it("list-table.number")), Column.words(head)), rows);
    }
}
