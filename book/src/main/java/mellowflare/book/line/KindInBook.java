package mellowflare.book.line;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.Instant;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.json.Fields;
import mellowflare.book.tag.TagFacts;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Line;
import mellowflare.core.line.Plan;
import mellowflare.core.reference.ReferenceData;

/**
 * What the book does for one kind of line.
 *
 * @param <L> what a job keeps of such a line
 * @param <P> what follows from it
 */
public interface KindInBook<L extends Line, P extends Plan> {
    Kind<L, P> kind();

    /** The line as a tree. What is not known is left out. */
    ObjectNode write(L line);

    /** @throws BookTrouble if a field is wrong; says which */
    L read(Fields fields) throws BookTrouble;

    SheetPart sheet(Evaluation result, P plan);

    TagFacts tag(Evaluation result, P plan);

    /** The lines of the tag between machine and proof test. */
    List<String> tagLines(Evaluation result, P plan, TagFacts facts);

    /** Its papers beside those that every job has, in the order in which they are offered. */
    List<Paper<P>> papers();

    /**
     * Demo jobs of the kind. People, places and parts are invented; every figure is worked out by the program itself.
     *
     * @param now what “an hour ago” is counted from
     */
    List<Job> demo(ReferenceData data, Instant now);
}
