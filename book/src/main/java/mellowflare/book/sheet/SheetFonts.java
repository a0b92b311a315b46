package mellowflare.book.sheet;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.Map;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/** The shipped text face, embedded in the sheet. */
public final class SheetFonts {
    private final PDFont plain;
    private final PDFont strong;

    /** A face is read once by a thread: it costs more than a page, and two threads must not share one. */
    private static final ThreadLocal<Faces> FACES = ThreadLocal.withInitial(Faces::read);

    public SheetFonts(PDDocument document) throws IOException {
        plain = PDType0Font.load(document, FACES.get().plain, true);
        strong = PDType0Font.load(document, FACES.get().strong, true);
    }

    private record Faces(TrueTypeFont plain, TrueTypeFont strong) {
        static Faces read() {
            return new Faces(face("SourceSans3_400Regular.ttf"), face("SourceSans3_600SemiBold.ttf"));
        }

        private static TrueTypeFont face(String name) {
            try (InputStream in = SheetFonts.class.getResourceAsStream("/mellowflare/book/fonts/" + name)) {
                TrueTypeFont face = new TTFParser(true).parse(new RandomAccessReadBuffer(in));
                // A ligature is drawn well, but whoever searches or copies the sheet would find “le” for “left”.
                face.setEnableGsub(false);
                return face;
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /** Both faces are cut from one family and hold the same characters. */
    private final Map<Integer, String> known = new HashMap<>();

    public float width(String text, float size, boolean bold) throws IOException {
        return (bold ? strong : plain).getStringWidth(printable(text, bold)) / 1000 * size;
    }

    public void show(PDPageContentStream out, String text, float x, float y, float size, boolean bold)
            throws IOException {
        out.beginText();
        out.setFont(bold ? strong : plain, size);
        out.newLineAtOffset(x, y);
        out.showText(printable(text, bold));
        out.endText();
    }

    /** Characters that the face lacks come out as a question mark instead of stopping the sheet. */
    private String printable(String text, boolean bold) {
        StringBuilder safe = new StringBuilder(text.length());
        text.codePoints().forEach(c -> safe.append(known.computeIfAbsent(c, x -> printable(x, bold ? strong : plain))));
        return safe.toString();
    }

    private static String printable(int c, PDFont face) {
        String one = Character.isISOControl(c) ? " " : Character.toString(c);
        try {
            face.encode(one);
            return one;
        } catch (IOException | IllegalArgumentException e) {
            return "?";
        }
    }
}
