package mellowflare.book.pipe;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Optional;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.sheet.SheetPage;
import mellowflare.core.job.Evaluation;
import mellowflare.core.pipe.PipePlan;
import mellowflare.core.pipe.draw.RunDrawing;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.table.FigureTable;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A run in space over the breadth of a page, and under it the order in which it goes together. */
final class IsometricPdf {
    private IsometricPdf() {}

    /** @throws BookTrouble while there is nothing to draw */
    static byte[] bytes(Evaluation e, PipePlan plan) throws IOException, BookTrouble {
        PipeCase c = plan.c();
        if (c.laid().isEmpty()) {
            throw new BookTrouble(plan.stillNeeded());
        }
        String title = Say.it("isometric-pdf.title", "job", e.job().title());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(title);
            try (SheetPage page = new SheetPage(document, e.job().title() + "  ·  " + Version.stamp(e.data()))) {
                page.heading(title, 15);
                page.drawing(
                        RunDrawing.page(
                                c,
                                plan.findings(),
                                RunDrawing.FIRST_TURN,
                                RunDrawing.FIRST_TILT,
                                Optional.empty(),
                                RunDrawing.Layout.TALL),
                        10);
                Optional<FigureTable> order = plan.table(FigureTable.What.ORDER);
                if (order.isPresent()) {
                    page.table(order.get());
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
