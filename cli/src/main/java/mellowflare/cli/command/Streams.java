package mellowflare.cli.command;

import java.io.BufferedReader;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/** Where a command reads and writes; {@code -} or nothing means standard input and output. */
public final class Streams {
    private static final String STANDARD = "-";

    @Spec(Spec.Target.MIXEE)
    private CommandSpec spec;

    @Option(
            names = "--in",
            defaultValue = STANDARD,
            paramLabel = "FILE",
            description = "Read from this file (default: standard input).")
    private String in;

    @Option(
            names = "--out",
            defaultValue = STANDARD,
            paramLabel = "FILE",
            description = "Write to this file, whole or not at all (default: standard output).")
    private String out;

    public BufferedReader in() throws BookTrouble {
        if (in.equals(STANDARD)) {
            if (System.console() != null) {
                progress(Say.it("streams.reading-from-keyboard-end"));
            }
            return new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        }
        try {
            return Files.newBufferedReader(Path.of(in), StandardCharsets.UTF_8);
        } catch (IOException | java.nio.file.InvalidPathException e) {
            throw new BookTrouble(Say.it("streams.the-file-cannot-be", "in", in), e);
        }
    }

    /** Where results go; a file is only written when all of it is there. */
    public Sink out() {
        return out.equals(STANDARD) ? new Sink(System.out, () -> {}) : toFile(out);
    }

    private static Sink toFile(String name) {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        return new Sink(bytes, () -> TextFiles.write(Path.of(name), bytes.toByteArray()));
    }

    /** A word on standard error, beside the results. */
    public void progress(String words) {
        spec.commandLine().getErr().println(words);
        spec.commandLine().getErr().flush();
    }

    /** The last thing done on a sink. */
    interface Finish {
        void run() throws BookTrouble;
    }

    /** Bytes with what makes them last. */
    public record Sink(OutputStream bytes, Finish finish) {}

    /** Writes a whole result. */
    public void give(String text) throws IOException, BookTrouble {
        give(text.getBytes(StandardCharsets.UTF_8));
    }

    /** Writes a whole result. */
    public void give(byte[] bytes) throws IOException, BookTrouble {
        Sink sink = out();
        sink.bytes().write(bytes);
        sink.bytes().flush();
        sink.finish().run();
    }
}
