package mellowflare.app.shelf;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import mellowflare.app.desk.Desk;
import mellowflare.book.exchange.TextFiles;
import mellowflare.book.parts.ShelfCsv;
import mellowflare.core.parts.ShelfLine;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Count;

/** Counts of the shelf as files: a sheet to count by, and a file of counts taken in. */
public final class ShelfFiles {
    private final Desk desk;
    private final ReadOnlyObjectWrapper<List<String>> leftOut = new ReadOnlyObjectWrapper<>(List.of());

    ShelfFiles(Desk desk) {
        this.desk = desk;
    }

    /** Rows of the last file that were left out, each with its reason. */
    public ReadOnlyObjectProperty<List<String>> leftOutProperty() {
        return leftOut.getReadOnlyProperty();
    }

    /** Writes a sheet to count by. */
    public void writeSheet() {
        String text = ShelfCsv.text(ShelfLine.all(desk.data()));
        desk.keeper()
                .ask(
                        book -> TextFiles.write(
                                book.folder().resolve("out").resolve("shelf.csv"),
                                text.getBytes(StandardCharsets.UTF_8)),
                        path -> desk.tell(Say.it("shelf-model.written", "path", path)),
                        desk::tell);
    }

    /** Takes a file of counts in: good rows count at once, the others are named. */
    public void take(Path file) {
        String by = desk.personProperty().get();
        if (by.isBlank()) {
            desk.tell(Say.it("shelf-model.no-name"));
            return;
        }
        ReferenceData data = desk.data();
        desk.keeper()
                .ask(
                        book -> {
                            ShelfCsv.Counted read =
                                    ShelfCsv.read(file, data, desk.clock().instant(), by);
                            for (Count c : read.counts()) {
                                book.count(c);
                            }
                            return read;
                        },
                        read -> {
                            leftOut.set(read.troubles());
                            desk.lookUpShelf();
                            desk.tell(Say.it(
                                    "shelf-model.taken",
                                    "good",
                                    read.counts().size(),
                                    "left",
                                    read.troubles().size()));
                        },
                        desk::tell);
    }
}
