package mellowflare.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.util.concurrent.Executor;
import java.util.function.Consumer;

/** What nobody caught, on whatever thread: a sentence in the band that says what is kept, and lines in a file beside the book. Never silence. */
final class Unforeseen implements Thread.UncaughtExceptionHandler {
    private static final long LARGEST = 1_000_000;

    private final Consumer<String> band;
    private final Executor front;
    private final Path log;
    private final Clock clock;

    Unforeseen(Consumer<String> band, Executor front, Path log, Clock clock) {
        this.band = band;
        this.front = front;
        this.log = log;
        this.clock = clock;
    }

    /** From now on nothing goes by unsaid. */
    static void tell(Consumer<String> band, Executor front, Path log, Clock clock) {
        Thread.setDefaultUncaughtExceptionHandler(new Unforeseen(band, front, log, clock));
    }

    @Override
    public void uncaughtException(Thread thread, Throwable e) {
        boolean written = write(thread, e);
        String sentence = Say.it("unforeseen.something-unforeseen-went-wrong", "log", written ? log : "none");
        front.execute(() -> band.accept(sentence));
    }

    private boolean write(Thread thread, Throwable e) {
        StringWriter text = new StringWriter();
        text.append(clock.instant().toString())
                .append(' ')
                .append(thread.getName())
                .append('\n');
        e.printStackTrace(new PrintWriter(text, true));
        System.err.print(text);
        try {
            boolean fresh = Files.exists(log) && Files.size(log) > LARGEST;
            Files.writeString(
                    log,
                    text.toString(),
                    StandardCharsets.UTF_8,
                    StandardOpenOption.CREATE,
                    fresh ? StandardOpenOption.TRUNCATE_EXISTING : StandardOpenOption.APPEND);
            return true;
        } catch (IOException full) {
            return false;
        }
    }
}
