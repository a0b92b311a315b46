package mellowflare.cli.command;

import java.nio.file.Path;
import java.time.Instant;
import mellowflare.book.BookTrouble;
import mellowflare.book.demo.KittiwakeSlip;
import mellowflare.book.store.Book;
import mellowflare.book.store.BookPlace;
import mellowflare.core.job.Evaluation;
import mellowflare.core.job.Job;
import mellowflare.core.job.ShippedData;
import mellowflare.core.parts.Shelved;
import mellowflare.core.reference.ReferenceData;
import picocli.CommandLine.Option;

/** Which book. */
public final class Where {
    @Option(names = "--book", paramLabel = "FOLDER", description = "The book in this folder (default: your own).")
    private Path folder;

    @Option(names = "--demo", description = "The demo book; filled when it is empty.")
    private boolean demo;

    private ReferenceData data;

    public Book open() throws BookTrouble {
        if (folder != null || !demo) {
            return Book.open(folder != null ? folder : BookPlace.own());
        }
        Book book = Book.open(BookPlace.demo());
        try {
            KittiwakeSlip.fillIfEmpty(book, ShippedData.get(), Instant.now());
        } catch (BookTrouble e) {
            book.close();
            throw e;
        }
        return book;
    }

    /** The shipped data with the own parts of the book over them, and the shelf as the work has left it. */
    public ReferenceData data(Book book) throws BookTrouble {
        if (data == null) {
            data = Shelved.over(PartsCommand.listed(book), book.shelf());
        }
        return data;
    }

    /** A job of the book, worked out with its own parts. */
    public Evaluation job(Book book, String id) throws BookTrouble {
        Job job = book.job(id)
                .orElseThrow(
                        () -> new BookTrouble(Say.it("where.the-book-holds-no", "folder", book.folder(), "id", id)));
        return Evaluation.of(job, data(book));
    }
}
