package mellowflare.book.machine;

import java.util.List;
import mellowflare.core.line.Take;
import mellowflare.core.machine.Machine;
import mellowflare.core.machine.MachinePart;
import mellowflare.core.reference.CsvText;

/** The parts of a machine as CSV: what to buy from. */
public final class KitCsv {
    private KitCsv() {}

    /** A row for each part. */
    public static String parts(Machine m) {
        return CsvText.of(
                List.of(
                        "number",
                        "part",
                        "need",
                        "unit",
                        "taken",
                        "on_shelf",
                        "to_buy",
                        "supplier",
                        "order_number",
                        "each",
                        "cost",
                        "lines"),
                m.parts(),
                KitCsv::row);
    }

    private static List<String> row(MachinePart p) {
        Take t = p.take();
        return List.of(
                CsvText.shown(t.number()),
                CsvText.shown(t.name()),
                CsvText.number(t.need()),
                t.metres() ? "m" : "pc",
                CsvText.number(t.taken()),
                t.onShelf().map(CsvText::number).orElse(""),
                CsvText.number(p.lacks()),
                p.supplier().map(s -> CsvText.shown(s.supplier())).orElse(""),
                p.supplier().map(s -> CsvText.shown(s.order())).orElse(""),
                t.each().map(CsvText::number).orElse(""),
                p.cost().map(CsvText::number).orElse(""),
                String.join(" ", p.lines()));
    }
}
