package mellowflare.book.exchange;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.AtomicMoveNotSupportedException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.UUID;
import mellowflare.book.BookTrouble;

/** Writes files whole or not at all, and reads texts that others wrote. */
public final class TextFiles {
    private static final long LARGEST = 4_000_000;

    private TextFiles() {}

    /** Writes bytes to a file by way of a neighbour that is moved into place. */
    public static Path write(Path file, byte[] bytes) throws BookTrouble {
        Path neighbour = file.resolveSibling("." + file.getFileName() + "." + UUID.randomUUID() + ".part");
        try {
            if (file.toAbsolutePath().getParent() != null) {
                Files.createDirectories(file.toAbsolutePath().getParent());
            }
            Files.write(neighbour, bytes);
            try {
                Files.move(neighbour, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
            } catch (AtomicMoveNotSupportedException e) {
                Files.move(neighbour, file, StandardCopyOption.REPLACE_EXISTING);
            }
            return file;
        } catch (IOException e) {
            try {
                Files.deleteIfExists(neighbour);
            } catch (IOException left) {
                e.addSuppressed(left);
            }
            throw new BookTrouble(Say.it("text-files.the-file-cannot-be", "file", file), e);
        }
    }

    /**
     * Reads a text.
     *
     * @param what what it should be, as a word of a sentence
     * @param form the form it is in, such as CSV
     */
    public static String read(Path file, String what, String form) throws BookTrouble {
        try {
            if (!Files.exists(file)) {
                throw new BookTrouble(Say.it("text-files.there-no-file", "file", file));
            }
            if (!Files.isRegularFile(file) || Files.size(file) > LARGEST) {
                throw new BookTrouble(Say.it("text-files.the-file-no-folder", "file", file, "what", what));
            }
            return Files.readString(file, StandardCharsets.UTF_8);
        } catch (MalformedInputException e) {
            throw new BookTrouble(Say.it("text-files.the-file-no-text", "file", file, "what", what, "form", form), e);
        } catch (IOException e) {
            throw new BookTrouble(Say.it("text-files.the-file-cannot-be-2", "file", file), e);
        }
    }

    /** A text as part of a file's name: letters, figures and hyphens. */
    public static String name(String id) {
        String plain = id.replaceAll("[^A-Za-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? Say.it("text-files.job") : plain.substring(0, Math.min(60, plain.length()));
    }
}
