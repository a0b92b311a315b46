package mellowflare.core.air.stock;

import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;
import mellowflare.core.run.stock.PipeSize;

/** All systems of pipe, from {@code systems.csv}, {@code sizes.csv}, {@code losses.csv}, {@code sundries.csv} and {@code freight.csv}. */
public final class PipeSystems {
    public static final ReferenceKey<PipeSystems> KEY = new ReferenceKey<>("air pipe", PipeSystems.class);
    /** Darcy's factor that turns an equivalent length into a loss coefficient. */
    private static final double USUAL_FACTOR = 0.02;

    private final List<PipeSystem> systems;
    private final Map<Fitting, Double> losses;
    private final Map<String, Freight> freight;
    private final Map<Sundry, Bought> sundries;
    private final Map<String, List<PipeSize>> bySystem = new HashMap<>();
    private final Map<String, PipeSize> bySize = new HashMap<>();

    private PipeSystems(
            List<PipeSystem> systems,
            List<PipeSize> sizes,
            Map<Fitting, Double> losses,
            Map<String, Freight> freight,
            Map<Sundry, Bought> sundries) {
        this.systems = systems;
        this.losses = losses;
        this.freight = freight;
        this.sundries = sundries;
        sizes.forEach(z -> bySize.put(z.system() + " " + z.size(), z));
        systems.forEach(s -> bySystem.put(
                s.id(), sizes.stream().filter(z -> z.system().equals(s.id())).toList()));
    }

    public static PipeSystems load() {
        Map<Fitting, Double> losses = new EnumMap<>(Fitting.class);
        CsvTable.beside(PipeSystems.class, "losses.csv").rows().forEach(r -> {
            r.source();
            losses.put(r.word("id", Fitting.class), r.number("l_over_d") * USUAL_FACTOR);
        });
        Map<String, Freight> freight = new HashMap<>();
        CsvTable.beside(PipeSystems.class, "freight.csv")
                .rows()
                .forEach(r ->
                        freight.put(r.need("way"), new Freight(r.number("price"), r.number("up_to_kg"), r.source())));
        Map<Sundry, Bought> sundries = new EnumMap<>(Sundry.class);
        CsvTable.beside(PipeSystems.class, "sundries.csv")
                .rows()
                .forEach(r -> sundries.put(
                        r.word("id", Sundry.class),
                        new Bought(r.said("name"), r.need("per").equals("metre"), r.number("price"), r.source())));
        return new PipeSystems(
                CsvTable.beside(PipeSystems.class, "systems.csv").map(PipeSystems::system, PipeSystem::id),
                CsvTable.beside(PipeSystems.class, "sizes.csv").map(PipeSize::read, z -> z.system() + " " + z.size()),
                losses,
                freight,
                sundries);
    }

    private static PipeSystem system(CsvTable.Row r) {
        return new PipeSystem(
                r.need("id"),
                r.said("name"),
                r.yes("rated") ? Optional.empty() : Optional.of(r.said("refused")),
                r.word("joint", PipeSystem.Joint.class),
                r.yes("nipples"),
                r.number("density_g_cm3"),
                r.yes("wall_conducts"),
                r.length("rough_mm"),
                r.number("expands_um_m_K"),
                r.length("long_mm"),
                r.length("short_mm"),
                (int) r.number("life_a"),
                GaugePressure.ofBar(r.number("most_bar")),
                Temperature.ofCelsius(r.number("most_c")),
                r.saidIfAny("corrosion"),
                r.saidList("tools"),
                r.saidIfAny("apart"),
                r.source());
    }

    /** The same systems with other sizes, put in order by what they measure outside. */
    public PipeSystems with(List<PipeSize> sizes) {
        return new PipeSystems(
                systems,
                sizes.stream().sorted(Comparator.comparing(PipeSize::outside)).toList(),
                losses,
                freight,
                sundries);
    }

    public List<PipeSystem> all() {
        return systems;
    }

    /** Systems that may carry compressed air. */
    public List<PipeSystem> rated() {
        return systems.stream().filter(PipeSystem::rated).toList();
    }

    public Optional<PipeSystem> find(String id) {
        return systems.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    /** Sizes of a system, smallest first; none for one that is refused. */
    public List<PipeSize> sizes(String system) {
        return bySystem.getOrDefault(system, List.of());
    }

    public Optional<PipeSize> size(String system, String size) {
        return Optional.ofNullable(bySize.get(system + " " + size));
    }

    /** The next larger size of the same system. */
    public Optional<PipeSize> above(PipeSize size) {
        List<PipeSize> all = sizes(size.system());
        int next = all.indexOf(size) + 1;
        return next > 0 && next < all.size() ? Optional.of(all.get(next)) : Optional.empty();
    }

    /** What it costs to have bars brought: long ones by truck, or short ones as parcels. */
    public Freight freight(boolean parcel) {
        return freight.get(parcel ? "parcel" : "truck");
    }

    /**
     * What is bought for a main besides pipe and its fittings.
     *
     * @param name as the parts list has it
     * @param metres whether it is bought by the metre
     * @param price of one or of a metre, in the catalogue's money
     * @param source who says so
     */
    public record Bought(String name, boolean metres, double price, Source source) {}

    /** What a part that hangs on no size of pipe is called, and costs. */
    public Bought sundry(Sundry what) {
        return sundries.get(what);
    }

    /** Loss coefficient of a fitting on the speed in its own bore. */
    public double k(Fitting fitting) {
        return losses.get(fitting);
    }
}
