package mellowflare.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.BufferedWriter;
import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** An input that does not go into memory is a sentence and the status of file trouble, no trace of a stack. */
class MemoryTest {
    @Test
    void testAnInputLargerThanMemoryIsSaid(@TempDir Path folder) throws Exception {
        Path errors = folder.resolve("errors");
        Process run = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xmx48m",
                        "-cp",
                        System.getProperty("java.class.path"),
                        "mellowflare.cli.Main",
                        "convert")
                .redirectOutput(ProcessBuilder.Redirect.DISCARD)
                .redirectError(errors.toFile())
                .start();
        try (Writer in = new BufferedWriter(new OutputStreamWriter(run.getOutputStream(), StandardCharsets.UTF_8))) {
            in.write("[");
            for (int i = 0; i < 2_000_000; i++) {
                in.write("{\"text\": \"6 ft 4-1/2 in\"},\n");
            }
            in.write("{\"text\": \"1 mm\"}]");
        } catch (IOException gone) {
            // It gave up before it had read everything.
            assertThat(gone).isNotNull();
        }
        assertThat(run.waitFor(60, TimeUnit.SECONDS)).isTrue();
        assertThat(run.exitValue()).isEqualTo(3);
        assertThat(Files.readString(errors))
                .startsWith("The input needs more memory")
                .hasLineCount(1);
    }
}
