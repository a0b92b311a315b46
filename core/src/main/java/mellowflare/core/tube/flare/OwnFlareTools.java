package mellowflare.core.tube.flare;

import java.util.List;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.reference.RowByRow;

/** A shop's own flaring tools. */
public final class OwnFlareTools implements OwnLists<List<FlareTool>> {
    public static final OwnFlareTools LISTS = new OwnFlareTools();

    private OwnFlareTools() {}

    @Override
    public List<FileKind> files() {
        return List.of(FlareToolFile.KIND);
    }

    @Override
    public List<FlareTool> none() {
        return List.of();
    }

    @Override
    public List<FlareTool> of(ReferenceData data) {
        return data.get(FlareTools.KEY).all();
    }

    @Override
    public Read<List<FlareTool>> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
        RowByRow<FlareTool> read = FlareToolFile.read(rows);
        return new Read<>(read.values(), read.troubles());
    }

    @Override
    public List<FlareTool> plus(List<FlareTool> these, List<FlareTool> more) {
        return RowByRow.laid(these, more, FlareToolFile::number);
    }

    @Override
    public int count(List<FlareTool> rows) {
        return rows.size();
    }

    @Override
    public ReferenceData over(List<FlareTool> rows, ReferenceData data) {
        return rows.isEmpty()
                ? data
                : data.with(FlareTools.KEY, data.get(FlareTools.KEY).plus(rows));
    }

    @Override
    public String csv(FileKind file, List<FlareTool> rows) {
        return FlareToolFile.csv(rows);
    }
}
