package mellowflare.book.bag;

import de.siegmar.fastcsv.writer.CsvWriter;
import java.io.StringWriter;
import mellowflare.book.BookTrouble;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Packed;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.reference.CsvText;

/** The bag as CSV: a row a part. */
public final class BagCsv {
    private BagCsv() {}

    /**
     * @throws BookTrouble where nothing is unseen
     */
    public static String text(Evaluation e) throws BookTrouble {
        Packed packed = e.packed();
        StringWriter text = new StringWriter();
        CsvWriter csv = CsvWriter.builder().build(text);
        csv.writeRecord("part", "name", "price", "always");
        for (BagPart p : packed.parts(BagPdf.bag(packed))) {
            csv.writeRecord(
                    CsvText.shown(p.id()),
                    CsvText.shown(p.name()),
                    p.price().map(x -> LengthFormat.decimal(x, 2, 2)).orElse(""),
                    p.always() ? "yes" : "no");
        }
        return text.toString();
    }
}
