package mellowflare.book.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import mellowflare.book.BookTrouble;
import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

/** Opens the SQLite file: refuses foreign and newer files in words, copies before migrating. */
final class BookFile {
    /** The newest migration this program carries. */
    static final int SCHEMA = 1;

    private BookFile() {}

    static SQLiteDataSource open(Path folder) throws BookTrouble {
        Path file = folder.resolve("book.db");
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(2000);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file);
        int version = Files.exists(file) ? version(source, file) : 0;
        if (version > SCHEMA) {
            throw new BookTrouble("The book " + file + " was written by a newer version of this program (its form "
                    + version + ", this program knows " + SCHEMA
                    + "). Update the program, or open another book with MELLOW_FLARE_HOME.");
        }
        if (version < SCHEMA) {
            migrate(source, file, version);
        }
        return source;
    }

    private static int version(SQLiteDataSource source, Path file) throws BookTrouble {
        try (Connection c = source.getConnection();
                Statement s = c.createStatement();
                ResultSet r = s.executeQuery("PRAGMA user_version")) {
            return r.getInt(1);
        } catch (SQLException e) {
            throw new BookTrouble(
                    "The file " + file
                            + " is no book, or it is damaged. Nothing was changed in it. Move it away, and put back a copy if you have one.",
                    e);
        }
    }

    private static void migrate(SQLiteDataSource source, Path file, int from) throws BookTrouble {
        try {
            if (from > 0) {
                Files.copy(
                        file,
                        file.resolveSibling("book-before-" + SCHEMA + ".db"),
                        StandardCopyOption.REPLACE_EXISTING);
            }
            Flyway.configure()
                    .dataSource(source)
                    .locations("classpath:mellowflare/book/migration")
                    .load()
                    .migrate();
        } catch (FlywayException | IOException e) {
            throw new BookTrouble(
                    "The book " + file + " could not be brought to the form of this version: "
                            + firstLine(e.getMessage()) + " Its copy from before is book-before-" + SCHEMA + ".db.",
                    e);
        }
    }

    private static String firstLine(String text) {
        return text == null ? "" : text.lines().findFirst().orElse("").strip();
    }
}
