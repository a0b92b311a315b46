package mellowflare.core.parts;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.connection.End;
import mellowflare.core.connection.EndCode;
import mellowflare.core.connection.EndId;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Together;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.size.DashSize;

/** The house catalogue: hoses, their ends, what grips them, rings and washers, each with what lies on the shelf. */
public final class Catalogue {
    public static final ReferenceKey<Catalogue> KEY = new ReferenceKey<>("catalogue", Catalogue.class);
    private final Map<String, HosePart> hoses;
    private final Map<String, HoseEndPart> ends;
    private final Map<String, Ferrule> ferrules;
    private final List<SealPart> seals;
    private final Map<HoseKind, List<HosePart>> byKind = new EnumMap<>(HoseKind.class);
    private final Map<EndId, List<HoseEndPart>> byEnd;

    private Catalogue(
            Map<String, HosePart> hoses,
            Map<String, HoseEndPart> ends,
            Map<String, Ferrule> ferrules,
            List<SealPart> seals) {
        this.hoses = hoses;
        this.ends = ends;
        this.ferrules = ferrules;
        this.seals = List.copyOf(seals);
        hoses.values()
                .forEach(h -> byKind.computeIfAbsent(h.kind(), k -> new java.util.ArrayList<>())
                        .add(h));
        this.byEnd = ends.values().stream().collect(Collectors.groupingBy(HoseEndPart::end));
    }

    /** A catalogue of these parts; of two with one number the later counts. */
    public static Catalogue of(
            List<HosePart> hoses, List<HoseEndPart> ends, List<Ferrule> ferrules, List<SealPart> seals) {
        return new Catalogue(
                numbered(hoses, HosePart::part),
                numbered(ends, HoseEndPart::part),
                numbered(ferrules, Ferrule::part),
                List.copyOf(numbered(seals, SealPart::part).values()));
    }

    private static <T> Map<String, T> numbered(List<T> parts, Function<T, String> number) {
        Map<String, T> all = new LinkedHashMap<>();
        parts.forEach(p -> all.put(number.apply(p), p));
        return all;
    }

    /**
     * @param table every end of a part must stand in it
     */
    public static Catalogue load(EndTable table) {
        return of(
                CsvTable.beside(Catalogue.class, "hoses.csv").map(PartRows::hose, HosePart::part),
                CsvTable.beside(Catalogue.class, "hoseends.csv")
                        .map(r -> PartRows.hoseEnd(r, table), HoseEndPart::part),
                CsvTable.beside(Catalogue.class, "collars.csv").map(PartRows::ferrule, Ferrule::part),
                CsvTable.beside(Catalogue.class, "seals.csv").map(PartRows::seal, SealPart::part));
    }

    public List<HosePart> hoses() {
        return List.copyOf(hoses.values());
    }

    public List<HosePart> hoses(HoseKind kind) {
        return List.copyOf(byKind.getOrDefault(kind, List.of()));
    }

    public List<HoseEndPart> hoseEnds() {
        return List.copyOf(ends.values());
    }

    public List<Ferrule> ferrules() {
        return List.copyOf(ferrules.values());
    }

    public List<SealPart> seals() {
        return seals;
    }

    public Optional<HosePart> hose(String part) {
        return Optional.ofNullable(hoses.get(part));
    }

    public Optional<HosePart> hose(HoseKind kind, DashSize dash) {
        return hoses(kind).stream().filter(h -> h.dash().equals(dash)).findFirst();
    }

    public Optional<HoseEndPart> hoseEnd(String part) {
        return Optional.ofNullable(ends.get(part));
    }

    public Optional<Ferrule> ferrule(String part) {
        return Optional.ofNullable(ferrules.get(part));
    }

    /** The rings or washers for an end of a family and size. */
    public List<SealPart> seals(EndCode code, String size) {
        return seals.stream()
                .filter(s -> s.code() == code && s.size().equals(size))
                .toList();
    }

    /**
     * Ends that go on a port and seal, for the given hose where it is known: those made for it before other names of the same joint, straight before
     * elbows, swivels before fixed, crimped before screw-together.
     */
    public List<HoseEndPart> endsFor(End port, Optional<HosePart> hose, EndTable table) {
        return offering(port, table)
                .filter(e -> hose.map(h -> e.hoseDash().filter(h.dash()::equals).isPresent()
                                && e.series().filter(h.series()::equals).isPresent())
                        .orElse(true))
                .sorted(Comparator.comparing((HoseEndPart e) -> !e.end().equals(port.mateId()))
                        .thenComparing(e -> !e.swivel())
                        .thenComparing(e -> e.angle().degrees())
                        .thenComparing(e -> e.attach().orElse(Attach.CRIMPED)))
                .toList();
    }

    private Stream<HoseEndPart> offering(End port, EndTable table) {
        return table.goOn(port).stream()
                .flatMap(e -> byEnd.getOrDefault(e.id(), List.of()).stream()
                        .filter(part -> Together.of(port, e)
                                .filter(t -> t.seats().contains(part.seat()))
                                .isPresent()));
    }
}
