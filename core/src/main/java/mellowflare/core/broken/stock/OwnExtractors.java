package mellowflare.core.broken.stock;

import java.util.List;
import java.util.Set;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;

/** A shop's own sets of extractors, as rows of an open CSV file. */
public final class OwnExtractors implements OwnLists<List<Extractor>> {
    public static final OwnExtractors LISTS = new OwnExtractors();

    public static final FileKind KIND = new FileKind(
            "extractors",
            Say.it("own-extractors.extractors"),
            List.of("set,size,number,source,confidence".split(",")),
            Set.of());

    private OwnExtractors() {}

    @Override
    public List<FileKind> files() {
        return List.of(KIND);
    }

    @Override
    public List<Extractor> none() {
        return List.of();
    }

    @Override
    public List<Extractor> of(ReferenceData data) {
        return data.get(BrokenStock.KEY).extractors();
    }

    @Override
    public Read<List<Extractor>> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
        RowByRow<Extractor> read = RowByRow.read(rows, Extractor::read, Extractor::key);
        return new Read<>(read.values(), read.troubles());
    }

    @Override
    public List<Extractor> plus(List<Extractor> these, List<Extractor> more) {
        return RowByRow.laid(these, more, Extractor::key);
    }

    @Override
    public int count(List<Extractor> rows) {
        return rows.size();
    }

    @Override
    public ReferenceData over(List<Extractor> rows, ReferenceData data) {
        return rows.isEmpty()
                ? data
                : data.with(BrokenStock.KEY, data.get(BrokenStock.KEY).plus(rows));
    }

    @Override
    public String csv(FileKind file, List<Extractor> rows) {
        return CsvText.of(
                KIND.columns(),
                rows,
                e -> List.of(e.set(), e.size(), e.number(), e.source().text(), CsvText.confidence(e.source())));
    }
}
