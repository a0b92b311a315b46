package mellowflare.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.List;
import java.util.stream.Stream;
import mellowflare.book.BookTrouble;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** Opens the SQLite file: refuses foreign and newer files in words before touching them, copies before migrating. */
final class BookFile {
    /** The newest migration this program carries. */
    static final int SCHEMA = 5;

    private static final String NAME = "book.db";
    private static final String FRESH = ".new";
    /** The file itself and what the database lays beside it. */
    private static final List<String> TAILS = List.of("", "-wal", "-shm", "-journal");

    private BookFile() {}

    static SQLiteDataSource open(Path folder) throws BookTrouble {
        Path file = folder.resolve(NAME);
        if (exists(file) && brokenOff(file)) {
            moveAway(folder);
        }
        if (!exists(file)) {
            create(file);
        }
        int version = version(file);
        if (version > SCHEMA) {
            throw new BookTrouble(
                    Say.it("book-file.the-book-was-written", "file", file, "version", version, "schema", SCHEMA));
        }
        SQLiteDataSource source = source(file, SQLiteConfig.JournalMode.WAL);
        if (version < SCHEMA) {
            migrate(source, file, version);
        }
        return source;
    }

    /** Makes a new book beside its place and moves it there whole: a start that is broken off leaves nothing that stands in the way. */
    private static void create(Path file) throws BookTrouble {
        Path beside = file.resolveSibling(NAME + FRESH);
        try {
            for (String tail : TAILS) {
                Files.deleteIfExists(file.resolveSibling(NAME + FRESH + tail));
                Files.deleteIfExists(file.resolveSibling(NAME + tail));
            }
            // Without a write-ahead file the one that is moved is whole.
            migrate(source(beside, SQLiteConfig.JournalMode.DELETE), file, 0);
            Files.move(beside, file, StandardCopyOption.ATOMIC_MOVE);
        } catch (IOException e) {
            throw new BookTrouble(Say.it("book-file.the-book-cannot-be", "file", file), e);
        }
    }

    /** Whether a first start was broken off before there was a book: the list of migrations stands alone in the file, and no job. */
    private static boolean brokenOff(Path file) throws BookTrouble {
        SQLiteDataSource plain = new SQLiteDataSource();
        plain.setUrl("jdbc:sqlite:" + file);
        try (Connection c = plain.getConnection();
                Statement s = c.createStatement()) {
            int history = number(s, "SELECT count(*) FROM sqlite_master WHERE name = 'flyway_schema_history'");
            int others = number(
                    s,
                    "SELECT count(*) FROM sqlite_master WHERE type = 'table' AND name NOT IN ('flyway_schema_history', 'job', 'revision', 'preference')");
            int ours = number(s, "SELECT count(*) FROM sqlite_master WHERE name IN ('job', 'revision')");
            return history == 1 && others == 0 && ours < 2;
        } catch (SQLException e) {
            // What it is then is said by whoever reads its version.
            return false;
        }
    }

    private static void moveAway(Path folder) throws BookTrouble {
        try {
            for (String tail : TAILS) {
                Path part = folder.resolve(NAME + tail);
                if (Files.exists(part)) {
                    Files.move(part, folder.resolve("broken-off-" + NAME + tail), StandardCopyOption.REPLACE_EXISTING);
                }
            }
        } catch (IOException e) {
            throw new BookTrouble(Say.it("book-file.a-first-start-was", "folder", folder), e);
        }
    }

    /** Throws the book of a folder away. */
    static void remove(Path folder) throws BookTrouble {
        try (Stream<Path> files = Files.list(folder)) {
            List<Path> parts = files.filter(f -> f.getFileName().toString().startsWith(NAME))
                    .toList();
            for (Path part : parts) {
                Files.delete(part);
            }
        } catch (IOException e) {
            throw new BookTrouble(Say.it("book-file.the-book-cannot-be-2", "folder", folder), e);
        }
    }

    private static SQLiteDataSource source(Path file, SQLiteConfig.JournalMode journal) {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(journal);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(2000);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file);
        return source;
    }

    private static boolean exists(Path file) throws BookTrouble {
        try {
            return Files.exists(file) && Files.size(file) > 0;
        } catch (IOException e) {
            throw new BookTrouble(Say.it("book-file.the-book-cannot-be-3", "file", file), e);
        }
    }

    /** The form of an existing book; looks without changing a byte, so that a foreign file stays as it is. */
    private static int version(Path file) throws BookTrouble {
        SQLiteDataSource plain = new SQLiteDataSource();
        plain.setUrl("jdbc:sqlite:" + file);
        try (Connection c = plain.getConnection();
                Statement s = c.createStatement()) {
            int tables = number(s, "SELECT count(*) FROM sqlite_master WHERE type = 'table'");
            int ours = number(s, "SELECT count(*) FROM sqlite_master WHERE name IN ('job', 'revision')");
            if (tables > 0 && ours < 2) {
                throw new BookTrouble(Say.it("book-file.the-file-no-book", "file", file));
            }
            return number(s, "PRAGMA user_version");
        } catch (SQLException e) {
            throw new BookTrouble(Say.it("book-file.the-file-no-book-2", "file", file), e);
        }
    }

    private static int number(Statement s, String sql) throws SQLException {
        try (ResultSet r = s.executeQuery(sql)) {
            return r.getInt(1);
        }
    }

    private static void migrate(SQLiteDataSource source, Path file, int from) throws BookTrouble {
        String copy = "book-before-" + SCHEMA + ".db";
        try {
            if (from > 0) {
                fold(source);
                Files.copy(file, file.resolveSibling(copy), StandardCopyOption.REPLACE_EXISTING);
            }
            Flyway.configure()
                    .dataSource(source)
                    .locations("classpath:mellowflare/book/migration")
                    .load()
                    .migrate();
        } catch (FlywayException | SQLException | IOException e) {
            throw new BookTrouble(
                    Say.it(
                            "book-file.the-book-could-not",
                            "file",
                            file,
                            "firstLine",
                            firstLine(e.getMessage()),
                            "copy",
                            from > 0 ? copy : "none"),
                    e);
        }
    }

    /** Brings what still lies in the write-ahead file into the book, so that one file is the whole copy. */
    private static void fold(SQLiteDataSource source) throws SQLException {
        try (Connection c = source.getConnection();
                Statement s = c.createStatement()) {
            s.execute("PRAGMA wal_checkpoint(TRUNCATE)");
        }
    }

    private static String firstLine(String text) {
        return text == null ? "" : text.lines().findFirst().orElse("").strip();
    }
}
