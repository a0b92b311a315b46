package mellowflare.app.desk;

import java.util.concurrent.Executor;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import mellowflare.book.BookTrouble;
import mellowflare.book.store.Book;

/** Does all work on the book on one thread of its own and hands results back to the interface thread. */
public final class Keeper implements AutoCloseable {
    private final Book book;
    private final ExecutorService worker;
    private final Executor front;

    /**
     * @param book the open book; the keeper closes it
     * @param front where results are delivered, the interface thread
     */
    public Keeper(Book book, Executor front) {
        this.book = book;
        this.front = front;
        this.worker = Executors.newSingleThreadExecutor(r -> new Thread(r, "keeper"));
    }

    /** Work on the book. */
    public interface Work<T> {
        T on(Book book) throws BookTrouble;
    }

    /** Runs work, then delivers its result or its trouble. */
    public <T> void ask(Work<T> work, Consumer<T> done, Consumer<String> trouble) {
        worker.execute(() -> {
            try {
                T result = work.on(book);
                front.execute(() -> done.accept(result));
            } catch (BookTrouble e) {
                front.execute(() -> trouble.accept(e.getMessage()));
            } catch (RuntimeException e) {
                front.execute(() -> trouble.accept(Say.it("keeper.unforeseen", "message", e.getMessage())));
            }
        });
    }

    /** Keeps a preference for the next time. */
    public void remember(String name, String value, Runnable done, Consumer<String> trouble) {
        ask(
                book -> {
                    book.preference(name, value);
                    return null;
                },
                kept -> done.run(),
                trouble);
    }

    public Book book() {
        return book;
    }

    /** Finishes what is waiting and closes the book. */
    @Override
    public void close() {
        worker.execute(book::close);
        worker.shutdown();
        try {
            if (!worker.awaitTermination(10, TimeUnit.SECONDS)) {
                worker.shutdownNow();
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
