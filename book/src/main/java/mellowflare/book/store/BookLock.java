package mellowflare.book.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import mellowflare.book.BookTrouble;

/** Keeps a second window from writing into the same book. The system drops the lock when the process dies. */
final class BookLock implements AutoCloseable {
    private final FileChannel channel;
    private final FileLock lock;

    private BookLock(FileChannel channel, FileLock lock) {
        this.channel = channel;
        this.lock = lock;
    }

    static BookLock take(Path folder) throws BookTrouble {
        FileChannel channel = null;
        try {
            channel =
                    FileChannel.open(folder.resolve("book.lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            FileLock lock = channel.tryLock();
            if (lock != null) {
                return new BookLock(channel, lock);
            }
        } catch (OverlappingFileLockException e) {
            close(channel);
            throw inUse(folder, e);
        } catch (IOException e) {
            close(channel);
            throw new BookTrouble(Say.it("book-lock.the-folder-cannot-be", "folder", folder), e);
        }
        close(channel);
        throw inUse(folder, null);
    }

    private static BookTrouble inUse(Path folder, Throwable cause) {
        return new BookTrouble(Say.it("book-lock.the-book-open-another", "folder", folder), cause);
    }

    private static void close(FileChannel channel) {
        if (channel != null) {
            try {
                channel.close();
            } catch (IOException e) {
                // Nothing was written through it; the lock goes with the process.
            }
        }
    }

    @Override
    public void close() throws IOException {
        lock.release();
        channel.close();
    }
}
