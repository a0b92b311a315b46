package mellowflare.book.line;

import java.io.IOException;
import mellowflare.book.sheet.SheetPage;

/** What the job sheet shows of a line of one kind. */
public interface SheetPart {
    /** What it looks like, at the head of the sheet. */
    void pictures(SheetPage page) throws IOException;

    /** What the measured length is called there, such as “Finished length”; not asked where nothing is cut by one. */
    String measuredName();

    /** What is shown of it after its tables: nothing, where they say all. */
    default void figures(SheetPage page) throws IOException {}
}
