package mellowflare.app.shelf;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import mellowflare.book.BookTrouble;
import mellowflare.book.store.Book;
import mellowflare.book.store.JobHead;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.LeftOff;
import mellowflare.core.machine.Machine;
import mellowflare.core.reference.ReferenceData;

/**
 * What a book has in work.
 *
 * @param jobs those in work
 * @param titles of all jobs, by id
 */
record InWork(List<Job> jobs, Map<String, String> titles) {
    static InWork of(Book book) throws BookTrouble {
        List<Job> jobs = new ArrayList<>();
        Map<String, String> titles = new HashMap<>();
        for (JobHead h : book.jobs("")) {
            titles.put(h.id(), h.title());
            if (!h.putAway() && LeftOff.read(h.leftOff()).inProgress()) {
                book.opened(h.id()).job().ifPresent(jobs::add);
            }
        }
        return new InWork(jobs, titles);
    }

    /** What these jobs still take, by part. Takes as long as working them all out. */
    Map<String, Double> wanted(ReferenceData data) {
        List<Evaluation> lines = jobs.stream().map(j -> Evaluation.of(j, data)).toList();
        Map<String, Double> all = new HashMap<>();
        Machine.of("", lines)
                .parts()
                .forEach(p -> all.put(p.take().key(), p.take().need() - p.take().taken()));
        return all;
    }
}
