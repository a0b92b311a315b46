package mellowflare.app;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import javafx.animation.AnimationTimer;
import javafx.scene.Scene;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javax.imageio.ImageIO;

/** A picture of the window as it stands once its third frame has been shown: proof that it opened, and for the papers. */
final class WindowPicture extends AnimationTimer {
    private static final int FRAMES = 3;

    private final Scene scene;
    private final Path file;
    private int frames;

    private WindowPicture(Scene scene, Path file) {
        this.scene = scene;
        this.file = file;
    }

    /**
     * Asks for the picture. The file is there whole or not at all; what cannot be written is said on standard error.
     *
     * @param scene what is shown
     * @param file where the PNG goes
     */
    static void after(Scene scene, Path file) {
        new WindowPicture(scene, file).start();
    }

    @Override
    public void handle(long now) {
        frames++;
        // The count is of pulses; the one after the third sees the third painted.
        if (frames > FRAMES) {
            stop();
            try {
                write(scene.snapshot(null), file);
            } catch (IOException e) {
                System.err.println(
                        Say.it("window-picture.the-picture-window-cannot", "file", file, "message", e.getMessage()));
            }
        }
    }

    /**
     * Writes a PNG beside its place, then moves it there.
     *
     * @throws IOException if the folder is not there or not writable
     */
    static void write(WritableImage image, Path file) throws IOException {
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        PixelReader pixels = image.getPixelReader();
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        Path part = file.resolveSibling(file.getFileName() + ".part");
        try {
            ImageIO.write(copy, "png", part.toFile());
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } finally {
            Files.deleteIfExists(part);
        }
    }
}
