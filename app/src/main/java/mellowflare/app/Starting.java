package mellowflare.app;

import java.time.Clock;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.parts.OwnCatalogue;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** What the window needs before it can show anything, got ready beside the start of the toolkit: tables and book at the same time. */
final class Starting {
    static final String NIGHT = "night";
    static final String LARGE = "large-type";

    private final Options options;
    private final CompletableFuture<Ready> ready;

    private Starting(Options options, Clock clock) {
        this.options = options;
        CompletableFuture<ReferenceData> data = CompletableFuture.supplyAsync(ShippedData::load);
        this.ready = CompletableFuture.supplyAsync(() -> book(options))
                .thenCombine(
                        data,
                        (book, tables) -> ready(
                                book,
                                new OwnCatalogue(book.folder(), tables).load().data(),
                                clock));
    }

    /**
     * All that is ready.
     *
     * @param book the open book
     * @param data the tables
     * @param first the job to open, worked out
     * @param person who was at the bench last
     * @param night whether the look was set to night
     * @param large whether it was set to large type
     * @param options how it was asked to start
     */
    record Ready(
            Book book,
            ReferenceData data,
            Evaluation first,
            String person,
            boolean night,
            boolean large,
            Options options) {}

    static Starting begin(List<String> args, Clock clock) {
        return new Starting(Options.of(args), clock);
    }

    /**
     * Waits until all is ready.
     *
     * @throws BookTrouble if the book cannot be opened or a table cannot be used
     */
    Ready join() throws BookTrouble {
        try {
            return ready.join();
        } catch (CompletionException e) {
            throw new BookTrouble(e.getCause().getMessage(), e);
        }
    }

    private static Book book(Options options) {
        try {
            return options.demo() && options.fresh() ? Book.openFresh(options.book()) : Book.open(options.book());
        } catch (BookTrouble e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }

    private Ready ready(Book book, ReferenceData data, Clock clock) {
        try {
            if (options.demo()) {
                KittiwakeSlip.fillIfEmpty(book, data, clock.instant());
            }
            return new Ready(
                    book,
                    data,
                    Evaluation.of(firstJob(book, clock), data),
                    book.preference("person").orElse(""),
                    chosen(book, NIGHT),
                    chosen(book, LARGE),
                    options);
        } catch (BookTrouble e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }

    private static boolean chosen(Book book, String name) throws BookTrouble {
        return book.preference(name).filter("yes"::equals).isPresent();
    }

    private static Job firstJob(Book book, Clock clock) throws BookTrouble {
        Optional<String> last = book.preference("open-job");
        Optional<Job> job = last.isPresent() ? book.job(last.get()) : Optional.empty();
        if (job.isPresent()) {
            return job.get();
        }
        var heads = book.jobs("");
        if (!heads.isEmpty()) {
            return book.job(heads.get(0).id()).orElseThrow();
        }
        Job first = Job.open(UUID.randomUUID().toString(), "First hose line", "", UnitSystem.METRIC);
        book.save(first, "not begun", "first job", "", clock.instant());
        return first;
    }
}
