package mellowflare.app.line;

import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import mellowflare.core.job.Job;

/**
 * A way to begin a job.
 *
 * @param says what it is, as a fitter says it; the job's first name
 * @param about what the program does then, in a few words
 * @param words more words that lead to it, in small letters, with blanks between
 * @param makes makes a new job one of these
 */
public record Begin(String says, String about, String words, UnaryOperator<Job> makes) {
    /** Whether a word, in small letters, begins one of its own. */
    public boolean knows(String word) {
        return Stream.concat(Stream.of(says.toLowerCase(java.util.Locale.ROOT).split(" ")), Stream.of(words.split(" ")))
                .anyMatch(own -> own.startsWith(word));
    }
}
