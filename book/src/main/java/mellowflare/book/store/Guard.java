package mellowflare.book.store;

import mellowflare.book.BookTrouble;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/** Turns what the database throws into a sentence. */
final class Guard {
    private Guard() {}

    interface Work<T> {
        T run();
    }

    static <T> T guarded(String failed, Work<T> work) throws BookTrouble {
        try {
            return work.run();
        } catch (JdbiException e) {
            throw new BookTrouble(failed + ": " + reason(e), e);
        }
    }

    static String reason(Throwable e) {
        for (Throwable t = e; t != null; t = t.getCause()) {
            if (t instanceof SQLiteException s) {
                SQLiteErrorCode code = s.getResultCode();
                if (code == SQLiteErrorCode.SQLITE_FULL) {
                    return Say.it("guard.disk-full-make-room");
                }
                if (code.name().startsWith("SQLITE_READONLY") || code.name().startsWith("SQLITE_CANTOPEN")) {
                    return Say.it("guard.folder-cannot-be-written");
                }
                if (code.name().startsWith("SQLITE_CORRUPT") || code == SQLiteErrorCode.SQLITE_NOTADB) {
                    return Say.it("guard.file-damaged-or-no");
                }
                return Say.it("guard.book-answered", "code", code.name());
            }
        }
        return e.getMessage() == null ? e.getClass().getSimpleName() : e.getMessage();
    }
}
