package mellowflare.book.handover;

import java.io.IOException;
import java.io.InputStream;
import java.nio.channels.FileChannel;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.Optional;
import java.util.UUID;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.core.job.Attachment;

/**
 * The files that belong to jobs: copies in the folder {@code files} beside the book, one folder for each job. A copy is there whole or not at all, and is never thrown away: a job that was undone still
 * finds its files.
 */
public final class AttachedFiles {
    /** Larger ones belong elsewhere. */
    private static final long LARGEST = 200_000_000;

    private static final int TELLS_APART = 12;
    private static final int LONGEST_NAME = 60;
    private static final int BUFFER = 64 * 1024;

    private final Path folder;

    /**
     * @param book the book's folder
     */
    public AttachedFiles(Path book) {
        this.folder = book.resolve("files");
    }

    /**
     * Copies a file to the job. On disk when this returns.
     *
     * @param job id of the job
     * @param source the file, which stays where it is
     * @param by who attaches it; may be blank
     * @throws BookTrouble if it is no file, is empty or too large, or cannot be copied; nothing has changed then
     */
    public Attachment keep(String job, Path source, String by, Instant at) throws BookTrouble {
        String name = source.getFileName() == null ? "" : source.getFileName().toString();
        Path into = folder.resolve(TextFiles.name(job));
        Path part = into.resolve("." + UUID.randomUUID() + ".part");
        try {
            if (name.isBlank() || !Files.isRegularFile(source)) {
                throw new BookTrouble(Say.it("attached-files.no-file", "file", source));
            }
            long size = Files.size(source);
            if (size == 0 || size > LARGEST) {
                throw new BookTrouble(Say.it("attached-files.size", "file", source, "most", LARGEST / 1_000_000));
            }
            Files.createDirectories(into);
            String hash = copy(source, part);
            String file = hash + "-" + plain(name);
            long copied = Files.size(part);
            move(part, into.resolve(file));
            return new Attachment(file, name, "", by, at, copied);
        } catch (IOException e) {
            throw new BookTrouble(Say.it("attached-files.not-copied", "file", source), e);
        } finally {
            discard(part);
        }
    }

    private static String copy(Path source, Path part) throws IOException {
        MessageDigest digest = sha256();
        try (InputStream in = new DigestInputStream(Files.newInputStream(source), digest);
                FileChannel out = FileChannel.open(part, StandardOpenOption.CREATE_NEW, StandardOpenOption.WRITE)) {
            byte[] buffer = new byte[BUFFER];
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
                java.nio.ByteBuffer rest = java.nio.ByteBuffer.wrap(buffer, 0, n);
                while (rest.hasRemaining()) {
                    out.write(rest);
                }
            }
            // A name in the book without its bytes on disk would be a lie after the power went.
            out.force(true);
        }
        return HexFormat.of().formatHex(digest.digest()).substring(0, TELLS_APART);
    }

    private static MessageDigest sha256() {
        try {
            return MessageDigest.getInstance("SHA-256");
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void move(Path part, Path file) throws IOException {
        try {
            Files.move(part, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } catch (AtomicMoveNotSupportedException e) {
            Files.move(part, file, StandardCopyOption.REPLACE_EXISTING);
        }
    }

    private static void discard(Path part) {
        try {
            Files.deleteIfExists(part);
        } catch (IOException e) {
            // A part of a copy beside the files does no harm.
        }
    }

    /** A name that every file system takes, with its ending. */
    private static String plain(String name) {
        int dot = name.lastIndexOf('.');
        String ending = dot > 0 ? name.substring(dot + 1).replaceAll("[^A-Za-z0-9]", "") : "";
        String stem = TextFiles.name(dot > 0 ? name.substring(0, dot) : name);
        String shorter = stem.substring(0, Math.min(LONGEST_NAME, stem.length()));
        return ending.isEmpty() ? shorter : shorter + "." + ending.substring(0, Math.min(8, ending.length()));
    }

    /** Where an attached file lies; empty where it is gone. */
    public Optional<Path> path(String job, Attachment a) {
        Path file = folder.resolve(TextFiles.name(job)).resolve(a.file());
        return Optional.of(file).filter(Files::isRegularFile);
    }
}
