package mellowflare.app;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.atomic.AtomicBoolean;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** A desk on a book in a folder, without a window: what would come to the interface thread waits until {@link #settle}. */
public final class OpenBook implements AutoCloseable {
    public static final ReferenceData DATA = ShippedData.get();
    public static final Instant NOW = Instant.parse("2026-11-01T08:30:00Z");

    private final Queue<Runnable> front = new ConcurrentLinkedQueue<>();
    private final Keeper keeper;
    private final Desk desk;

    private OpenBook(Book book, Job job) {
        this.keeper = new Keeper(book, front::add);
        this.desk = new Desk(keeper, DATA, Evaluation.of(job, DATA), Clock.fixed(NOW, ZoneOffset.UTC));
    }

    /** The demo book with its half-made job open. */
    public static OpenBook demo(Path folder) throws BookTrouble {
        Book book = Book.open(folder);
        KittiwakeSlip.fill(book, DATA, NOW);
        List<Job> jobs = KittiwakeSlip.jobs(DATA, NOW);
        return new OpenBook(book, jobs.get(2));
    }

    /** A book with one empty metric job. */
    public static OpenBook empty(Path folder) throws BookTrouble {
        Book book = Book.open(folder);
        Job job = Job.open("first", "First line", "", UnitSystem.METRIC);
        book.save(job, "not begun", "first job", "", NOW);
        return new OpenBook(book, job);
    }

    /** The book that lies in the folder, with one of its jobs open. */
    public static OpenBook again(Path folder, String id) throws BookTrouble {
        Book book = Book.open(folder);
        return new OpenBook(book, book.job(id).orElseThrow());
    }

    public Desk desk() {
        return desk;
    }

    public Keeper keeper() {
        return keeper;
    }

    /** Lets everything that is under way come to rest. */
    public void settle() {
        for (int i = 0; i < 6; i++) {
            AtomicBoolean reached = new AtomicBoolean();
            keeper.ask(book -> null, done -> reached.set(true), trouble -> reached.set(true));
            while (!reached.get()) {
                Runnable next = front.poll();
                if (next != null) {
                    next.run();
                } else {
                    Thread.onSpinWait();
                }
            }
        }
    }

    @Override
    public void close() {
        keeper.close();
    }
}
