package mellowflare.book.tube;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import java.util.List;
import java.util.Locale;
import mellowflare.core.reference.CsvText;
import mellowflare.core.tube.TubeParts;

/** What a tube line takes, as CSV: no catalogue numbers, as tube and nuts are asked for by size. */
final class TubePartsCsv {
    private TubePartsCsv() {}

    static String of(List<TubeParts> parts) {
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("part", "name", "amount", "need");
        parts.forEach(p -> csv.writeRecord(
                "",
                CsvText.shown(p.name()),
                p.amount(),
                String.format(Locale.ROOT, "%.3f", p.need()).replaceAll("\\.?0+$", "")));
        return text.toString();
    }
}
