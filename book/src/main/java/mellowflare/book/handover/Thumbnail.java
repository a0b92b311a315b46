package mellowflare.book.handover;

import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Path;
import java.util.Iterator;
import java.util.Optional;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;

/** A small picture of a photo. Large ones are read with dots left out, so that none takes the memory of the whole. */
final class Thumbnail {
    private static final int MOST_DOTS = 400_000_000;

    private Thumbnail() {}

    /**
     * @param side the longest side that the picture may have (dots)
     * @return empty for a file that is no picture, or cannot be read as one
     */
    static Optional<BufferedImage> of(Path file, int side) {
        try (ImageInputStream in = ImageIO.createImageInputStream(file.toFile())) {
            Iterator<ImageReader> readers = in == null ? null : ImageIO.getImageReaders(in);
            if (readers == null || !readers.hasNext()) {
                return Optional.empty();
            }
            ImageReader reader = readers.next();
            try {
                reader.setInput(in, true, true);
                int wide = reader.getWidth(0);
                int high = reader.getHeight(0);
                if ((long) wide * high > MOST_DOTS) {
                    return Optional.empty();
                }
                ImageReadParam sparse = reader.getDefaultReadParam();
                int step = Math.max(1, Math.max(wide, high) / (2 * side));
                sparse.setSourceSubsampling(step, step, 0, 0);
                return Optional.of(small(reader.read(0, sparse), side));
            } finally {
                reader.dispose();
            }
        } catch (IOException | RuntimeException e) {
            // Whatever a broken picture makes its reader throw: there is no small one of it.
            return Optional.empty();
        }
    }

    private static BufferedImage small(BufferedImage read, int side) {
        double scale = Math.min(1, (double) side / Math.max(read.getWidth(), read.getHeight()));
        int wide = Math.max(1, (int) Math.round(read.getWidth() * scale));
        int high = Math.max(1, (int) Math.round(read.getHeight() * scale));
        BufferedImage small = new BufferedImage(wide, high, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = small.createGraphics();
        g.setRenderingHint(RenderingHints.KEY_INTERPOLATION, RenderingHints.VALUE_INTERPOLATION_BILINEAR);
        g.drawImage(read, 0, 0, wide, high, java.awt.Color.WHITE, null);
        g.dispose();
        return small;
    }
}
