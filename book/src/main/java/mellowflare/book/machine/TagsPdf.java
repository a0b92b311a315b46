package mellowflare.book.machine;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Evaluation;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.multipdf.LayerUtility;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.form.PDFormXObject;
import org.apache.pdfbox.util.Matrix;

/** The tags of many lines on sheets, at true size, to be cut apart. */
public final class TagsPdf {
    private static final float MARGIN = 10;
    private static final float GAP = 6;

    private TagsPdf() {}

    /** Makes the tag of a line. */
    public interface Tag {
        byte[] of(Evaluation line) throws IOException, BookTrouble;
    }

    /**
     * The sheets as PDF: two tags beside each other on an A4 sheet, as many below each other as go on it.
     */
    public static byte[] bytes(List<Evaluation> lines, Tag tag) throws IOException, BookTrouble {
        PDRectangle sheet = PDRectangle.A4;
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(Say.it("tags-pdf.title"));
            LayerUtility layers = new LayerUtility(document);
            PDPageContentStream out = null;
            try {
                float x = 0;
                float y = 0;
                for (Evaluation line : lines) {
                    try (PDDocument one = Loader.loadPDF(tag.of(line))) {
                        PDFormXObject form = layers.importPageAsForm(one, 0);
                        float wide = form.getBBox().getWidth();
                        float high = form.getBBox().getHeight();
                        if (out != null && x + wide > sheet.getWidth() - MARGIN) {
                            x = MARGIN;
                            y -= high + GAP;
                        }
                        if (out == null || y < MARGIN) {
                            if (out != null) {
                                out.close();
                            }
                            PDPage page = new PDPage(sheet);
                            document.addPage(page);
                            out = new PDPageContentStream(document, page);
                            x = MARGIN;
                            y = sheet.getHeight() - MARGIN - high;
                        }
                        out.saveGraphicsState();
                        out.transform(Matrix.getTranslateInstance(x, y));
                        out.drawForm(form);
                        out.restoreGraphicsState();
                        out.setLineWidth(0.3f);
                        out.setStrokingColor(0.6f);
                        out.addRect(x, y, wide, high);
                        out.stroke();
                        x += wide + GAP;
                    }
                }
            } finally {
                if (out != null) {
                    out.close();
                }
            }
            if (document.getNumberOfPages() == 0) {
                document.addPage(new PDPage(sheet));
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
