package mellowflare.core.tube.flare;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Gender;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.end.EndKinds;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.end.FlareBands;
import mellowflare.core.tube.end.TubeEndKind;
import mellowflare.core.tube.stock.Tube;

/**
 * How far tube stands out of each tool for one kind of flare, tube by tube: what lands in the middle of the band.
 *
 * @param columns the tools, each for a refrigerant class where the band asks for one
 * @param rows by outside diameter
 */
public record StickOutTable(List<Column> columns, List<Row> rows) {
    private static final double SAME_MM = 0.06;

    public StickOutTable {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /**
     * A tool, for a class.
     *
     * @param id of the tool
     * @param name as shown
     * @param refrigerantClass of JIS B 8607; empty where the band is the same for all
     */
    public record Column(String id, String name, Optional<Integer> refrigerantClass) {}

    /**
     * One tube.
     *
     * @param outside its diameter
     * @param stickOut one for each column; empty where the tool takes no such tube or hides too much of it
     */
    public record Row(Length outside, List<Optional<Length>> stickOut) {
        public Row {
            stickOut = List.copyOf(stickOut);
        }
    }

    /**
     * @param kind a flared kind of end
     * @param part family of the end that it is made for, where known
     * @param tubes those that the kind is made on; of two with one outside diameter the first counts, the wall does not matter here
     * @param data must hold {@link EndTable#KEY}, {@link EndKinds#KEY}, {@link FlareBands#KEY} and {@link FlareTools#KEY}
     */
    public static StickOutTable of(TubeEndKind kind, Optional<EndCode> part, List<Tube> tubes, ReferenceData data) {
        EndTraits traits = data.get(EndKinds.KEY).of(kind);
        FlareTools tools = data.get(FlareTools.KEY);
        FlareBands bands = data.get(FlareBands.KEY);
        Map<Length, Tube> bySize = new LinkedHashMap<>();
        tubes.forEach(t -> bySize.putIfAbsent(t.outside(), t));
        List<Optional<Integer>> classes = bands.classesOf(kind);
        Map<String, String> names = new LinkedHashMap<>();
        bySize.keySet().forEach(od -> tools.making(kind, od).forEach(t -> names.putIfAbsent(t.id(), t.name())));
        List<Column> columns = new ArrayList<>();
        names.forEach((id, name) -> classes.forEach(c -> columns.add(new Column(id, name, c))));
        List<Row> rows = new ArrayList<>();
        for (Length od : new TreeSet<>(bySize.keySet())) {
            Tube tube = bySize.get(od);
            List<Optional<Length>> cells = columns.stream()
                    .map(c -> tools.find(c.id, kind, od)
                            .flatMap(tool -> bands.ofClass(
                                            traits, od, c.refrigerantClass, part, bore(traits, part, od, data))
                                    .flatMap(b ->
                                            FlareBench.of(tube, traits, tool).stickOutFor(b.middle()))))
                    .toList();
            if (cells.stream().anyMatch(Optional::isPresent)) {
                rows.add(new Row(od, cells));
            }
        }
        return new StickOutTable(columns, rows);
    }

    private static Optional<Length> bore(EndTraits traits, Optional<EndCode> part, Length outside, ReferenceData data) {
        return data.get(EndTable.KEY).of(Gender.FEMALE).stream()
                .filter(e -> part.isPresent()
                        ? part.get() == e.id().code()
                        : traits.codes().contains(e.id().code()))
                .filter(e -> e.tube()
                        .filter(t -> t.distanceTo(outside).mm() <= SAME_MM)
                        .isPresent())
                .flatMap(e -> e.thread().stream())
                .map(t -> t.femaleCrest().low())
                .findFirst();
    }
}
