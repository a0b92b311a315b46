package mellowflare.core.gas;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Map;
import java.util.Optional;
import mellowflare.core.gas.fuel.AppliancePressure;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasFamily;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.stock.Cylinder;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.gas.stock.Regulator;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Temperature;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;

/** Tables of gas loaded anew, so that what loads them is looked at too; mixtures and boiling by hand. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class GasTablesLoadedTest {
    private final GasTable gases = GasTable.load();
    private final GasStock stock = GasStock.load();

    private FuelGas gas(String id) {
        return gases.find(id).orElseThrow();
    }

    /** Two fifths of butane and three of propane: gravity and heat by share, viscosity by Herning and Zipperer. */
    @Test
    void testAMixtureByHand() {
        FuelGas b = gas("g30");
        FuelGas p = gas("g31");
        FuelGas mix = gases.mixture(Map.of("g30", 2.0, "g31", 3.0)).orElseThrow();
        assertEquals(0.4 * b.gravity() + 0.6 * p.gravity(), mix.gravity(), 1e-12);
        assertEquals(0.4 * b.gross() + 0.6 * p.gross(), mix.gross(), 1e-12);
        assertEquals(0.4 * b.heatRatio() + 0.6 * p.heatRatio(), mix.heatRatio(), 1e-12);
        double wb = 0.4 * Math.sqrt(b.gravity());
        double wp = 0.6 * Math.sqrt(p.gravity());
        assertEquals((wb * b.viscosity() + wp * p.viscosity()) / (wb + wp), mix.viscosity(), 1e-15);
        assertEquals((wb * b.centipoise() + wp * p.centipoise()) / (wb + wp), mix.centipoise(), 1e-12);
        assertEquals(b.net().isPresent() && p.net().isPresent(), mix.net().isPresent());
        mix.net()
                .ifPresent(n ->
                        assertEquals(0.4 * b.net().orElseThrow() + 0.6 * p.net().orElseThrow(), n, 1e-12));
        mix.y().ifPresent(y -> assertEquals(0.4 * b.y().orElseThrow() + 0.6 * p.y().orElseThrow(), y, 1e-12));
        assertEquals(GasFamily.MIXED, mix.family());
        assertEquals(b.state(), mix.state());
    }

    @Test
    void testWhatIsNoMixture() {
        assertEquals(Optional.of(gas("g31")), gases.mixture(Map.of("g31", 0.2)));
        assertEquals(Optional.of(gas("g31")), gases.mixture(Map.of("g31", 0.2, "g30", 0.0)));
        assertEquals(Optional.empty(), gases.mixture(Map.of()));
        assertEquals(Optional.empty(), gases.mixture(Map.of("g31", 0.0)));
        assertEquals(Optional.empty(), gases.mixture(Map.of("g31", 1.0, "g30", -0.1)));
        assertEquals(Optional.empty(), gases.mixture(Map.of("g31", 1.0, "fog", 1.0)));
        assertEquals(Optional.empty(), gases.mixture(Map.of("g31", 1.0, "propane", 1.0)));
    }

    @Test
    void testPressuresAreThoseOfTheGasAndOfAMixtureThoseOfButane() {
        for (GasFamily family : GasFamily.values()) {
            assertThat(gases.pressures(family))
                    .extracting(AppliancePressure::family)
                    .allMatch(f -> f == (family == GasFamily.MIXED ? GasFamily.BUTANE : family));
        }
        assertThat(gases.pressures(GasFamily.PROPANE))
                .extracting(AppliancePressure::id)
                .contains("3p-37", "3p-50");
        assertThat(gases.pressures(GasFamily.MIXED)).isEqualTo(gases.pressures(GasFamily.BUTANE));
        assertThat(gases.pressures()).extracting(AppliancePressure::id).contains("2h-20", "3b-50", "na-propane");
        assertThat(gases.gases()).extracting(FuelGas::id).contains("g20", "g30", "g31");
        assertEquals(Optional.empty(), gases.pressure("nobody's"));
    }

    /** 10^(3.98292 - 819.296 / (T - 24.417)): 1.04 bar at -42 C, 8.37 bar at 20 C; the equation holds from 230 to 321 K. */
    @Test
    void testPropaneBoilsByAntoine() {
        assertEquals(1.04, boiling(GasFamily.PROPANE, -42).orElseThrow().bar(), 0.01);
        assertEquals(
                Math.pow(10, 3.98292 - 819.296 / (293.15 - 24.417)),
                boiling(GasFamily.PROPANE, 20).orElseThrow().bar(),
                1e-9);
        assertThat(boiling(GasFamily.PROPANE, 230 - 273.15 + 1e-9)).isPresent();
        assertThat(boiling(GasFamily.PROPANE, 229.9 - 273.15)).isEmpty();
        assertThat(boiling(GasFamily.PROPANE, 321 - 273.15 - 1e-9)).isPresent();
        assertThat(boiling(GasFamily.PROPANE, 321.1 - 273.15)).isEmpty();
        assertThat(boiling(GasFamily.NATURAL, 20)).isEmpty();
        assertEquals(boiling(GasFamily.BUTANE, 20), boiling(GasFamily.MIXED, 20));
        assertEquals(
                Math.pow(10, 4.35576 - 1175.581 / (293.15 - 2.071)),
                boiling(GasFamily.BUTANE, 20).orElseThrow().bar(),
                1e-9);
        assertEquals(
                Math.pow(10, 3.85002 - 909.650 / (263.15 - 36.146)),
                boiling(GasFamily.BUTANE, -10).orElseThrow().bar(),
                1e-9);
    }

    private Optional<AbsolutePressure> boiling(GasFamily family, double celsius) {
        return gases.boiling(family, Temperature.ofCelsius(celsius));
    }

    @Test
    void testHowColdItMayBecomeIsTheInverse() {
        AbsolutePressure sea = AbsolutePressure.SEA_LEVEL;
        for (GasFamily family : new GasFamily[] {GasFamily.PROPANE, GasFamily.BUTANE, GasFamily.MIXED}) {
            for (double celsius : new double[] {-15, -3, 5, 20}) {
                GaugePressure p = boiling(family, celsius).orElseThrow().gauge(sea);
                assertEquals(
                        celsius, gases.boilsAt(family, p, sea).orElseThrow().celsius(), 1e-6);
            }
        }
        assertEquals(Optional.empty(), gases.boilsAt(GasFamily.PROPANE, GaugePressure.ofBar(60), sea));
        assertEquals(Optional.empty(), gases.boilsAt(GasFamily.NATURAL, GaugePressure.ofBar(1), sea));
        assertEquals(Optional.of(400.0), gases.latent(GasFamily.PROPANE));
        assertEquals(Optional.of(386.0), gases.latent(GasFamily.BUTANE));
        assertEquals(Optional.of(386.0), gases.latent(GasFamily.MIXED));
        assertEquals(Optional.empty(), gases.latent(GasFamily.NATURAL));
    }

    @Test
    void testAGasKnowsItsHeatAndWhetherItSinks() {
        FuelGas p = gas("g31");
        assertEquals(p.gross(), p.heating().megajoulesPerCubicMetre());
        assertThat(p.sinks()).isTrue();
        assertThat(gas("g20").sinks()).isFalse();
        // As heavy as air it does not gather in what lies low.
        FuelGas even = new FuelGas(
                "even",
                "even",
                p.family(),
                p.state(),
                1,
                p.gross(),
                p.net(),
                p.centipoise(),
                p.y(),
                p.viscosity(),
                p.heatRatio(),
                p.source());
        assertThat(even.sinks()).isFalse();
    }

    @Test
    void testTheStockThatIsLoadedIsWhatTheProgramRunsOn() {
        GasStock shipped = GasLines.DATA.get(GasStock.KEY);
        assertEquals(shipped.systems(), stock.systems());
        assertEquals(shipped.appliances(), stock.appliances());
        assertEquals(shipped.regulators(), stock.regulators());
        assertEquals(shipped.cylinders(), stock.cylinders());
        assertEquals(shipped.codes(), stock.codes());
        assertEquals(shipped.tubes(), stock.tubes());
        assertThat(stock.systems()).isNotEmpty().allSatisfy(s -> {
            assertEquals(Optional.of(s), stock.system(s.id()));
            assertThat(stock.sizes(s.id()))
                    .isEqualTo(shipped.sizes(s.id()))
                    .allMatch(z -> z.system().equals(s.id()))
                    .isSortedAccordingTo((a, b) -> a.bore().compareTo(b.bore()));
            stock.sizes(s.id()).forEach(z -> assertEquals(Optional.of(z), stock.size(s.id(), z.size())));
        });
        assertThat(stock.appliances())
                .isNotEmpty()
                .allSatisfy(a -> assertEquals(Optional.of(a), stock.appliance(a.id())));
        assertThat(stock.codes()).isNotEmpty().allSatisfy(c -> assertEquals(Optional.of(c), stock.code(c.id())));
        for (Regulator r : stock.regulators()) {
            assertEquals(Optional.of(r), stock.regulator(r.id()));
        }
        for (Cylinder c : stock.cylinders()) {
            assertEquals(Optional.of(c), stock.cylinder(c.id()));
        }
        assertEquals(Optional.empty(), stock.size("nobody's", "1"));
    }
}
