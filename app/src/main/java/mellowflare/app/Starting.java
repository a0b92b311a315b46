package mellowflare.app;

import java.time.Clock;
import java.util.ArrayList;
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
    static final String WINDOW = "window";
    static final String LARGE = "large-type";

    private final Options options;
    private final CompletableFuture<Ready> ready;

    private Starting(Options options, Clock clock) {
        this.options = options;
        CompletableFuture<ReferenceData> data = CompletableFuture.supplyAsync(ShippedData::get);
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
     * @param aside the job that should have been opened and cannot be read
     * @param person who was at the bench last
     * @param night whether the look was set to night
     * @param large whether it was set to large type
     * @param window where the window stood last
     * @param fresh whether the book held no job before
     * @param options how it was asked to start
     */
    record Ready(
            Book book,
            ReferenceData data,
            Evaluation first,
            Optional<Book.SetAside> aside,
            String person,
            boolean night,
            boolean large,
            Optional<String> window,
            boolean fresh,
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
            boolean fresh = book.jobs("").isEmpty();
            if (options.demo()) {
                KittiwakeSlip.fillIfEmpty(book, data, clock.instant());
            }
            First first = first(book, data, clock);
            return new Ready(
                    book,
                    data,
                    first.job(),
                    first.aside(),
                    book.preference("person").orElse(""),
                    chosen(book, NIGHT),
                    chosen(book, LARGE),
                    book.preference(WINDOW),
                    fresh,
                    options);
        } catch (BookTrouble e) {
            throw new IllegalStateException(e.getMessage(), e);
        }
    }

    private static boolean chosen(Book book, String name) throws BookTrouble {
        return book.preference(name).filter("yes"::equals).isPresent();
    }

    /**
     * The job to begin with.
     *
     * @param job worked out
     * @param aside the one that should have been opened and cannot be read
     */
    private record First(Evaluation job, Optional<Book.SetAside> aside) {}

    /** The job open last; one that cannot be read is set aside, the next is opened, and the book with all the others. */
    private static First first(Book book, ReferenceData data, Clock clock) throws BookTrouble {
        List<String> ids = new ArrayList<>(book.preference("open-job").stream().toList());
        book.jobs("").forEach(h -> ids.add(h.id()));
        Optional<Book.SetAside> aside = Optional.empty();
        for (String id : ids) {
            Book.Opened opened = book.opened(id);
            Optional<Evaluation> worked = Optional.empty();
            Optional<Book.SetAside> trouble = opened.aside();
            if (opened.job().isPresent()) {
                try {
                    worked = Optional.of(Evaluation.of(opened.job().get(), data));
                } catch (IllegalArgumentException | ArithmeticException e) {
                    trouble = Optional.of(book.aside(id, e.getMessage() + "."));
                }
            }
            if (worked.isPresent()) {
                return new First(worked.get(), aside);
            }
            if (aside.isEmpty()) {
                aside = trouble;
            }
        }
        Job fresh = Job.open(UUID.randomUUID().toString(), Say.it("starting.first-hose-line"), "", UnitSystem.METRIC);
        book.save(fresh, Say.it("starting.not-started"), Say.it("starting.first-job"), "", clock.instant());
        return new First(Evaluation.of(fresh, data), aside);
    }
}
