package mellowflare.book.tube;

import java.awt.geom.Rectangle2D;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.Version;
import mellowflare.book.sheet.PdfPainter;
import mellowflare.book.sheet.SheetFonts;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.job.Evaluation;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.draw.BendTemplate;
import mellowflare.core.tube.form.FlatStretch;
import mellowflare.core.tube.line.TubeCase;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;

/**
 * The bending template as PDF at true size: each flat stretch over as many sheets as it passes over, sheets overlapping and marked for joining, a ruler on every sheet to prove that the printer did not scale.
 */
final class TemplateSheet {
    private static final float MM = (float) (72 / Length.MM_PER_INCH);
    private static final PDRectangle SHEET = new PDRectangle(PDRectangle.A4.getHeight(), PDRectangle.A4.getWidth());
    private static final float MARGIN = 12 * MM;
    private static final float HEAD = 16 * MM;
    private static final float FOOT = 20 * MM;
    private static final float OVERLAP = 10 * MM;
    private static final int MOST_SHEETS = 30;

    private final PDDocument document;
    private final SheetFonts fonts;
    private final String title;
    private final String stamp;

    private TemplateSheet(PDDocument document, String title, String stamp) throws IOException {
        this.document = document;
        this.fonts = new SheetFonts(document);
        this.title = title;
        this.stamp = stamp;
    }

    /**
     * @param result the job with its results
     * @param c the tube worked out
     * @throws BookTrouble while there is nothing to bend, and when it would take too many sheets
     */
    static byte[] pdf(Evaluation result, TubeCase c) throws IOException, BookTrouble {
        List<Drawing> drawings = BendTemplate.of(c);
        if (drawings.isEmpty()) {
            throw new BookTrouble(Say.it("template-sheet.there-no-bending-template"));
        }
        int sheets = drawings.stream().mapToInt(d -> tiles(d).size()).sum();
        if (sheets > MOST_SHEETS) {
            throw new BookTrouble(
                    Say.it("template-sheet.the-template-would-take", "sheets", sheets, "mostsheets", MOST_SHEETS));
        }
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            document.getDocumentInformation()
                    .setTitle(Say.it(
                            "template-sheet.bending-template",
                            "job",
                            result.job().title()));
            new TemplateSheet(document, result.job().title(), Version.stamp(result.data())).write(c, drawings);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static float wide() {
        return SHEET.getWidth() - 2 * MARGIN;
    }

    private static float high() {
        return SHEET.getHeight() - HEAD - FOOT;
    }

    private static int across(Drawing d) {
        return tiles((float) d.box().width() * MM, wide());
    }

    private static int down(Drawing d) {
        return tiles((float) d.box().height() * MM, high());
    }

    private static int tiles(float size, float room) {
        return size <= room ? 1 : 1 + (int) Math.ceil((size - room) / (room - OVERLAP));
    }

    /** Row and column of each sheet that the tube passes over; sheets that would stay empty are not printed. */
    private static List<int[]> tiles(Drawing d) {
        List<int[]> all = new ArrayList<>();
        for (int row = 0; row < down(d); row++) {
            for (int column = 0; column < across(d); column++) {
                double left = d.box().left() + column * (wide() - OVERLAP) / MM;
                double top = d.box().top() - row * (high() - OVERLAP) / MM;
                Drawing.Box room = new Drawing.Box(left, top - high() / MM, left + wide() / MM, top);
                if (d.shapes().stream().anyMatch(s -> s instanceof Shape.Path p && passes(p.points(), room))) {
                    all.add(new int[] {row, column});
                }
            }
        }
        return all;
    }

    private static boolean passes(List<Point> line, Drawing.Box room) {
        Rectangle2D sheet = new Rectangle2D.Double(room.left(), room.bottom(), room.width(), room.height());
        for (int i = 1; i < line.size(); i++) {
            Point a = line.get(i - 1);
            Point b = line.get(i);
            if (sheet.intersectsLine(a.x(), a.y(), b.x(), b.y())) {
                return true;
            }
        }
        return false;
    }

    private void write(TubeCase c, List<Drawing> drawings) throws IOException {
        List<FlatStretch> stretches = FlatStretch.of(c.path().orElseThrow());
        for (int i = 0; i < drawings.size(); i++) {
            Drawing d = drawings.get(i);
            String what = drawings.size() == 1
                    ? Say.it("template-sheet.whole-tube-flat")
                    : Say.it(
                            "template-sheet.stretch",
                            "number",
                            i + 1,
                            "size",
                            drawings.size(),
                            "length",
                            i == 0
                                    ? "none"
                                    : String.format(
                                            java.util.Locale.ROOT,
                                            "%.1f",
                                            stretches.get(i).turn().degrees()));
            for (int[] tile : tiles(d)) {
                sheet(d, what, tile[0], tile[1]);
            }
        }
    }

    private void sheet(Drawing d, String what, int row, int column) throws IOException {
        PDPage page = new PDPage(SHEET);
        document.addPage(page);
        try (PDPageContentStream out = new PDPageContentStream(document, page)) {
            float width = (float) d.box().width() * MM;
            float left = MARGIN - column * (wide() - OVERLAP);
            float top = SHEET.getHeight() - HEAD + row * (high() - OVERLAP);
            out.saveGraphicsState();
            out.addRect(MARGIN, FOOT, wide(), high());
            out.clip();
            PdfPainter.paint(out, fonts, d, left, top, width, 0);
            out.restoreGraphicsState();
            out.setStrokingColor(0.6f, 0.6f, 0.6f);
            out.setLineWidth(0.4f);
            out.addRect(MARGIN, FOOT, wide(), high());
            out.stroke();
            joins(out, d, row, column);
            ruler(out);
            out.setNonStrokingColor(0.13f, 0.13f, 0.13f);
            fonts.show(out, title + ": " + what, MARGIN, SHEET.getHeight() - 9 * MM, 11, true);
            String tile = Say.it(
                    "template-sheet.sheet-laid-over-next",
                    "overlap",
                    (char) ('A' + row),
                    "valueB",
                    column + 1,
                    "down",
                    down(d),
                    "across",
                    across(d));
            out.setNonStrokingColor(0.37f, 0.37f, 0.37f);
            fonts.show(out, tile, MARGIN, SHEET.getHeight() - 13.5f * MM, 8, false);
            fonts.show(out, stamp, SHEET.getWidth() - MARGIN - fonts.width(stamp, 7, false), 6 * MM, 7, false);
        }
    }

    /** Dashed lines where the neighbouring sheet begins. */
    private void joins(PDPageContentStream out, Drawing d, int row, int column) throws IOException {
        out.setLineDashPattern(new float[] {4, 3}, 0);
        if (column + 1 < across(d)) {
            float x = MARGIN + wide() - OVERLAP;
            out.moveTo(x, FOOT);
            out.lineTo(x, FOOT + high());
            out.stroke();
        }
        if (row + 1 < down(d)) {
            float y = FOOT + OVERLAP;
            out.moveTo(MARGIN, y);
            out.lineTo(MARGIN + wide(), y);
            out.stroke();
        }
        out.setLineDashPattern(new float[0], 0);
    }

    /** 100 mm and 4 in: laid against a rule before anything is bent to the sheet. */
    private void ruler(PDPageContentStream out) throws IOException {
        out.setStrokingColor(0.13f, 0.13f, 0.13f);
        out.setNonStrokingColor(0.13f, 0.13f, 0.13f);
        out.setLineWidth(0.5f);
        float y = 11 * MM;
        for (int i = 0; i <= 100; i++) {
            float x = MARGIN + i * MM;
            out.moveTo(x, y);
            out.lineTo(x, y + (i % 10 == 0 ? 4 : i % 5 == 0 ? 3 : 2) * MM);
            out.stroke();
        }
        float inch = MARGIN + 120 * MM;
        for (int i = 0; i <= 32; i++) {
            float x = inch + i * 25.4f * MM / 8;
            out.moveTo(x, y);
            out.lineTo(x, y + (i % 8 == 0 ? 4 : i % 4 == 0 ? 3 : 2) * MM);
            out.stroke();
        }
        fonts.show(out, Say.it("template-sheet.check-100-mm-4"), MARGIN, 6 * MM, 8, false);
    }
}
