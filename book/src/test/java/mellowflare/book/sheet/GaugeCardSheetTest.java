package mellowflare.book.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.nio.file.Path;
import mellowflare.book.Jobs;
import mellowflare.book.job.JobFiles;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class GaugeCardSheetTest {
    private static final float TEN_DOTS_A_MM = 254;

    private static boolean dark(BufferedImage image, int x, int y) {
        int rgb = image.getRGB(x, y);
        return (rgb >> 16 & 255) + (rgb >> 8 & 255) + (rgb & 255) < 480;
    }

    /** The longest unbroken dark run of a row of dots near the top: the ruler's inch line. */
    private static int longestRun(BufferedImage image) {
        int longest = 0;
        for (int y = 0; y < image.getHeight() / 6; y++) {
            int run = 0;
            for (int x = 0; x < image.getWidth(); x++) {
                run = dark(image, x, y) ? run + 1 : 0;
                longest = Math.max(longest, run);
            }
        }
        return longest;
    }

    @Test
    void testRulerMeasuresItsLengthOnThePrintedPage(@TempDir Path folder) throws Exception {
        Path file = JobFiles.gaugeCard(Jobs.DATA, folder);
        assertThat(file.getFileName().toString()).isEqualTo("gauge-card.pdf");
        try (PDDocument card = Loader.loadPDF(Files.readAllBytes(file))) {
            BufferedImage page = new PDFRenderer(card).renderImageWithDPI(0, TEN_DOTS_A_MM);
            // 4 in are 101.6 mm: 1016 dots, and the round ends of the line.
            assertThat(longestRun(page)).isBetween(1014, 1022);
        }
    }
}
