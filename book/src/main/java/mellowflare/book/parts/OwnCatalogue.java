package mellowflare.book.parts;

import java.io.IOException;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.TextFiles;
import mellowflare.core.job.Kinds;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.ForeignFile;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/**
 * A book's own parts and lists: CSV files in the folder {@code catalogue} beside it, laid over the house's by part number. Each file is written whole or not at all.
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

    /** One file and the lists that its rows belong to. */
    private record File<O>(OwnLists<O> lists, FileKind kind) {
        OwnLists.Read<O> read(List<CsvTable.Row> rows, ReferenceData house) {
            return lists.read(kind, rows, house);
        }
    }

    private static List<File<?>> files() {
        List<File<?>> files = new ArrayList<>();
        Kinds.ownLists().forEach(lists -> lists.files().forEach(kind -> files.add(new File<>(lists, kind))));
        return files;
    }

    /** The house catalogue with the own parts over it. A row or file that cannot be used is named and left out, never the whole. */
    public Taken load() {
        List<String> troubles = new ArrayList<>();
        ReferenceData data = house;
        int good = 0;
        for (OwnLists<?> lists : Kinds.ownLists()) {
            Taken with = load(lists, data, troubles);
            data = with.data();
            good += with.good();
        }
        return new Taken(data, good, troubles);
    }

    private <O> Taken load(OwnLists<O> lists, ReferenceData over, List<String> troubles) {
        O own = lists.none();
        for (FileKind kind : lists.files()) {
            if (Files.exists(path(kind))) {
                try {
                    OwnLists.Read<O> read = lists.read(kind, rows(path(kind), List.of(kind)), house);
                    own = lists.plus(own, read.rows());
                    troubles.addAll(read.troubles());
                } catch (BookTrouble e) {
                    troubles.add(e.getMessage());
                }
            }
        }
        return new Taken(lists.over(own, over), lists.count(own), List.of());
    }

    /**
     * Takes a catalogue file in: its good rows are laid over what is there and kept.
     *
     * @throws BookTrouble if the file is none, cannot be read, or cannot be kept; nothing has changed then
     */
    public Taken take(Path path) throws BookTrouble {
        List<CsvTable.Row> rows = rows(path, kinds());
        FileKind kind = kind(path, rows.get(0), kinds());
        for (File<?> file : files()) {
            if (file.kind().equals(kind)) {
                return take(file, rows);
            }
        }
        throw new IllegalStateException("No list is kept in " + kind.id());
    }

    private <O> Taken take(File<O> file, List<CsvTable.Row> rows) throws BookTrouble {
        OwnLists.Read<O> read = file.read(rows, house);
        int good = file.lists().count(read.rows());
        if (good > 0) {
            keep(file, read.rows());
        }
        return new Taken(load().data(), good, read.troubles());
    }

    /**
     * Keeps own rows, laid over what is kept of their file.
     *
     * @throws BookTrouble if they cannot be kept; nothing has changed then
     */
    public <O> Taken keep(OwnLists<O> lists, FileKind kind, O rows) throws BookTrouble {
        keep(new File<>(lists, kind), rows);
        return load();
    }

    private <O> void keep(File<O> file, O rows) throws BookTrouble {
        Path kept = path(file.kind());
        O before = Files.exists(kept)
                ? file.read(rows(kept, List.of(file.kind())), house).rows()
                : file.lists().none();
        TextFiles.write(
                kept,
                file.lists().csv(file.kind(), file.lists().plus(before, rows)).getBytes(StandardCharsets.UTF_8));
    }

    /** Writes all parts and lists, house and own, as CSV files into a folder; gives the files. A list without rows has no file: it could not be read again. */
    public static List<Path> export(ReferenceData data, Path into) throws BookTrouble {
        List<Path> written = new ArrayList<>();
        for (File<?> file : files()) {
            if (count(file, data) > 0) {
                written.add(TextFiles.write(
                        into.resolve(file.kind().id() + ".csv"), csv(file, data).getBytes(StandardCharsets.UTF_8)));
            }
        }
        return written;
    }

    /** Every kind of file that can be taken in. */
    public static List<FileKind> kinds() {
        List<FileKind> kinds = new ArrayList<>();
        files().forEach(f -> kinds.add(f.kind()));
        return kinds;
    }

    /** All parts or rows of one kind, house and own, as CSV. */
    public static String csv(FileKind kind, ReferenceData data) {
        for (File<?> file : files()) {
            if (file.kind().equals(kind)) {
                return csv(file, data);
            }
        }
        throw new IllegalArgumentException("No list is kept in " + kind.id());
    }

    private static <O> int count(File<O> file, ReferenceData data) {
        return file.lists().count(file.lists().of(data));
    }

    private static <O> String csv(File<O> file, ReferenceData data) {
        return file.lists().csv(file.kind(), file.lists().of(data));
    }

    private Path path(FileKind kind) {
        return folder.resolve(kind.id() + ".csv");
    }

    /** The rows of a file of one of these kinds. */
    private static List<CsvTable.Row> rows(Path file, List<FileKind> kinds) throws BookTrouble {
        try {
            if (!Files.isRegularFile(file)) {
                throw new BookTrouble(Say.it("own-catalogue.there-no-file", "file", file));
            }
            if (Files.size(file) > LARGEST) {
                throw new BookTrouble(Say.it("own-catalogue.the-file-far-too", "file", file));
            }
            String name = file.getFileName().toString();
            List<CsvTable.Row> rows = FileKind.rows(name, Files.readString(file, StandardCharsets.UTF_8));
            kind(file, rows.get(0), kinds);
            return rows;
        } catch (ForeignFile e) {
            throw new BookTrouble(e.getMessage(), e);
        } catch (MalformedInputException e) {
            throw new BookTrouble(Say.it("own-catalogue.the-file-no-text", "file", file), e);
        } catch (IOException e) {
            throw new BookTrouble(Say.it("own-catalogue.the-file-cannot-be", "file", file), e);
        }
    }

    private static FileKind kind(Path file, CsvTable.Row first, List<FileKind> kinds) throws BookTrouble {
        try {
            return FileKind.of(file.getFileName().toString(), first, kinds);
        } catch (ForeignFile e) {
            throw new BookTrouble(e.getMessage(), e);
        }
    }
}
