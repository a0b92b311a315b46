package mellowflare.book.store;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Instant;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Job;
import mellowflare.core.measure.UnitSystem;

/** A process that saves change after change and says each number once it counts as saved, until it is killed. */
final class KilledWriter {
    private KilledWriter() {}

    /** Such a process on a book, to be killed; what it says goes into a file. */
    static Process start(Path book, int from, ProcessBuilder.Redirect said, ProcessBuilder.Redirect errors)
            throws IOException {
        return new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-Xshare:auto",
                        "-XX:TieredStopAtLevel=1",
                        "-cp",
                        System.getProperty("java.class.path"),
                        KilledWriter.class.getName(),
                        book.toString(),
                        Integer.toString(from))
                .redirectOutput(said)
                .redirectError(errors)
                .start();
    }

    public static void main(String[] args) throws BookTrouble {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        try (Book book = Book.open(Path.of(args[0]))) {
            int from = Integer.parseInt(args[1]);
            for (int i = from; i < from + 100_000; i++) {
                book.save(
                        Job.open("j", Integer.toString(i), "bench", UnitSystem.METRIC),
                        "step",
                        "change",
                        "",
                        Instant.EPOCH.plusSeconds(i));
                out.println(i);
            }
        }
    }
}
