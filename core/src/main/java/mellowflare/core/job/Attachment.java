package mellowflare.core.job;

import java.time.Instant;
import java.util.Objects;
import java.util.regex.Pattern;

/**
 * A file that belongs to a job: a photo, a drawing, a letter. The file itself lies beside the book.
 *
 * @param file its name there, without any folder
 * @param name as it was called where it came from
 * @param said what it shows; may be blank
 * @param by who attached it; blank when not said
 * @param at when
 * @param bytes its size, zero or more
 */
public record Attachment(String file, String name, String said, String by, Instant at, long bytes) {
    private static final Pattern PLAIN = Pattern.compile("[A-Za-z0-9][A-Za-z0-9._-]{0,119}");

    public Attachment {
        Objects.requireNonNull(at);
        said = said.strip();
        by = by.strip();
        // A name that leads into another folder would be read and written there.
        if (!PLAIN.matcher(file).matches() || file.contains("..")) {
            throw new IllegalArgumentException("“" + file + "” is no plain name of a file");
        }
        if (name.isBlank() || bytes < 0) {
            throw new IllegalArgumentException("An attached file has a name and a size");
        }
    }

    /** The same with other words. */
    public Attachment saying(String words) {
        return new Attachment(file, name, words, by, at, bytes);
    }
}
