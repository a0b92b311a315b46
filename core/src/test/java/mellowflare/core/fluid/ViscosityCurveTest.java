package mellowflare.core.fluid;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import mellowflare.core.Samples;
import mellowflare.core.measure.KinematicViscosity;
import mellowflare.core.measure.Temperature;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

class ViscosityCurveTest {
    private static double at(String fluid, double celsius) {
        return Samples.DATA
                .get(FluidTable.KEY)
                .find(fluid)
                .flatMap(Fluid::viscosity)
                .orElseThrow()
                .at(Temperature.ofCelsius(celsius))
                .mm2PerSecond();
    }

    @Test
    void testOilOfGrade46ByWalther() {
        assertThat(at("mineral-oil", 40)).isCloseTo(46, within(1e-9));
        assertThat(at("mineral-oil", 100)).isCloseTo(6.8, within(1e-9));
        // Worked apart with 40 C: 46 and 100 C: 6.8 in the formula of ASTM D341.
        assertThat(at("mineral-oil", 65)).isCloseTo(17.40812, within(1e-4));
        assertThat(at("mineral-oil", 80)).isCloseTo(11.10261, within(1e-4));
    }

    @Test
    void testThinLiquidsByAndradeLieNearTheirTables() {
        // Water at 40 C is 0.658 mm2/s in every steam table.
        assertThat(at("water", 40)).isCloseTo(0.658, within(0.02));
        assertThat(at("water", 20)).isCloseTo(1.004, within(1e-9));
    }

    @Test
    void testGasesAndRefrigerantsHaveNone() {
        for (String id : new String[] {"compressed-air", "r134a", "lpg", "nitrous-oxide"}) {
            assertThat(Samples.DATA.get(FluidTable.KEY).find(id).orElseThrow().viscosity())
                    .isEmpty();
        }
    }

    @Property(tries = 200)
    void everyLiquidGetsThinnerAsItWarms(@ForAll @DoubleRange(min = -20, max = 120) double c) {
        for (Fluid f : Samples.DATA.get(FluidTable.KEY).all()) {
            f.viscosity()
                    .ifPresent(v -> assertThat(v.at(Temperature.ofCelsius(c)).mm2PerSecond())
                            .as(f.id())
                            .isGreaterThan(v.at(Temperature.ofCelsius(c + 1)).mm2PerSecond()));
        }
    }

    @Test
    void testTwoTemperaturesMustDiffer() {
        Temperature t = Temperature.ofCelsius(40);
        KinematicViscosity v = KinematicViscosity.ofMm2PerSecond(46);
        assertThatThrownBy(() -> new ViscosityCurve(t, v, t, v)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> KinematicViscosity.ofMm2PerSecond(0)).isInstanceOf(IllegalArgumentException.class);
    }
}
