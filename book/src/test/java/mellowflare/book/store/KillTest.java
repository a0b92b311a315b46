package mellowflare.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Kills a writing process at a random moment, again and again: what it had shown as saved must be there. */
@Order(1)
class KillTest {
    private static final int ROUNDS = 8;

    @TempDir
    private Path folder;

    @Test
    void testKillAtAnyMomentLosesNothingShownAsSaved() throws Exception {
        Random chance = new Random(11);
        int next = 1;
        for (int round = 0; round < ROUNDS; round++) {
            Path said = folder.resolve("said-" + round);
            Process writer = KilledWriter.start(
                    folder, next, ProcessBuilder.Redirect.to(said.toFile()), ProcessBuilder.Redirect.INHERIT);
            int after = next + chance.nextInt(60);
            while (writer.isAlive() && lastShown(said) < after) {
                TimeUnit.MILLISECONDS.sleep(1);
            }
            writer.destroyForcibly();
            assertThat(writer.waitFor(20, TimeUnit.SECONDS)).isTrue();
            int shown = lastShown(said);
            assertThat(shown)
                    .as("round " + round + " showed something as saved")
                    .isPositive();
            try (Book book = Book.open(folder)) {
                int kept = Integer.parseInt(book.job("j").orElseThrow().title());
                assertThat(kept)
                        .as("round " + round + ", shown as saved " + shown)
                        .isGreaterThanOrEqualTo(shown);
                next = kept + 1;
            }
        }
    }

    /** The last whole line of what the process had said. */
    private static int lastShown(Path said) throws IOException {
        String text = Files.readString(said);
        String whole = text.substring(0, text.lastIndexOf('\n') + 1).strip();
        return whole.isEmpty() ? 0 : Integer.parseInt(whole.substring(whole.lastIndexOf('\n') + 1));
    }
}
