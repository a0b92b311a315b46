package mellowflare.book.hose;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.util.Locale;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.PartLine;
import mellowflare.core.reference.CsvText;

/** The parts list as CSV: what is needed, what lies on the shelf, what lacks, what it costs. */
final class HosePartsCsv {
    private HosePartsCsv() {}

    static String of(HosePlan plan) {
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("part", "name", "amount", "need", "on_shelf", "lacks", "price", "cost");
        for (PartLine p : plan.parts()) {
            csv.writeRecord(
                    CsvText.shown(p.part()),
                    CsvText.shown(p.name()),
                    p.amount(),
                    number(p.need()),
                    number(p.onShelf()),
                    number(p.lacks()),
                    number(p.price()),
                    number(p.cost()));
        }
        csv.writeRecord("", "all", "", "", "", "", "", number(plan.partsCost()));
        return text.toString();
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value).replaceAll("\\.?0+$", "");
    }
}
