package mellowflare.app.line;

import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.book.parts.OwnCatalogue;
import mellowflare.book.parts.Relisted;
import mellowflare.core.job.ShippedData;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;

/** The catalogue and the house lists as files: own ones taken in, all of them written out. Without a window. */
public final class ListsModel {
    private final Desk desk;
    private final ReadOnlyObjectWrapper<List<String>> leftOut = new ReadOnlyObjectWrapper<>(List.of());

    public ListsModel(Desk desk) {
        this.desk = desk;
    }

    /** Rows of the last file that were left out, each with its reason. */
    public ReadOnlyObjectProperty<List<String>> leftOutProperty() {
        return leftOut.getReadOnlyProperty();
    }

    /** Writes all parts and lists as CSV files. */
    public void writeOut() {
        var data = desk.data();
        desk.keeper()
                .ask(
                        book -> OwnCatalogue.export(data, book.folder().resolve("out")),
                        files -> desk.tell(Say.it(
                                "lists-model.catalogue-lists-written",
                                "parent",
                                files.get(0).getParent())),
                        desk::tell);
    }

    /** Takes a file in: good rows count at once, the others are named. */
    public void take(Path file) {
        ReferenceData before = desk.listed();
        Instant at = desk.clock().instant();
        desk.keeper()
                .ask(
                        book -> {
                            OwnCatalogue.Taken taken = new OwnCatalogue(book.folder(), ShippedData.get()).take(file);
                            String by = file.getFileName().toString();
                            for (Count c : Relisted.counts(before, taken.data(), book.shelf(), at, by)) {
                                book.count(c);
                            }
                            return taken;
                        },
                        taken -> {
                            desk.take(taken.data());
                            desk.lookUpShelf();
                            leftOut.set(taken.troubles());
                            desk.tell(Say.it(
                                    "lists-model.taken",
                                    "good",
                                    taken.good(),
                                    "left",
                                    taken.troubles().size()));
                        },
                        desk::tell);
    }
}
