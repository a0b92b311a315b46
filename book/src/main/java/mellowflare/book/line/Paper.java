package mellowflare.book.line;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.ZonedDateTime;
import mellowflare.book.BookTrouble;
import mellowflare.core.job.Evaluation;
import mellowflare.core.line.Plan;

/**
 * A paper or file that goes along with a line.
 *
 * @param id names it on the command line, such as {@code hand-over}
 * @param title as shown, such as “Crimp shop sheet”
 * @param about what it is good for, a few words after its title
 * @param suffix end of its file's name, such as {@code -hand-over.pdf}
 * @param maker makes it
 */
public record Paper<P extends Plan>(String id, String title, String about, String suffix, Maker<P> maker) {

    /** Makes a paper. */
    @FunctionalInterface
    public interface Maker<P extends Plan> {
        /**
         * @param result the job with its results
         * @param plan the line worked out as what it is
         * @param now the moment, in the zone in which moments are written
         * @throws BookTrouble while there is nothing to put on it; says what is still to be said
         */
        byte[] bytes(Evaluation result, P plan, ZonedDateTime now) throws BookTrouble, IOException;
    }

    /** Makes a paper that is text. */
    @FunctionalInterface
    public interface TextMaker<P extends Plan> {
        String text(Evaluation result, P plan, ZonedDateTime now) throws BookTrouble, IOException;
    }

    /** A paper that is text. */
    public static <P extends Plan> Paper<P> ofText(
            String id, String title, String about, String suffix, TextMaker<P> maker) {
        return new Paper<>(
                id,
                title,
                about,
                suffix,
                (result, plan, now) -> maker.text(result, plan, now).getBytes(StandardCharsets.UTF_8));
    }
}
