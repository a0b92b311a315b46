package mellowflare.core.gas.fuel;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.HeatingValue;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.reference.Source;

/** Fuel gases, the pressures their burners are made for, and what boils in cylinders. */
public final class GasTable {
    public static final ReferenceKey<GasTable> KEY = new ReferenceKey<>("fuel gases", GasTable.class);

    private final List<FuelGas> gases;
    private final List<AppliancePressure> pressures;
    private final List<Liquid> liquids;

    private GasTable(List<FuelGas> gases, List<AppliancePressure> pressures, List<Liquid> liquids) {
        this.gases = gases;
        this.pressures = pressures;
        this.liquids = liquids;
    }

    /**
     * @throws mellowflare.core.reference.BrokenTable if one cannot be used
     */
    public static GasTable load() {
        return new GasTable(
                CsvTable.beside(GasTable.class, "gases.csv").map(GasTable::gas, FuelGas::id),
                CsvTable.beside(GasTable.class, "pressures.csv").map(AppliancePressure::read, AppliancePressure::id),
                CsvTable.beside(GasTable.class, "liquids.csv")
                        .map(GasTable::liquid, l -> l.family + " " + l.fromKelvin));
    }

    private static FuelGas gas(CsvTable.Row r) {
        Optional<Double> btu = r.maybeNumber("btu_ft3");
        Optional<Double> mega = r.maybeNumber("hs_mj_m3");
        if (btu.isPresent() == mega.isPresent()) {
            throw r.broken("btu_ft3", Say.it("gas-table.one-heat"));
        }
        return new FuelGas(
                r.need("id"),
                r.said("name"),
                r.word("family", GasFamily.class),
                r.word("state", GasState.class),
                r.number("sg"),
                mega.orElseGet(
                        () -> HeatingValue.ofBtuPerCubicFoot(btu.orElseThrow()).megajoulesPerCubicMetre()),
                r.maybeNumber("hi_mj_m3"),
                r.number("z_cp"),
                r.maybeNumber("y"),
                r.number("viscosity_upas") * 1e-6,
                r.number("heat_ratio"),
                r.source());
    }

    /**
     * What boils in a cylinder, within a range of temperature.
     *
     * @param kilojoules heat that a kilogram takes to boil (kJ)
     */
    private record Liquid(
            GasFamily family, double a, double b, double c, double fromKelvin, double toKelvin, double kilojoules) {
        AbsolutePressure at(double kelvin) {
            return AbsolutePressure.ofBar(Math.pow(10, a - b / (kelvin + c)));
        }
    }

    private static Liquid liquid(CsvTable.Row r) {
        r.source();
        return new Liquid(
                r.word("family", GasFamily.class),
                r.number("a"),
                r.number("b"),
                r.number("c"),
                r.number("from_k"),
                r.number("to_k"),
                r.number("latent_kj_kg"));
    }

    public List<FuelGas> gases() {
        return gases;
    }

    public Optional<FuelGas> find(String id) {
        return gases.stream().filter(g -> g.id().equals(id)).findFirst();
    }

    public List<AppliancePressure> pressures() {
        return pressures;
    }

    /** Pressures that burners for a gas are made for. */
    public List<AppliancePressure> pressures(GasFamily family) {
        return pressures.stream()
                .filter(p -> p.family() == family || family == GasFamily.MIXED && p.family() == GasFamily.BUTANE)
                .toList();
    }

    public Optional<AppliancePressure> pressure(String id) {
        return pressures.stream().filter(p -> p.id().equals(id)).findFirst();
    }

    /**
     * A mixture by volume of gases that are counted in one state: gravity, heat and Y by share; viscosity by Herning and Zipperer, sum of x mu sqrt M over sum of x sqrt M.
     *
     * @param shares of gases by id; they need not sum to one
     * @return empty where a gas is not known, no share is above zero, or the states differ
     */
    public Optional<FuelGas> mixture(Map<String, Double> shares) {
        double all = 0;
        List<FuelGas> parts = new ArrayList<>();
        List<Double> weights = new ArrayList<>();
        for (Map.Entry<String, Double> e : shares.entrySet()) {
            Optional<FuelGas> g = find(e.getKey());
            if (g.isEmpty() || !(e.getValue() >= 0)) {
                return Optional.empty();
            }
            if (e.getValue() > 0) {
                parts.add(g.get());
                weights.add(e.getValue());
                all += e.getValue();
            }
        }
        if (!(all > 0) || parts.stream().map(FuelGas::state).distinct().count() > 1) {
            return Optional.empty();
        }
        return Optional.of(
                parts.size() == 1
                        ? parts.get(0)
                        : mixed(parts, weights.stream().mapToDouble(x -> x).toArray(), all));
    }

    private static FuelGas mixed(List<FuelGas> parts, double[] shares, double all) {
        double sg = 0;
        double gross = 0;
        double net = 0;
        double y = 0;
        double ratio = 0;
        double root = 0;
        double poise = 0;
        double viscosity = 0;
        boolean nets = parts.stream().allMatch(g -> g.net().isPresent());
        boolean ys = parts.stream().allMatch(g -> g.y().isPresent());
        for (int i = 0; i < shares.length; i++) {
            FuelGas g = parts.get(i);
            double x = shares[i] / all;
            double w = x * Math.sqrt(g.gravity());
            sg += x * g.gravity();
            gross += x * g.gross();
            net += x * g.net().orElse(0.0);
            y += x * g.y().orElse(0.0);
            ratio += x * g.heatRatio();
            root += w;
            poise += w * g.centipoise();
            viscosity += w * g.viscosity();
        }
        boolean one = parts.stream().map(FuelGas::family).distinct().count() == 1;
        return new FuelGas(
                "mixture",
                Say.it("gas-table.mixture"),
                one ? parts.get(0).family() : GasFamily.MIXED,
                parts.get(0).state(),
                sg,
                gross,
                nets ? Optional.of(net) : Optional.empty(),
                poise / root,
                ys ? Optional.of(y) : Optional.empty(),
                viscosity / root,
                ratio,
                new Source("shares by volume of the gases of the table", Confidence.TYPICAL));
    }

    /**
     * Pressure over the liquid in a cylinder that gives no gas, by Antoine's equation.
     *
     * @return empty for a gas that is not kept liquid, and beyond the range of its equation
     */
    public Optional<AbsolutePressure> boiling(GasFamily family, Temperature liquid) {
        double kelvin = liquid.celsius() + 273.15;
        return liquids.stream()
                .filter(l -> l.family == liquidOf(family) && kelvin >= l.fromKelvin && kelvin <= l.toKelvin)
                .findFirst()
                .map(l -> l.at(kelvin));
    }

    /**
     * How cold the liquid may become before the pressure over it falls to what the regulator needs: the inverse of Antoine's equation.
     *
     * @param least pressure that the regulator needs at its inlet
     * @return empty where no range of the table holds it
     */
    public Optional<Temperature> boilsAt(GasFamily family, GaugePressure least, AbsolutePressure around) {
        double bar = AbsolutePressure.of(least, around).bar();
        return liquids.stream()
                .filter(l -> l.family == liquidOf(family))
                .map(l -> l.b / (l.a - Math.log10(bar)) - l.c - 273.15)
                .filter(c -> boiling(family, Temperature.ofCelsius(c))
                        .filter(p -> Math.abs(p.bar() - bar) < 1e-6)
                        .isPresent())
                .map(Temperature::ofCelsius)
                .findFirst();
    }

    /** Heat that a kilogram takes to boil (kJ/kg); empty for a gas that is not kept liquid. */
    public Optional<Double> latent(GasFamily family) {
        return liquids.stream()
                .filter(l -> l.family == liquidOf(family))
                .map(Liquid::kilojoules)
                .findFirst();
    }

    /** A mixture is taken as butane: what is left boils last. */
    private static GasFamily liquidOf(GasFamily family) {
        return family == GasFamily.MIXED ? GasFamily.BUTANE : family;
    }
}
