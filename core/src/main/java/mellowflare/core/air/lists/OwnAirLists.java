package mellowflare.core.air.lists;

import java.util.Arrays;
import java.util.List;
import mellowflare.core.air.stock.PipeSystems;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/** A shop's own tools, compressors and sizes of pipe. */
public final class OwnAirLists implements OwnLists<AirLists> {
    public static final OwnAirLists LISTS = new OwnAirLists();

    private OwnAirLists() {}

    @Override
    public List<FileKind> files() {
        return Arrays.stream(AirList.values()).map(AirList::kind).toList();
    }

    @Override
    public AirLists none() {
        return AirLists.NONE;
    }

    @Override
    public AirLists of(ReferenceData data) {
        return AirLists.of(data);
    }

    @Override
    public Read<AirLists> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
        AirLists.Taken read = AirLists.read(AirList.of(file), rows, data.get(PipeSystems.KEY));
        return new Read<>(read.lists(), read.troubles());
    }

    @Override
    public AirLists plus(AirLists these, AirLists more) {
        return these.plus(more);
    }

    @Override
    public int count(AirLists rows) {
        return rows.count();
    }

    @Override
    public ReferenceData over(AirLists rows, ReferenceData data) {
        return rows.count() == 0 ? data : rows.over(data);
    }

    @Override
    public String csv(FileKind file, AirLists rows) {
        return rows.csv(AirList.of(file));
    }
}
