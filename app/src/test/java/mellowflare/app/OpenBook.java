package mellowflare.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import mellowflare.app.desk.Desk;
import mellowflare.app.desk.Keeper;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.job.BookKinds;
import mellowflare.book.store.Book;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.reference.ReferenceData;

/** A desk on a book in a folder, without a window: what would come to the interface thread waits until {@link #settle}. */
public final class OpenBook implements AutoCloseable {
    /** So many jobs the demo has, of whatever kind. */
    public static final int DEMO_JOBS = BookKinds.ALL.stream()
            .mapToInt(k -> k.demo(ShippedData.get(), Instant.EPOCH).size())
            .sum();

    public static final ReferenceData DATA = ShippedData.get();
    public static final Instant NOW = Instant.parse("2026-11-01T08:30:00Z");

    private final BlockingQueue<Runnable> front = new LinkedBlockingQueue<>();
    private final Keeper keeper;
    private final Desk desk;

    /** The demo book, made once: most tests begin with one. */
    private static final class Demo {
        private static final List<Job> JOBS = KittiwakeSlip.jobs(DATA, NOW);
        private static final byte[] FILE = file();

        private static byte[] file() {
            try {
                Path folder = Files.createTempDirectory("demo");
                try (Book book = Book.open(folder)) {
                    KittiwakeSlip.fill(book, DATA, NOW);
                }
                byte[] bytes = Files.readAllBytes(folder.resolve("book.db"));
                Files.walk(folder)
                        .sorted(Comparator.reverseOrder())
                        .forEach(f -> f.toFile().delete());
                return bytes;
            } catch (IOException | BookTrouble e) {
                throw new IllegalStateException(e);
            }
        }
    }

    private OpenBook(Book book, Job job) {
        this.keeper = new Keeper(book, front::add);
        this.desk = new Desk(keeper, DATA, Evaluation.of(job, DATA), Clock.fixed(NOW, ZoneOffset.UTC));
    }

    /** The demo book with its half-made job open. */
    public static OpenBook demo(Path folder) throws BookTrouble {
        return new OpenBook(demoBook(folder), Demo.JOBS.get(2));
    }

    /** The demo book in a folder that holds none yet. */
    public static Book demoBook(Path folder) throws BookTrouble {
        try {
            Files.write(folder.resolve("book.db"), Demo.FILE);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return Book.open(folder);
    }

    /** A book with one empty metric job. */
    public static OpenBook empty(Path folder) throws BookTrouble {
        Book book = Book.open(folder);
        Job job = Job.open("first", "First line", "", UnitSystem.METRIC);
        book.save(job, "not started", "first job", "", NOW);
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
                next().ifPresent(Runnable::run);
            }
        }
    }

    private Optional<Runnable> next() {
        try {
            return Optional.ofNullable(front.poll(10, TimeUnit.MILLISECONDS));
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    @Override
    public void close() {
        keeper.close();
    }
}
