package mellowflare.book.bag;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.advice.Figure;
import mellowflare.core.bag.Bag;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Find;
import mellowflare.core.bag.Packed;
import mellowflare.core.job.Evaluation;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The bag to pack, to be ticked, and what it finishes. */
public final class BagPdf {
    private BagPdf() {}

    /**
     * The bag of a job.
     *
     * @throws BookTrouble where nothing is unseen
     */
    static Bag bag(Packed packed) throws BookTrouble {
        return packed.bag().orElseThrow(() -> new BookTrouble(Say.it("bag-pdf.nothing-hidden")));
    }

    /**
     * @throws BookTrouble where nothing is unseen
     */
    public static byte[] bytes(Evaluation e) throws IOException, BookTrouble {
        Packed packed = e.packed();
        Bag bag = bag(packed);
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
                                new Figure.OfShare(packed.chance(bag))
                                        .text(e.job().units()),
                                "parts",
                                bag.parts().size()),
                        10.5f,
                        0,
                        false,
                        0.13f);
                for (BagPart p : packed.parts(bag)) {
                    page.need(18);
                    page.box(false);
                    page.text(p.name(), 10.5f, 18, p.always(), 0.13f);
                }
                page.heading(Say.it("bag-pdf.what-may-be-found"), 12);
                List<String> covers = bag.covers();
                for (Find f : packed.likeliest()) {
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
