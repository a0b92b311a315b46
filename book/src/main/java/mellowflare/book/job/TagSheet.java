package mellowflare.book.job;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.sheet.PdfPainter;
import mellowflare.book.sheet.SheetFonts;
import mellowflare.book.tag.TagCode;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.job.Evaluation;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/** The tag that is tied to a hose: key facts to be read by eye, and the same in a code. 100 x 50 mm. */
final class TagSheet {
    private static final float MM = 72 / 25.4f;
    private static final float WIDE = 100 * MM;
    private static final float HIGH = 50 * MM;

    private TagSheet() {}

    /** The tag as PDF of its own size. */
    static byte[] pdf(Evaluation e) throws IOException, BookTrouble {
        TagFacts facts = BookKinds.tag(e);
        Drawing code = TagCode.drawing(facts.text());
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            PDPage page = new PDPage(new PDRectangle(WIDE, HIGH));
            document.addPage(page);
            document.getDocumentInformation().setTitle(Say.it("tag-sheet.tag", "facts", facts.title()));
            SheetFonts fonts = new SheetFonts(document);
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                float side = 44 * MM;
                PdfPainter.paint(out, fonts, code, WIDE - side - 3 * MM, HIGH - 3 * MM, side, 0);
                out.setNonStrokingColor(0f, 0f, 0f);
                float y = HIGH - 7 * MM;
                float room = WIDE - side - 8 * MM;
                fonts.show(out, cut(fonts, facts.title(), 11, true, room), 4 * MM, y, 11, true);
                for (String line : lines(e, facts)) {
                    y -= 4.6f * MM;
                    fonts.show(out, cut(fonts, line, 8.5f, false, room), 4 * MM, y, 8.5f, false);
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static List<String> lines(Evaluation e, TagFacts facts) {
        List<String> lines = new ArrayList<>();
        lines.add(facts.machine());
        lines.add(
                facts.hose().isEmpty()
                        ? Say.it("tag-sheet.open", "kind", e.job().kind().word())
                        : facts.hose());
        lines.addAll(BookKinds.tagLines(e, facts));
        lines.add(
                facts.proofed().isEmpty()
                        ? Say.it("tag-sheet.not-proof-tested")
                        : Say.it("tag-sheet.proof", "proofed", facts.proofed()));
        lines.add(
                facts.made().isEmpty()
                        ? Say.it("tag-sheet.not-made-yet")
                        : Say.it("tag-sheet.made", "made", facts.made()));
        return lines;
    }

    /** What fits into the room, with an ellipsis when it is cut. */
    private static String cut(SheetFonts fonts, String text, float size, boolean bold, float room) throws IOException {
        String shown = text;
        while (!shown.isEmpty() && fonts.width(shown.equals(text) ? shown : shown + "…", size, bold) > room) {
            shown = shown.substring(0, shown.offsetByCodePoints(shown.length(), -1));
        }
        return shown.equals(text) ? shown : shown + "…";
    }
}
