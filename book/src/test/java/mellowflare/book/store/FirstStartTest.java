package mellowflare.book.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.time.Instant;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import mellowflare.book.Jobs;
import org.junit.jupiter.api.Order;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The very first start, broken off at any moment, locks nobody out. */
@Order(2)
class FirstStartTest {
    /** More with -Dfirst.kills=200. */
    private static final int KILLS = Integer.getInteger("first.kills", 8);

    @TempDir
    private Path folder;

    @Test
    void testKillDuringTheFirstStartNeverLeavesABookThatIsRefused() throws Exception {
        Random chance = new Random(5);
        for (int i = 0; i < KILLS; i++) {
            Path book = Files.createDirectory(folder.resolve("b" + i));
            Process first =
                    KilledWriter.start(book, 1, ProcessBuilder.Redirect.DISCARD, ProcessBuilder.Redirect.DISCARD);
            // Most of the time goes by before the file is there; the moments after are what matters.
            while (first.isAlive() && !touched(book)) {
                TimeUnit.MILLISECONDS.sleep(1);
            }
            TimeUnit.MILLISECONDS.sleep(chance.nextInt(220));
            first.destroyForcibly();
            assertThat(first.waitFor(20, TimeUnit.SECONDS)).isTrue();
            try (Book open = Book.open(book)) {
                open.save(Jobs.plain("again", "t"), "x", "change", "", Instant.EPOCH);
                assertThat(open.job("again")).as("round " + i).isPresent();
            }
        }
    }

    private static boolean touched(Path book) throws IOException {
        try (var files = Files.list(book)) {
            return files.anyMatch(f -> f.getFileName().toString().startsWith("book.db"));
        }
    }

    /** What earlier versions left when they were killed between the list of migrations and the first of them. */
    @Test
    void testAFileWithTheListOfMigrationsAloneIsHealed() throws Exception {
        try (Connection c = DriverManager.getConnection("jdbc:sqlite:" + folder.resolve("book.db"));
                Statement s = c.createStatement()) {
            s.execute(
                    "CREATE TABLE flyway_schema_history (installed_rank INT NOT NULL PRIMARY KEY, version VARCHAR(50))");
        }
        try (Book book = Book.open(folder)) {
            book.save(Jobs.plain("j", "t"), "x", "change", "", Instant.EPOCH);
            assertThat(book.job("j")).isPresent();
        }
        assertThat(folder.resolve("broken-off-book.db")).exists();
    }

    @Test
    void testWhatABrokenOffStartLeftBesideIsClearedAway() throws Exception {
        Files.writeString(folder.resolve("book.db.new"), "half a file");
        Files.writeString(folder.resolve("book.db.new-journal"), "half a journal");
        try (Book book = Book.open(folder)) {
            assertThat(book.jobs("")).isEmpty();
        }
        assertThat(folder.resolve("book.db.new")).doesNotExist();
        assertThat(folder.resolve("book.db.new-journal")).doesNotExist();
    }
}
