package mellowflare.book.water;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.bag.Bag;
import mellowflare.core.bag.Find;
import mellowflare.core.job.Evaluation;
import mellowflare.core.water.stock.BagPart;
import mellowflare.core.water.work.WaterCase;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The bag to pack, to be ticked, and what it finishes. */
final class BagPdf {
    private BagPdf() {}

    /**
     * The bag of a point.
     *
     * @throws BookTrouble where nothing is hidden
     */
    static Bag bag(WaterCase c) throws BookTrouble {
        return c.bag().orElseThrow(() -> new BookTrouble(Say.it("bag-pdf.nothing-hidden")));
    }

    static byte[] bytes(Evaluation e, WaterCase c) throws IOException, BookTrouble {
        Bag bag = bag(c);
        String title = Say.it("bag-pdf.title", "job", e.job().title());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            try (SheetPage page = new SheetPage(document, e.job().title() + "  ·  " + Version.stamp(e.data()))) {
                page.heading(title, 15);
                page.text(
                        Say.it(
                                "bag-pdf.finishes",
                                "chance",
                                new Figure.OfShare(bag.chance()).text(c.units()),
                                "parts",
                                bag.parts().size()),
                        10.5f,
                        0,
                        false,
                        0.13f);
                for (BagPart p : c.stock().parts()) {
                    if (bag.parts().contains(p.id())) {
                        page.need(18);
                        page.box(false);
                        page.text(p.name(), 10.5f, 18, p.always(), 0.13f);
                    }
                }
                page.heading(Say.it("bag-pdf.what-may-be-found"), 12);
                List<String> covers = bag.covers();
                for (Find f : c.finds()) {
                    page.text(
                            covers.contains(f.id())
                                    ? Say.it("bag-pdf.finished", "find", f.name())
                                    : Say.it("bag-pdf.not-finished", "find", f.name()),
                            10,
                            0,
                            false,
                            0.13f);
                }
                page.text(Say.it("bag-pdf.a-guess"), 8.5f, 0, false, 0.37f);
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
