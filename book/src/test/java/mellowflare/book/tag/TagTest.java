package mellowflare.book.tag;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import mellowflare.book.BookTrouble;
import mellowflare.book.Jobs;
import mellowflare.book.job.BookKinds;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.PDFRenderer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class TagTest {
    private final Evaluation slew = Evaluation.of(Jobs.demo().get(2), Jobs.DATA);

    @TempDir
    private Path folder;

    private BufferedImage picture(Evaluation e, int dpi) throws Exception {
        try (PDDocument pdf = Loader.loadPDF(Jobs.paper("tag", e))) {
            return new PDFRenderer(pdf).renderImageWithDPI(0, dpi);
        }
    }

    @Test
    void testTagIsReadBackFromAPictureOfItself() throws Exception {
        TagFacts facts = BookKinds.tag(slew);
        Path file = folder.resolve("tag.png");
        ImageIO.write(picture(slew, 200), "png", file.toFile());
        assertThat(TagCode.read(file)).isEqualTo(facts);
        assertThat(facts.hose()).isEqualTo("KH2-08");
        assertThat(facts.cutMm()).contains(1056.0);
        assertThat(facts.made()).as("not made yet").isEmpty();
    }

    @Test
    void testTagIsReadTurnedAndOnADirtyGround() throws Exception {
        BufferedImage tag = picture(slew, 200);
        BufferedImage bench = new BufferedImage(1400, 1200, BufferedImage.TYPE_INT_RGB);
        Graphics2D g = bench.createGraphics();
        g.setColor(new Color(150, 140, 120));
        g.fillRect(0, 0, 1400, 1200);
        g.rotate(Math.toRadians(14), 700, 600);
        g.drawImage(tag, 250, 300, null);
        g.dispose();
        assertThat(TagCode.read(bench)).isEqualTo(BookKinds.tag(slew));
    }

    @Test
    void testEveryDemoLineHasATagThatReadsBack() throws Exception {
        for (Job job : Jobs.demo()) {
            Evaluation e = Evaluation.of(job, Jobs.DATA);
            for (int dpi : new int[] {220, 300}) {
                assertThat(TagCode.read(picture(e, dpi))).as(job.id()).isEqualTo(BookKinds.tag(e));
            }
        }
    }

    @Test
    void testWrongPicturesAreRefusedInASentence() throws Exception {
        assertThatThrownBy(() -> TagCode.read(folder.resolve("none.png")))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("There is no file");
        Path text = Files.writeString(folder.resolve("text.png"), "no picture");
        assertThatThrownBy(() -> TagCode.read(text)).hasMessageContaining("is not a picture");
        assertThatThrownBy(() -> TagCode.read(folder)).hasMessageContaining("is not a picture file");
        Path huge = Files.write(folder.resolve("huge.png"), head(100_000, 90_000));
        assertThatThrownBy(() -> TagCode.read(huge)).hasMessageContaining("9000 million pixels");
        assertThatThrownBy(() -> TagCode.read(new BufferedImage(200, 200, BufferedImage.TYPE_INT_RGB)))
                .hasMessageContaining("No code was found");
        assertThatThrownBy(() -> TagFacts.read("https://example.invalid"))
                .hasMessageContaining("not a tag of this program");
        assertThatThrownBy(() -> TagFacts.read("{\"tag\":\"other\"}"))
                .hasMessageContaining("not a tag of this program");
    }

    @Test
    void testATitleTooLongForACodeIsSaid() {
        Evaluation e = Evaluation.of(Jobs.demo().get(2).withTitle("x".repeat(4000)), Jobs.DATA);
        assertThatThrownBy(() -> Jobs.paper("tag", e))
                .isInstanceOf(BookTrouble.class)
                .hasMessageContaining("shorten the title");
    }

    /** A PNG that claims to be so large, and holds nothing more. */
    private static byte[] head(int width, int height) {
        ByteBuffer chunk = ByteBuffer.allocate(17).put("IHDR".getBytes(StandardCharsets.US_ASCII));
        chunk.putInt(width).putInt(height).put(new byte[] {8, 2, 0, 0, 0});
        CRC32 crc = new CRC32();
        crc.update(chunk.array());
        return ByteBuffer.allocate(33)
                .putLong(0x89504E470D0A1A0AL)
                .putInt(13)
                .put(chunk.array())
                .putInt((int) crc.getValue())
                .array();
    }
}
