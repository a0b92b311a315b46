package mellowflare.core.tee;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.line.PartsTable;
import mellowflare.core.line.Take;
import mellowflare.core.measure.Length;
import mellowflare.core.table.FigureTable;
import mellowflare.core.table.FigureTable.Column;
import mellowflare.core.table.FigureTable.Row;
import mellowflare.core.table.FigureTable.What;
import mellowflare.core.tee.line.TeeLine;
import mellowflare.core.tee.work.TeeCase;

/** What was measured for a tee-in. */
final class TeeTables {
    private TeeTables() {}

    static List<FigureTable> of(TeeCase c, List<Take> takes) {
        TeeLine l = c.line();
        List<Row> rows = new ArrayList<>();
        row(rows, c, Say.it("tee-tables.across"), l.across());
        row(rows, c, Say.it("tee-tables.goes-in"), c.goesIn());
        row(rows, c, Say.it("tee-tables.gap"), l.gap());
        row(rows, c, Say.it("tee-tables.slack-a"), l.slackA());
        row(rows, c, Say.it("tee-tables.slack-b"), l.slackB());
        row(rows, c, Say.it("tee-tables.straight-a"), l.straightA());
        row(rows, c, Say.it("tee-tables.straight-b"), l.straightB());
        row(rows, c, Say.it("tee-tables.union"), l.unionAcross());
        List<FigureTable> all = new ArrayList<>();
        if (!rows.isEmpty()) {
            all.add(FigureTable.of(
                    What.MEASURED,
                    Say.it("tee-tables.measured"),
                    List.of(Column.words(""), Column.figures(Say.it("tee-tables.length"))),
                    rows));
        }
        PartsTable.taken(takes).ifPresent(all::add);
        return all;
    }

    private static void row(List<Row> rows, TeeCase c, String name, Optional<Length> length) {
        length.ifPresent(l -> rows.add(Row.of(name, Figure.of(l).text(c.units()))));
    }
}
