package mellowflare.book.store;

import java.nio.file.Path;
import net.harawata.appdirs.AppDirsFactory;

/** Where a book lies: the platform's own data folder, or the folder that MELLOW_FLARE_HOME names. */
public final class BookPlace {
    private BookPlace() {}

    /** The user's own book. */
    public static Path own() {
        return root().resolve("book");
    }

    /** The demo book; never the user's. */
    public static Path demo() {
        return root().resolve("demo");
    }

    private static Path root() {
        String named = System.getenv("MELLOW_FLARE_HOME");
        return named != null && !named.isBlank()
                ? Path.of(named)
                : Path.of(AppDirsFactory.getInstance().getUserDataDir("mellow-flare", null, null));
    }
}
