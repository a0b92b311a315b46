package mellowflare.book.tag;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.Binarizer;
import com.google.zxing.BinaryBitmap;
import com.google.zxing.DecodeHintType;
import com.google.zxing.EncodeHintType;
import com.google.zxing.LuminanceSource;
import com.google.zxing.NotFoundException;
import com.google.zxing.RGBLuminanceSource;
import com.google.zxing.ReaderException;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.common.GlobalHistogramBinarizer;
import com.google.zxing.common.HybridBinarizer;
import com.google.zxing.qrcode.QRCodeReader;
import com.google.zxing.qrcode.QRCodeWriter;
import com.google.zxing.qrcode.decoder.ErrorCorrectionLevel;
import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import mellowflare.book.BookTrouble;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;

/** The tag's QR code (ISO/IEC 18004): as a drawing, and read from a picture. */
public final class TagCode {
    /** More than any camera that is pointed at a tag takes. */
    private static final long MOST_DOTS = 60_000_000;

    /** A code whose squares fall badly on the dots of a picture is found in the same picture made smaller. */
    private static final double[] SCALES = {1, 0.7, 0.5};

    private TagCode() {}

    /** The code as black squares on a field with its quiet zone, one unit a square. */
    public static Drawing drawing(String text) throws BookTrouble {
        BitMatrix code;
        try {
            code = new QRCodeWriter()
                    .encode(
                            text,
                            BarcodeFormat.QR_CODE,
                            1,
                            1,
                            Map.of(
                                    EncodeHintType.CHARACTER_SET,
                                    "UTF-8",
                                    EncodeHintType.ERROR_CORRECTION,
                                    ErrorCorrectionLevel.M,
                                    EncodeHintType.MARGIN,
                                    4));
        } catch (WriterException | IllegalArgumentException e) {
            throw new BookTrouble(Say.it("tag-code.the-tag-holds-more"), e);
        }
        Drawing.Sheet sheet = new Drawing.Sheet();
        int n = code.getHeight();
        for (int y = 0; y < n; y++) {
            int from = -1;
            for (int x = 0; x <= code.getWidth(); x++) {
                boolean black = x < code.getWidth() && code.get(x, y);
                if (black && from < 0) {
                    from = x;
                } else if (!black && from >= 0) {
                    sheet.rect(Pen.NONE, Fill.BLACK, from, n - y - 1, x, n - y);
                    from = -1;
                }
            }
        }
        return sheet.done(0, 0, code.getWidth(), n);
    }

    /**
     * Reads the facts from a picture of a tag.
     *
     * @throws BookTrouble if there is no picture, no code in it, or a code of another kind
     */
    public static TagFacts read(Path picture) throws BookTrouble {
        if (!Files.exists(picture)) {
            throw new BookTrouble(Say.it("tag-code.there-no-file", "picture", picture));
        }
        if (!Files.isRegularFile(picture)) {
            throw new BookTrouble(Say.it("tag-code.not-file-with-picture", "picture", picture));
        }
        BufferedImage image;
        try (ImageInputStream in = ImageIO.createImageInputStream(picture.toFile())) {
            image = measured(picture, in);
        } catch (IOException | IndexOutOfBoundsException | IllegalArgumentException e) {
            throw new BookTrouble(Say.it("tag-code.the-file-cannot-be", "picture", picture), e);
        }
        return read(image);
    }

    /** Decodes a picture once it is known that it is not too large: a file of a few bytes can claim to hold thousands of millions of dots. */
    private static BufferedImage measured(Path picture, ImageInputStream in) throws IOException, BookTrouble {
        Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
        if (!readers.hasNext()) {
            throw new BookTrouble(Say.it("tag-code.the-file-no-picture", "picture", picture));
        }
        ImageReader reader = readers.next();
        try {
            reader.setInput(in, true, true);
            long dots = (long) reader.getWidth(0) * reader.getHeight(0);
            if (dots > MOST_DOTS) {
                throw new BookTrouble(Say.it(
                        "tag-code.the-picture-has-million",
                        "picture",
                        picture,
                        "million",
                        dots / 1_000_000,
                        "valueB",
                        MOST_DOTS / 1_000_000));
            }
            return reader.read(0);
        } finally {
            reader.dispose();
        }
    }

    /** Reads the facts from a picture in memory. */
    public static TagFacts read(BufferedImage image) throws BookTrouble {
        ReaderException failed = NotFoundException.getNotFoundInstance();
        for (double scale : SCALES) {
            LuminanceSource source = source(image, scale);
            // Shadows want a threshold for each patch, print on clean paper one for the whole picture.
            for (Binarizer way : List.of(new HybridBinarizer(source), new GlobalHistogramBinarizer(source))) {
                try {
                    return TagFacts.read(decoded(way));
                } catch (ReaderException e) {
                    failed = failed instanceof NotFoundException ? e : failed;
                }
            }
        }
        throw new BookTrouble(
                failed instanceof NotFoundException
                        ? Say.it("tag-code.no-code-was-found")
                        : Say.it("tag-code.the-code-picture-cannot"),
                failed);
    }

    private static LuminanceSource source(BufferedImage image, double scale) {
        int width = Math.max(1, (int) Math.round(image.getWidth() * scale));
        int height = Math.max(1, (int) Math.round(image.getHeight() * scale));
        BufferedImage scaled = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = scaled.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(image, 0, 0, width, height, Color.WHITE, null);
        g.dispose();
        return new RGBLuminanceSource(
                width, height, ((DataBufferInt) scaled.getRaster().getDataBuffer()).getData());
    }

    private static String decoded(Binarizer way) throws ReaderException {
        return new QRCodeReader()
                .decode(
                        new BinaryBitmap(way),
                        Map.of(DecodeHintType.TRY_HARDER, Boolean.TRUE, DecodeHintType.CHARACTER_SET, "UTF-8"))
                .getText();
    }
}
