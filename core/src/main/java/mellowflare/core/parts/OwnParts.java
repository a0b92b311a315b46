package mellowflare.core.parts;

import java.util.Arrays;
import java.util.List;
import mellowflare.core.connection.EndTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/** A shop's own catalogue. */
public final class OwnParts implements OwnLists<Stock> {
    public static final OwnParts LISTS = new OwnParts();

    private OwnParts() {}

    @Override
    public List<FileKind> files() {
        return Arrays.stream(PartFile.values()).map(PartFile::kind).toList();
    }

    @Override
    public Stock none() {
        return Stock.NONE;
    }

    @Override
    public Stock of(ReferenceData data) {
        return Stock.of(data);
    }

    @Override
    public Read<Stock> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
        PartImport read = PartImport.read(PartFile.of(file), rows, data.get(EndTable.KEY));
        return new Read<>(read.stock(), read.troubles());
    }

    @Override
    public Stock plus(Stock these, Stock more) {
        return these.plus(more);
    }

    @Override
    public int count(Stock rows) {
        return rows.count();
    }

    @Override
    public ReferenceData over(Stock rows, ReferenceData data) {
        return rows.count() == 0 ? data : Stock.of(data).plus(rows).in(data);
    }

    @Override
    public String csv(FileKind file, Stock rows) {
        return PartExport.csv(PartFile.of(file), rows);
    }
}
