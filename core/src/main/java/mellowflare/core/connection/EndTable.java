package mellowflare.core.connection;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.CsvTable.Row;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.thread.ThreadTable;

/** All ends of the shipped tables: {@code endforms.csv} times the size table of each family. */
public final class EndTable {
    public static final ReferenceKey<EndTable> KEY = new ReferenceKey<>("ends", EndTable.class);
    private final Map<EndId, End> ends;
    private final List<End> all;
    private final Map<EndCode, List<End>> byCode;
    private final Map<End, List<End>> goOn = new ConcurrentHashMap<>();

    private EndTable(Map<EndId, End> ends) {
        this.ends = ends;
        all = List.copyOf(ends.values());
        byCode = all.stream().collect(Collectors.groupingBy(e -> e.id().code()));
    }

    /**
     * @param threads the thread tables that the forms refer to
     */
    public static EndTable load(ThreadTable threads) {
        Map<EndId, End> ends = new LinkedHashMap<>();
        for (Row form : CsvTable.beside(EndTable.class, "endforms.csv").rows()) {
            for (End end : EndReader.ofForm(form, threads)) {
                if (ends.put(end.id(), end) != null) {
                    throw form.broken("code", Say.it("end-table.stands-twice", "end", end.id()));
                }
            }
        }
        return new EndTable(ends);
    }

    public List<End> all() {
        return all;
    }

    public List<End> of(Gender gender) {
        return ends.values().stream().filter(e -> e.gender() == gender).toList();
    }

    /** The ends of a family, in table order. */
    public List<End> of(EndCode code) {
        return byCode.getOrDefault(code, List.of());
    }

    public Optional<End> find(EndId id) {
        return Optional.ofNullable(ends.get(id));
    }

    /** Every kind of service that some end is met in. */
    public Set<String> services() {
        return ends.values().stream().flatMap(e -> e.form().metIn().stream()).collect(Collectors.toSet());
    }

    /** The seats that ends of this outside and gender may have, the commonest first. */
    public List<Seat> seats(Body body, Gender gender) {
        Map<Seat, Double> shares = new EnumMap<>(Seat.class);
        ends.values().stream()
                .filter(e -> e.body() == body && e.gender() == gender)
                .forEach(e -> e.seats()
                        .forEach(s -> shares.merge(s, e.share() / e.seats().size(), Double::sum)));
        return shares.entrySet().stream()
                .sorted(Map.Entry.<Seat, Double>comparingByValue().reversed())
                .map(Map.Entry::getKey)
                .toList();
    }

    /** Every part of the world that some end is met in. */
    public Set<String> regions() {
        return ends.values().stream().flatMap(e -> e.form().regions().stream()).collect(Collectors.toSet());
    }

    /** Every kind of machine that some end is met on. */
    public Set<String> machines() {
        return ends.values().stream().flatMap(e -> e.form().machines().stream()).collect(Collectors.toSet());
    }

    /** The sizes of a family, in table order. */
    public List<String> sizes(EndCode code) {
        return of(code).stream().map(e -> e.id().size()).distinct().toList();
    }

    /**
     * The end that goes together with this one and seals: the same size of its family or of the family it is made for. A barb has none but its hose.
     */
    public Optional<End> mate(End end) {
        return find(end.mateId());
    }

    /**
     * All ends that go on one and seal, as {@link Together} says: its own mate first, then those of other families that are made for it, then other
     * names of the same joint, and at last those that seal on a condition.
     */
    public List<End> goOn(End end) {
        return goOn.computeIfAbsent(end, this::findAll);
    }

    private List<End> findAll(End end) {
        Stream<End> others = ends.values().stream()
                .filter(e -> e.gender() != end.gender())
                .flatMap(e -> Together.of(end, e).map(t -> Map.entry(e, t)).stream())
                .sorted(Comparator.comparing(t -> t.getValue().how()))
                .map(Map.Entry::getKey);
        return Stream.concat(mate(end).stream(), others).distinct().toList();
    }
}
