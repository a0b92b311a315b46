package mellowflare.core.pipe.stock;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvText;
import mellowflare.core.reference.FileKind;
import mellowflare.core.reference.OwnLists;
import mellowflare.core.reference.ReferenceData;

/** A shop's own prices, minutes and lengths of parts for rigid pipe, by size. */
public final class OwnPipeHouse implements OwnLists<OwnPipeHouse.Rows> {
    public static final OwnPipeHouse LISTS = new OwnPipeHouse();

    private static final FileKind FILE =
            new FileKind("pipehouse", Say.it("own-pipe-house.words"), PipeHouse.columns(), Set.of());

    private OwnPipeHouse() {}

    /** Rows, each of one size. */
    public record Rows(List<HouseSize> sizes) {
        public Rows {
            sizes = List.copyOf(sizes);
        }
    }

    @Override
    public List<FileKind> files() {
        return List.of(FILE);
    }

    @Override
    public Rows none() {
        return new Rows(List.of());
    }

    @Override
    public Rows of(ReferenceData data) {
        return new Rows(data.get(PipeHouse.KEY).all());
    }

    @Override
    public Read<Rows> read(FileKind file, List<CsvTable.Row> rows, ReferenceData data) {
        List<HouseSize> good = new ArrayList<>();
        List<String> troubles = new ArrayList<>();
        for (CsvTable.Row row : rows) {
            try {
                HouseSize size = PipeHouse.row(row);
                if (data.get(PipeHouse.KEY).of(size.size()).isEmpty()) {
                    throw row.broken("size", Say.it("own-pipe-house.no-such-size", "size", size.size()));
                }
                good.add(size);
            } catch (BrokenTable e) {
                troubles.add(e.getMessage());
            }
        }
        return new Read<>(new Rows(good), troubles);
    }

    @Override
    public Rows plus(Rows these, Rows more) {
        Map<String, HouseSize> all = new LinkedHashMap<>();
        these.sizes().forEach(s -> all.put(s.size(), s));
        more.sizes().forEach(s -> all.put(s.size(), s));
        return new Rows(List.copyOf(all.values()));
    }

    @Override
    public int count(Rows rows) {
        return rows.sizes().size();
    }

    @Override
    public ReferenceData over(Rows rows, ReferenceData data) {
        return rows.sizes().isEmpty()
                ? data
                : data.with(PipeHouse.KEY, data.get(PipeHouse.KEY).over(rows.sizes()));
    }

    @Override
    public String csv(FileKind file, Rows rows) {
        return CsvText.of(FILE.columns(), rows.sizes(), OwnPipeHouse::line);
    }

    private static List<String> line(HouseSize s) {
        List<String> cells = new ArrayList<>(List.of(s.size()));
        Arrays.stream(HouseSize.Item.values())
                .map(i -> CsvText.number(s.price(i)))
                .forEach(cells::add);
        Arrays.stream(HouseSize.Own.values())
                .map(o -> CsvText.number(s.length(o).mm()))
                .forEach(cells::add);
        Arrays.stream(HouseSize.Work.values())
                .map(w -> CsvText.number(s.minutes(w)))
                .forEach(cells::add);
        cells.add(s.source().text());
        cells.add(CsvText.confidence(s.source()));
        return cells;
    }
}
