package mellowflare.book.parts;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.JobFiles;
import mellowflare.core.air.lists.AirList;
import mellowflare.core.air.lists.AirLists;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.connection.EndTable;
import mellowflare.core.parts.PartExport;
import mellowflare.core.parts.PartFile;
import mellowflare.core.parts.PartImport;
import mellowflare.core.parts.Stock;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;
import mellowflare.core.tube.flare.FlareTool;
import mellowflare.core.tube.flare.FlareToolFile;
import mellowflare.core.tube.flare.FlareTools;

/**
 * A book's own parts and lists of air: CSV files in the folder {@code catalogue} beside it, laid over the house's by part number. Each file is written whole or not at all.
 */
public final class OwnCatalogue {
    private static final long LARGEST = 40_000_000;
    private static final List<FileKind> KINDS = Stream.of(
                    Arrays.stream(PartFile.values()).map(PartFile::kind),
                    Arrays.stream(AirList.values()).map(AirList::kind),
                    Stream.of(FlareToolFile.KIND))
            .flatMap(s -> s)
            .toList();

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

    /** Parts and rows of all kinds. */
    private record Own(Stock parts, AirLists air, List<FlareTool> flaring) {
        private static final Own NONE = new Own(Stock.NONE, AirLists.NONE, List.of());

        Own plus(Own more) {
            return new Own(
                    parts.plus(more.parts),
                    air.plus(more.air),
                    RowByRow.laid(flaring, more.flaring, FlareToolFile::number));
        }

        int count() {
            return parts.count() + air.count() + flaring.size();
        }

        ReferenceData over(ReferenceData house) {
            ReferenceData data =
                    parts.count() == 0 ? house : Stock.of(house).plus(parts).in(house);
            ReferenceData withAir = air.count() == 0 ? data : air.over(data);
            return flaring.isEmpty()
                    ? withAir
                    : withAir.with(FlareTools.KEY, withAir.get(FlareTools.KEY).plus(flaring));
        }

        String csv(FileKind kind) {
            for (PartFile file : PartFile.values()) {
                if (file.kind().equals(kind)) {
                    return PartExport.csv(file, parts);
                }
            }
            return kind.equals(FlareToolFile.KIND) ? FlareToolFile.csv(flaring) : air.csv(airList(kind));
        }
    }

    private static AirList airList(FileKind kind) {
        return Arrays.stream(AirList.values())
                .filter(l -> l.kind().equals(kind))
                .findFirst()
                .orElseThrow();
    }

    /** The good rows of one file. */
    private record Rows(FileKind kind, Own own, List<String> troubles) {
        static Rows read(FileKind kind, List<CsvTable.Row> rows, ReferenceData house) {
            for (PartFile file : PartFile.values()) {
                if (file.kind().equals(kind)) {
                    PartImport read = PartImport.read(file, rows, house.get(EndTable.KEY));
                    return new Rows(kind, new Own(read.stock(), AirLists.NONE, List.of()), read.troubles());
                }
            }
            if (kind.equals(FlareToolFile.KIND)) {
                RowByRow<FlareTool> read = FlareToolFile.read(rows);
                return new Rows(kind, new Own(Stock.NONE, AirLists.NONE, read.values()), read.troubles());
            }
            AirLists.Taken read = AirLists.read(airList(kind), rows, house.get(PipeSystems.KEY));
            return new Rows(kind, new Own(Stock.NONE, read.lists(), List.of()), read.troubles());
        }
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
        Own own = Own.NONE;
        List<String> troubles = new ArrayList<>();
        for (FileKind kind : KINDS) {
            Path path = path(kind);
            if (Files.exists(path)) {
                try {
                    Rows read = read(path);
                    own = own.plus(read.own);
                    troubles.addAll(read.troubles);
                } catch (BookTrouble e) {
                    troubles.add(e.getMessage());
                }
            }
        }
        return new Taken(own.over(house), own.count(), troubles);
    }

    /**
     * Takes a catalogue file in: its good rows are laid over what is there and kept.
     *
     * @throws BookTrouble if the file is none, cannot be read, or cannot be kept; nothing has changed then
     */
    public Taken take(Path file) throws BookTrouble {
        Rows read = read(file);
        Path kept = path(read.kind);
        Own before = Files.exists(kept) ? read(kept).own : Own.NONE;
        if (read.own.count() > 0) {
            JobFiles.write(kept, before.plus(read.own).csv(read.kind).getBytes(StandardCharsets.UTF_8));
        }
        return new Taken(load().data(), read.own.count(), read.troubles);
    }

    /**
     * Keeps a flaring tool as scrap flares told it to be, laid over the house's.
     *
     * @throws BookTrouble if it cannot be kept; nothing has changed then
     */
    public Taken keep(FlareTool tool) throws BookTrouble {
        Path kept = path(FlareToolFile.KIND);
        Own before = Files.exists(kept) ? read(kept).own : Own.NONE;
        Own after = before.plus(new Own(Stock.NONE, AirLists.NONE, List.of(tool)));
        JobFiles.write(kept, after.csv(FlareToolFile.KIND).getBytes(StandardCharsets.UTF_8));
        return load();
    }

    /** Writes all parts and lists, house and own, as CSV files into a folder; gives the files. */
    public static List<Path> export(ReferenceData data, Path into) throws BookTrouble {
        List<Path> files = new ArrayList<>();
        for (FileKind kind : KINDS) {
            files.add(JobFiles.write(
                    into.resolve(kind.id() + ".csv"), csv(kind, data).getBytes(StandardCharsets.UTF_8)));
        }
        return files;
    }

    /** Every kind of file that can be taken in. */
    public static List<FileKind> kinds() {
        return KINDS;
    }

    /** All parts or rows of one kind, house and own, as CSV. */
    public static String csv(FileKind kind, ReferenceData data) {
        return new Own(
                        Stock.of(data),
                        AirLists.of(data),
                        data.get(FlareTools.KEY).all())
                .csv(kind);
    }

    private Path path(FileKind kind) {
        return folder.resolve(kind.id() + ".csv");
    }

    private Rows read(Path file) throws BookTrouble {
        try {
            if (!Files.isRegularFile(file)) {
                throw new BookTrouble("There is no file " + file + ".");
            }
            if (Files.size(file) > LARGEST) {
                throw new BookTrouble("The file " + file + " is far too large for a catalogue.");
            }
            String name = file.getFileName().toString();
            List<CsvTable.Row> rows = FileKind.rows(name, Files.readString(file, StandardCharsets.UTF_8));
            return Rows.read(FileKind.of(name, rows.get(0), KINDS), rows, house);
        } catch (ForeignFile e) {
            throw new BookTrouble(e.getMessage(), e);
        } catch (MalformedInputException e) {
            throw new BookTrouble("The file " + file + " is no text: a catalogue is CSV in UTF-8.", e);
        } catch (IOException e) {
            throw new BookTrouble("The file " + file + " cannot be read.", e);
        }
    }
}
