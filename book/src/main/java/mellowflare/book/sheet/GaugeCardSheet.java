package mellowflare.book.sheet;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.section.GaugeCard;
import org.apache.pdfbox.pdmodel.PDDocument;

/** The gauge card as PDF at true size. */
public final class GaugeCardSheet {
    /** Points of paper for a millimetre: 72 points are an inch. */
    private static final float POINTS_PER_MM = (float) (72 / Length.MM_PER_INCH);

    private GaugeCardSheet() {}

    /**
     * @param data the tables the card is made from
     * @param stamp program and data version, for the foot of the page
     */
    public static byte[] pdf(ReferenceData data, String stamp) throws IOException {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation().setTitle(Say.it("gauge-card-sheet.gauge-card"));
            try (SheetPage page =
                    new SheetPage(document, Say.it("gauge-card-sheet.hold-part-paper-caliper", "stamp", stamp))) {
                page.heading(Say.it("gauge-card-sheet.gauge-card-true-size"), 14);
                page.gap(6);
                for (Drawing drawing : GaugeCard.drawings(data)) {
                    page.trueSize(drawing, (float) GaugeCard.WIDTH * POINTS_PER_MM);
                    page.gap(6);
                }
            }
            document.save(bytes);
            return bytes.toByteArray();
        }
    }
}
