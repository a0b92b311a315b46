package mellowflare.book.sheet;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.table.FigureTable;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.graphics.image.JPEGFactory;

/** Writes down the page: headings, wrapped text, drawings; starts a new page when one is full. */
public final class SheetPage implements AutoCloseable {
    private static final float LEFT = 48;
    private static final float WIDTH = PDRectangle.A4.getWidth() - 2 * LEFT;
    private static final float TOP = PDRectangle.A4.getHeight() - 46;
    private static final float BOTTOM = 56;
    /** Over and under a drawing that stands under words, for its dimensions. */
    private static final float HEADROOM = 18;

    private static final float HEADROOM_OF_WORDS = 4;

    private static final float HEADING = 12;
    private static final int TRIES = 4;

    private static final float GUTTER = 14;
    /** Room over a line to write on (pt). */
    private static final float BLANK = 19;

    private static final int BESIDE = 3;
    private static final float LEADING = 1.28f;
    private final PDDocument document;
    private final SheetFonts fonts;
    private final String footer;
    private PDPageContentStream out;
    private float y;
    private int pages;
    /** Where lines begin, and how long they are (pt). */
    private float left = LEFT;

    private float wide = WIDTH;
    private boolean measuring;

    public SheetPage(PDDocument document, String footer) throws IOException {
        this.document = document;
        this.fonts = new SheetFonts(document);
        this.footer = footer;
        turn();
    }

    private void turn() throws IOException {
        if (out != null) {
            out.close();
        }
        PDPage page = new PDPage(PDRectangle.A4);
        document.addPage(page);
        pages++;
        out = new PDPageContentStream(document, page);
        ink(0.37f);
        fonts.show(out, footer, LEFT, 34, 7.5f, false);
        String number = Say.it("sheet-page.page", "pages", pages);
        fonts.show(out, number, LEFT + WIDTH - fonts.width(number, 7.5f, false), 34, 7.5f, false);
        ink(0.13f);
        y = TOP;
    }

    private void ink(float grey) throws IOException {
        out.setNonStrokingColor(grey, grey, grey);
    }

    /** Turns to a new page unless so much is left of this one (pt). */
    public void need(float height) throws IOException {
        if (!measuring && y - height < BOTTOM) {
            turn();
        }
    }

    public void gap(float height) {
        y -= height;
    }

    public void heading(String text, float size) throws IOException {
        need(size * 3);
        ink(0.13f);
        y -= size * LEADING;
        fonts.show(out, text, left, y, size, true);
    }

    public void rule() throws IOException {
        y -= 5;
        out.setStrokingColor(0.8f, 0.78f, 0.72f);
        out.setLineWidth(0.6f);
        out.moveTo(left, y);
        out.lineTo(left + wide, y);
        out.stroke();
    }

    /** Wrapped text, indented. */
    public void text(String text, float size, float indent, boolean bold, float grey) throws IOException {
        for (String line : wrap(text, size, wide - indent, bold)) {
            need(size * LEADING);
            ink(grey);
            y -= size * LEADING;
            fonts.show(out, line, left + indent, y, size, bold);
        }
    }

    /**
     * One line of a table.
     *
     * @param at where each cell stands, as a share of the width; below zero its right end does
     * @param cells as many texts
     */
    public void row(float[] at, List<String> cells, float size, boolean bold) throws IOException {
        need(size * LEADING * 1.2f);
        ink(0.13f);
        y -= size * LEADING * 1.2f;
        for (int i = 0; i < at.length; i++) {
            String cell = cells.get(i);
            float x = left + Math.abs(at[i]) * wide - (at[i] < 0 ? fonts.width(cell, size, bold) : 0);
            fonts.show(out, cell, x, y, size, bold);
        }
    }

    /** Figures under headings, with a heading over them. */
    public void table(FigureTable table) throws IOException {
        new SheetTable(this, table).write();
    }

    /** Words, and tables after them: what is small stands beside each other, larger tables below over the whole width. */
    public void tables(Words first, List<FigureTable> tables) throws IOException {
        List<Words> small = new ArrayList<>(List.of(first));
        List<FigureTable> large = new ArrayList<>();
        for (FigureTable t : tables) {
            if (new SheetTable(this, t).natural() <= column()) {
                small.add(() -> table(t));
            } else {
                large.add(t);
            }
        }
        if (small.size() > 1) {
            columns("", small);
        } else {
            first.write();
        }
        for (FigureTable t : large) {
            table(t);
        }
    }

    /** Whether a new page was begun because so much (pt) was not left of this one. */
    boolean turns(float height) throws IOException {
        int before = pages;
        need(height);
        return pages > before;
    }

    float width(String text, float size, boolean bold) throws IOException {
        return fonts.width(text, size, bold);
    }

    /** Words on the line where the page is, so far (pt) from the left. */
    void put(String text, float x, float size, boolean bold, float grey) throws IOException {
        ink(grey);
        fonts.show(out, text, left + x, y, size, bold);
    }

    /** A thin line under what stands, so long (pt). */
    void hairline(float length, float grey) throws IOException {
        out.setStrokingColor(grey, grey, grey);
        out.setLineWidth(0.6f);
        out.moveTo(left, y);
        out.lineTo(left + length, y);
        out.stroke();
    }

    /**
     * A drawing under what was written.
     *
     * @param width of it at most (pt)
     * @param high at most so high (pt)
     */
    public void under(Drawing drawing, float indent, float width, float high) throws IOException {
        float scale = (float)
                Math.min(width / drawing.box().width(), high / drawing.box().height());
        float natural = (float) drawing.box().width() * scale;
        float broad = inside(drawing, natural, wide - indent);
        // What stands above the box is dimension lines.
        float room = drawing.dimensions().isEmpty() ? HEADROOM_OF_WORDS : HEADROOM;
        need((float) (drawing.box().height() * broad / drawing.box().width()) + room);
        y -= PdfPainter.paint(out, fonts, drawing, left + indent, y, broad, room);
    }

    /** How long a line is where the page is now (pt). */
    float wide() {
        return wide;
    }

    private static float column() {
        return (WIDTH - GUTTER) / 2;
    }

    /** Pieces under a heading in two columns, read down the left one and then down the right one; each piece stays whole where it fits on a page. */
    public void columns(String title, List<Words> pieces) throws IOException {
        List<Float> high = new ArrayList<>();
        for (Words w : pieces) {
            high.add(high(w));
        }
        if (!pieces.isEmpty()) {
            need(Math.min(high.get(0), (TOP - BOTTOM) / 2) + 3 * HEADING);
        }
        if (!title.isBlank()) {
            heading(title, HEADING);
        }
        int at = 0;
        while (at < pieces.size()) {
            float room = y - BOTTOM;
            float fresh = TOP - BOTTOM;
            if (high.get(at) > room && room < fresh) {
                turn();
                continue;
            }
            int middle = ColumnBreaks.split(high, at, room);
            int end = ColumnBreaks.fill(high, middle, high.get(at) > room ? 0 : room);
            float top = y;
            int sheet = pages;
            float one = column(pieces.subList(at, middle), top, LEFT);
            float two = pages == sheet ? column(pieces.subList(middle, end), top, LEFT + column() + GUTTER) : one;
            y = Math.min(one, two);
            at = pages == sheet ? end : middle;
        }
    }

    /** Writes pieces below each other in a column; gives where it ends. */
    private float column(List<Words> pieces, float top, float from) throws IOException {
        left = from;
        wide = column();
        y = top;
        for (Words w : pieces) {
            w.write();
        }
        left = LEFT;
        wide = WIDTH;
        return y;
    }

    /** How high words would stand in a column (pt): written onto a page that is thrown away. */
    private float high(Words w) throws IOException {
        PDPageContentStream kept = out;
        float before = y;
        try (PDDocument scratch = new PDDocument()) {
            PDPage page = new PDPage(PDRectangle.A4);
            scratch.addPage(page);
            measuring = true;
            try (PDPageContentStream thrown = new PDPageContentStream(scratch, page)) {
                out = thrown;
                return TOP - column(List.of(w), TOP, LEFT);
            }
        } finally {
            measuring = false;
            out = kept;
            y = before;
        }
    }

    /**
     * A place to write in.
     *
     * @param label what is written there
     * @param known what is known of it already; blank if nothing is
     */
    public record Blank(String label, String known) {}

    /** Places to write in, three beside each other. */
    public void blanks(List<Blank> all) throws IOException {
        float each = (wide - 2 * GUTTER) / BESIDE;
        for (int from = 0; from < all.size(); from += BESIDE) {
            need(2 * BLANK);
            y -= BLANK;
            for (int i = from; i < Math.min(all.size(), from + BESIDE); i++) {
                float x = (i - from) * (each + GUTTER);
                List<String> known = wrap(all.get(i).known(), 10, each - 10, false);
                put(known.size() > 1 ? known.get(0) + " …" : known.get(0), x, 10, false, 0.13f);
                out.setStrokingColor(0.37f, 0.37f, 0.37f);
                out.setLineWidth(0.5f);
                out.moveTo(left + x, y - 3);
                out.lineTo(left + x + each, y - 3);
                out.stroke();
                y -= 12;
                put(all.get(i).label(), x, 7.5f, false, 0.37f);
                y += 12;
            }
            y -= 12;
        }
    }

    /** Writes onto the page. */
    public interface Words {
        void write() throws IOException;
    }

    /** A label with a large figure under it, in one of several columns; all columns share a line. */
    public void figures(List<String[]> columns) throws IOException {
        need(58);
        float each = wide / columns.size();
        for (int i = 0; i < columns.size(); i++) {
            float x = left + i * each;
            ink(0.37f);
            fonts.show(out, columns.get(i)[0], x, y - 12, 8.5f, false);
            ink(0.13f);
            fonts.show(out, columns.get(i)[1], x, y - 34, 19, true);
            ink(0.37f);
            fonts.show(out, columns.get(i)[2], x, y - 48, 8.5f, false);
        }
        ink(0.13f);
        y -= 54;
    }

    /** An open or ticked box at the left edge of the next line. */
    public void box(boolean ticked) throws IOException {
        need(14);
        out.setStrokingColor(0.13f, 0.16f, 0.17f);
        out.setLineWidth(0.8f);
        out.addRect(left, y - 12.5f, 8, 8);
        out.stroke();
        if (ticked) {
            out.moveTo(left + 1.5f, y - 8.5f);
            out.lineTo(left + 3.5f, y - 11);
            out.lineTo(left + 7.5f, y - 4);
            out.stroke();
        }
    }

    public void drawing(Drawing drawing, float room) throws IOException {
        float width = inside(drawing, wide);
        need((float) (drawing.box().height() * width / drawing.box().width()) + room);
        y -= PdfPainter.paint(out, fonts, drawing, left, y, width, room);
    }

    /** A drawing over the width, or as high as this (pt) where it would be higher. */
    public void drawing(Drawing drawing, float room, float high) throws IOException {
        float width = (float)
                Math.min(wide, high * drawing.box().width() / drawing.box().height());
        need((float) (drawing.box().height() * width / drawing.box().width()) + room);
        y -= PdfPainter.paint(out, fonts, drawing, left, y, width, room);
    }

    /** A drawing narrower than the text, at the left. */
    public void narrow(Drawing drawing, float width) throws IOException {
        float broad = inside(drawing, Math.min(wide, width));
        need((float) (drawing.box().height() * broad / drawing.box().width()));
        y -= PdfPainter.paint(out, fonts, drawing, left, y, broad, 0);
    }

    /** The width at which the words of a drawing stay on the line too, if it may be so wide (pt). */
    private float inside(Drawing drawing, float width) throws IOException {
        return inside(drawing, width, wide);
    }

    /** Words keep their size while a drawing shrinks, so that once is not enough. */
    private float inside(Drawing drawing, float width, float room) throws IOException {
        float fits = width;
        for (int i = 0; i < TRIES; i++) {
            float past = fits + PdfPainter.over(fonts, drawing, fits) - room;
            if (past <= 0) {
                return fits;
            }
            fits -= past;
        }
        return fits;
    }

    /** A photo or another picture in dots, with what it shows. */
    public record Picture(BufferedImage image, String says) {}

    /** Pictures beside each other, three in a row. */
    public void pictures(List<Picture> all) throws IOException {
        float broad = (wide - (BESIDE - 1) * GUTTER) / BESIDE;
        for (int from = 0; from < all.size(); from += BESIDE) {
            List<Picture> row = all.subList(from, Math.min(from + BESIDE, all.size()));
            float high = 0;
            for (Picture p : row) {
                high = Math.max(high, Math.min(broad, broad * p.image.getHeight() / p.image.getWidth()));
            }
            need(high + 2 * GUTTER);
            y -= HEADING / 2 + high;
            for (int i = 0; i < row.size(); i++) {
                BufferedImage image = row.get(i).image;
                float scale = Math.min(broad / image.getWidth(), high / image.getHeight());
                float at = left + i * (broad + GUTTER);
                out.drawImage(
                        JPEGFactory.createFromImage(document, image),
                        at,
                        y + high - image.getHeight() * scale,
                        image.getWidth() * scale,
                        image.getHeight() * scale);
                String says = wrap(row.get(i).says, 8, broad, false).get(0);
                ink(0.37f);
                fonts.show(out, says, at, y - 10, 8, false);
            }
            y -= HEADING;
        }
        ink(0.13f);
    }

    /** A drawing of a given width on paper, wider than the text if need be. */
    public void trueSize(Drawing drawing, float width) throws IOException {
        need((float) (drawing.box().height() * width / drawing.box().width()));
        float from = (PDRectangle.A4.getWidth() - width) / 2;
        y -= PdfPainter.paint(out, fonts, drawing, from, y, width, 0);
    }

    List<String> wrap(String text, float size, float width, boolean bold) throws IOException {
        return new WrappedLines(fonts, size, bold).of(text, width);
    }

    @Override
    public void close() throws IOException {
        out.close();
    }
}
