package mellowflare.core.hose.line;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** How much clear room each way of cutting needs where the hose is cut in place, from {@code cutroom.csv}. */
public final class CutRoom {
    public static final ReferenceKey<CutRoom> KEY = new ReferenceKey<>("room for cutters", CutRoom.class);

    private record Row(String way, Length beside, Source source) {}

    private final List<Row> rows;

    private CutRoom(List<Row> rows) {
        this.rows = rows;
    }

    public static CutRoom load() {
        return new CutRoom(CsvTable.beside(CutRoom.class, "cutroom.csv")
                .map(r -> new Row(r.need("way"), r.length("beside_mm"), r.source()), Row::way));
    }

    /** Room for the line's way of cutting; empty for a hose that is not cut or not chosen. */
    public static Optional<Length> needed(HoseCase c) {
        return c.hose()
                .flatMap(h -> Cutting.way(c)
                        .flatMap(way -> c.data().get(KEY).rows.stream()
                                .filter(r -> r.way().equals(way))
                                .findFirst()
                                .map(r -> h.outside().plus(r.beside()))));
    }

    /** The ways that fit into a room, the one that needs most last. */
    public static List<String> fitting(HoseCase c, Length room) {
        return c.hose().stream()
                .flatMap(h -> c.data().get(KEY).rows.stream()
                        .filter(r -> c.traits().orElseThrow().cutting().contains(r.way()))
                        .filter(r -> h.outside().plus(r.beside()).compareTo(room) <= 0)
                        .map(Row::way))
                .toList();
    }
}
