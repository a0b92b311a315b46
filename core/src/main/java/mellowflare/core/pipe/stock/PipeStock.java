package mellowflare.core.pipe.stock;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import mellowflare.core.material.Metal;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;
import mellowflare.core.thread.ThreadSeries;

/** Systems of fittings, grades and walls of pipe, flanges, unions and ratings: all that standards give for rigid pipe. */
public final class PipeStock {
    public static final ReferenceKey<PipeStock> KEY = new ReferenceKey<>("rigid pipe", PipeStock.class);

    /** Where flanges class 150 have their rating. */
    public static final String FLANGE_150 = "flange150";

    private static final String BY_PIPE = "pipe";

    private final List<FittingSystem> systems;
    private final List<FittingSize> fittings;
    private final List<PipeGrade> grades;
    private final Map<String, List<PipeWall>> walls;
    private final List<FlangeSize> flanges;
    private final Map<String, Given> unions;
    private final Map<List<String>, Given> reducers;
    private final Map<String, List<Rated>> ratings;

    /** A length with who says so. */
    public record Given(Length length, Source source) {}

    /** A pressure with who says so. */
    public record Allowed(GaugePressure pressure, Source source) {}

    private record Rated(Temperature upTo, GaugePressure pressure, Source source) {}

    private record Wall(String walls, String size, Length outside, Length wall, Source source) {}

    private PipeStock() {
        systems = table("systems.csv").map(PipeStock::system, FittingSystem::id);
        Map<List<String>, FittingSize.More> more = Stream.of("in", "mm")
                .flatMap(u -> table("more_" + u + ".csv").rows().stream().map(r -> Map.entry(id(r), more(r, u))))
                .collect(Collectors.toMap(Map.Entry::getKey, Map.Entry::getValue));
        fittings = Stream.of("in", "mm")
                .flatMap(u ->
                        table("fittings_" + u + ".csv")
                                .map(r -> fitting(r, u), f -> List.of(f.system(), f.size()))
                                .stream())
                .map(f -> f.with(Optional.ofNullable(more.get(List.of(f.system(), f.size())))))
                .collect(Collectors.toCollection(ArrayList::new));
        fittings.addAll(table("sockets.csv").map(PipeStock::socket, f -> List.of(f.system(), f.size())));
        grades = table("pipes.csv").map(PipeStock::grade, PipeGrade::id);
        walls = walls(grades);
        flanges = table("flanges.csv").map(PipeStock::flange, FlangeSize::size);
        unions = table("unions.csv").rows().stream()
                .collect(Collectors.toMap(
                        r -> r.need("size"), r -> new Given(r.length("typical_length_in"), r.source())));
        reducers = table("reducers.csv").rows().stream()
                .collect(Collectors.toMap(
                        r -> List.of(r.need("large"), r.need("small")),
                        r -> new Given(r.length("length_in"), r.source())));
        ratings = table("ratings.csv").rows().stream()
                .collect(Collectors.groupingBy(
                        r -> r.need("table"),
                        Collectors.mapping(
                                r -> new Rated(
                                        Temperature.ofCelsius(r.number("to_c")),
                                        GaugePressure.ofBar(r.number("bar")),
                                        r.source()),
                                Collectors.toList())));
    }

    /**
     * Loads all tables.
     *
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static PipeStock load() {
        return new PipeStock();
    }

    private static CsvTable table(String name) {
        return CsvTable.beside(PipeStock.class, name);
    }

    private static List<String> id(CsvTable.Row r) {
        return List.of(r.need("system"), r.need("size"));
    }

    private static FittingSystem system(CsvTable.Row r) {
        return new FittingSystem(
                r.need("id"),
                r.said("name"),
                r.need("sizes"),
                r.word("joint", FittingSystem.Joint.class),
                r.word("thread", ThreadSeries.class),
                r.word("metal", Metal.class),
                Optional.of(r.need("rated")).filter(t -> !t.equals(BY_PIPE)),
                r.list("goes_with"),
                r.number("price"),
                r.source());
    }

    private static FittingSize fitting(CsvTable.Row r, String unit) {
        return new FittingSize(
                r.need("system"),
                r.need("size"),
                r.length("centre_90_" + unit),
                r.maybeLength("centre_45_" + unit),
                r.maybeLength("coupling_" + unit),
                Optional.empty(),
                Optional.empty(),
                r.source());
    }

    /** Listed to the bottom of the socket; the face lies a depth further out. */
    private static FittingSize socket(CsvTable.Row r) {
        Length depth = r.length("depth_mm");
        return new FittingSize(
                r.need("system"),
                r.need("size"),
                r.length("bottom_90_mm").plus(depth),
                Optional.of(r.length("bottom_45_mm").plus(depth)),
                Optional.of(r.length("between_mm").plus(depth.times(2))),
                Optional.of(depth),
                Optional.empty(),
                r.source());
    }

    private static FittingSize.More more(CsvTable.Row r, String unit) {
        return new FittingSize.More(
                r.maybeLength("street_90_" + unit),
                r.maybeLength("street_45_" + unit),
                r.maybeLength("cap_" + unit),
                r.source());
    }

    private static PipeGrade grade(CsvTable.Row r) {
        return new PipeGrade(
                r.need("id"),
                r.said("name"),
                r.word("metal", Metal.class),
                r.need("walls"),
                r.word("thread", ThreadSeries.class),
                r.number("stress_mpa"),
                r.number("joint"),
                Temperature.ofCelsius(r.number("to_c")),
                r.number("tolerance"),
                r.number("density"),
                r.number("price"),
                r.source());
    }

    private static FlangeSize flange(CsvTable.Row r) {
        return new FlangeSize(
                r.need("size"),
                r.length("od_in"),
                r.length("thick_in"),
                r.length("hub_in"),
                r.length("weld_neck_in"),
                r.length("raised_face_in"),
                r.length("bolt_circle_in"),
                (int) r.number("bolts"),
                r.need("bolt_in"),
                r.length("hole_in"),
                r.source());
    }

    /** Every wall that a table gives, by the name of the walls. */
    private static List<Wall> listed() {
        List<Wall> all = new ArrayList<>();
        Map<String, String> schedules = new LinkedHashMap<>();
        schedules.put("40", "wall40_in");
        schedules.put("80", "wall80_in");
        schedules.put("160", "wall160_in");
        schedules.put("XXS", "wallxxs_in");
        Map<String, Length> outside = new LinkedHashMap<>();
        for (CsvTable.Row r : table("schedules.csv").rows()) {
            outside.put(r.need("size"), r.length("od_in"));
            schedules.forEach((name, column) -> r.maybeLength(column)
                    .ifPresent(w -> all.add(new Wall(name, r.need("size"), r.length("od_in"), w, r.source()))));
        }
        for (CsvTable.Row r : table("brass.csv").rows()) {
            all.add(new Wall("regular", r.need("size"), outside.get(r.need("size")), r.length("wall_in"), r.source()));
        }
        for (CsvTable.Row r : table("en10255.csv").rows()) {
            all.add(new Wall("M", r.need("size"), r.length("od_mm"), r.length("wall_m_mm"), r.source()));
            all.add(new Wall("H", r.need("size"), r.length("od_mm"), r.length("wall_h_mm"), r.source()));
        }
        return all;
    }

    private static Map<String, List<PipeWall>> walls(List<PipeGrade> grades) {
        List<Wall> listed = listed();
        return grades.stream()
                .collect(Collectors.toMap(
                        PipeGrade::id,
                        g -> listed.stream()
                                .filter(w -> w.walls().equals(g.walls()))
                                .map(w -> new PipeWall(g, w.size(), w.outside(), w.wall(), w.source()))
                                .toList()));
    }

    public List<FittingSystem> systems() {
        return systems;
    }

    public Optional<FittingSystem> system(String id) {
        return first(systems, s -> s.id().equals(id));
    }

    /** A size of a system's fittings. */
    public Optional<FittingSize> fitting(FittingSystem system, String size) {
        return first(
                fittings, f -> f.system().equals(system.sizes()) && f.size().equals(size));
    }

    /** The sizes that a system has, smallest first. */
    public List<FittingSize> fittings(FittingSystem system) {
        return fittings.stream().filter(f -> f.system().equals(system.sizes())).toList();
    }

    public List<PipeGrade> grades() {
        return grades;
    }

    public Optional<PipeGrade> grade(String id) {
        return first(grades, g -> g.id().equals(id));
    }

    /** A size of a grade; empty where it is not made so. */
    public Optional<PipeWall> wall(PipeGrade grade, String size) {
        return first(walls.get(grade.id()), w -> w.size().equals(size));
    }

    /** All sizes of a grade, smallest first. */
    public List<PipeWall> walls(PipeGrade grade) {
        return walls.get(grade.id());
    }

    public Optional<FlangeSize> flange(String size) {
        return first(flanges, f -> f.size().equals(size));
    }

    /** Length of a common union; to be measured on the part. */
    public Optional<Given> union(String size) {
        return Optional.ofNullable(unions.get(size));
    }

    /** Length of a reducing coupling, end to end. */
    public Optional<Given> reducer(String large, String small) {
        return Optional.ofNullable(reducers.get(List.of(large, small)));
    }

    /** Whether one size is larger than another; not where one of them is no size. */
    public boolean larger(String a, String b) {
        List<String> order =
                fittings(systems.get(0)).stream().map(FittingSize::size).toList();
        return order.contains(b) && order.indexOf(a) > order.indexOf(b);
    }

    /**
     * The pressure that a table of ratings allows; the line between two rows is straight.
     *
     * @return empty above the last row
     */
    public Optional<Allowed> allowed(String table, Temperature at) {
        Rated before = null;
        for (Rated r : ratings.getOrDefault(table, List.of())) {
            if (at.celsius() <= r.upTo().celsius()) {
                if (before == null) {
                    return Optional.of(new Allowed(r.pressure(), r.source()));
                }
                double share = (at.celsius() - before.upTo().celsius())
                        / (r.upTo().celsius() - before.upTo().celsius());
                double bar = before.pressure().bar()
                        + share * (r.pressure().bar() - before.pressure().bar());
                return Optional.of(new Allowed(GaugePressure.ofBar(bar), r.source()));
            }
            before = r;
        }
        return Optional.empty();
    }

    /** Asked many hundred times for a long run. */
    private static <T> Optional<T> first(List<T> all, Predicate<T> wanted) {
        for (T each : all) {
            if (wanted.test(each)) {
                return Optional.of(each);
            }
        }
        return Optional.empty();
    }
}
