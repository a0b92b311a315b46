package mellowflare.book.parts;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.JobFiles;
import mellowflare.core.connection.EndTable;
import mellowflare.core.parts.PartExport;
import mellowflare.core.parts.PartFile;
import mellowflare.core.parts.PartImport;
import mellowflare.core.parts.Stock;
import mellowflare.core.reference.ReferenceData;

/**
 * A book's own parts: CSV files in the folder {@code catalogue} beside it, laid over the house catalogue by part number. Each file is written whole or not at
 * all.
 */
public final class OwnCatalogue {
    private static final long LARGEST = 40_000_000;
    private final Path folder;
    private final ReferenceData house;

    /**
     * @param book the book's folder
     * @param house the shipped data
     */
    public OwnCatalogue(Path book, ReferenceData house) {
        this(house, book.resolve("catalogue"));
    }

    private OwnCatalogue(ReferenceData house, Path folder) {
        this.folder = folder;
        this.house = house;
    }

    /** The CSV files of any folder laid over the house catalogue. */
    public static Taken of(Path folder, ReferenceData house) {
        return new OwnCatalogue(house, folder).load();
    }

    /**
     * What came of reading files.
     *
     * @param data the house data with the own parts laid over them
     * @param good how many own parts count
     * @param troubles a sentence for every row that was left out
     */
    public record Taken(ReferenceData data, int good, List<String> troubles) {
        public Taken {
            troubles = List.copyOf(troubles);
        }
    }

    /** The house catalogue with the own parts over it. A row or file that cannot be used is named and left out, never the whole. */
    public Taken load() {
        Stock own = Stock.NONE;
        List<String> troubles = new ArrayList<>();
        for (PartFile file : PartFile.values()) {
            Path path = path(file);
            if (Files.exists(path)) {
                try {
                    PartImport read = read(path);
                    own = own.plus(read.stock());
                    troubles.addAll(read.troubles());
                } catch (BookTrouble e) {
                    troubles.add(e.getMessage());
                }
            }
        }
        return taken(own, troubles);
    }

    private Taken taken(Stock own, List<String> troubles) {
        return new Taken(own.count() == 0 ? house : Stock.of(house).plus(own).in(house), own.count(), troubles);
    }

    /**
     * Takes a catalogue file in: its good rows are laid over what is there and kept.
     *
     * @throws BookTrouble if the file is none, cannot be read, or cannot be kept; nothing has changed then
     */
    public Taken take(Path file) throws BookTrouble {
        PartImport read = read(file);
        Path kept = path(read.file());
        Stock before = Files.exists(kept) ? read(kept).stock() : Stock.NONE;
        if (read.good() > 0) {
            JobFiles.write(
                    kept, PartExport.csv(read.file(), before.plus(read.stock())).getBytes(StandardCharsets.UTF_8));
        }
        Taken all = load();
        return new Taken(all.data(), read.good(), read.troubles());
    }

    /** Writes all parts, house and own, as CSV files into a folder; gives the files. */
    public static List<Path> export(ReferenceData data, Path into) throws BookTrouble {
        List<Path> files = new ArrayList<>();
        for (PartFile file : PartFile.values()) {
            files.add(JobFiles.write(
                    into.resolve(file.id() + ".csv"),
                    PartExport.csv(file, Stock.of(data)).getBytes(StandardCharsets.UTF_8)));
        }
        return files;
    }

    private Path path(PartFile file) {
        return folder.resolve(file.id() + ".csv");
    }

    private PartImport read(Path file) throws BookTrouble {
        try {
            if (!Files.exists(file) || Files.isDirectory(file)) {
                throw new BookTrouble("There is no file " + file + ".");
            }
            if (Files.size(file) > LARGEST) {
                throw new BookTrouble("The file " + file + " is far too large for a catalogue.");
            }
            return PartImport.read(
                    file.getFileName().toString(),
                    Files.readString(file, StandardCharsets.UTF_8),
                    house.get(EndTable.KEY));
        } catch (PartImport.Foreign e) {
            throw new BookTrouble(e.getMessage(), e);
        } catch (MalformedInputException e) {
            throw new BookTrouble("The file " + file + " is no text: a catalogue is CSV in UTF-8.", e);
        } catch (IOException e) {
            throw new BookTrouble("The file " + file + " cannot be read.", e);
        }
    }
}
