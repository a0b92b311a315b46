package mellowflare.book.demo;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.job.BookKinds;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.reference.ReferenceData;

/** Writes the demo jobs. People, places and parts are invented; every figure is worked out by the program itself. */
public final class KittiwakeSlip {
    private static final int OPEN = 2;

    private KittiwakeSlip() {}

    /** The demo jobs of all kinds of line, as of a moment; the third is the job to open first. */
    public static List<Job> jobs(ReferenceData data, Instant now) {
        return BookKinds.ALL.stream().flatMap(k -> k.demo(data, now).stream()).toList();
    }

    /** Fills a book that holds no job yet. */
    public static void fillIfEmpty(Book book, ReferenceData data, Instant now) throws BookTrouble {
        if (book.jobs("").isEmpty()) {
            fill(book, data, now);
        }
    }

    /** Fills an empty book. */
    public static void fill(Book book, ReferenceData data, Instant now) throws BookTrouble {
        List<Job> jobs = jobs(data, now);
        // The job to open first was worked on last.
        List<Job> oldestFirst = new ArrayList<>(jobs.subList(OPEN + 1, jobs.size()));
        oldestFirst.addAll(jobs.subList(0, OPEN + 1));
        int hours = 3 * oldestFirst.size();
        for (Job job : oldestFirst) {
            Instant at = now.minus(Duration.ofHours(hours));
            book.save(job, Evaluation.of(job, data).leftOff().kept(), Say.it("kittiwake-slip.demo-job"), "", at);
            hours -= 3;
        }
        book.preference("open-job", jobs.get(OPEN).id());
        book.preference("person", Say.it("kittiwake-slip.maren"));
    }
}
