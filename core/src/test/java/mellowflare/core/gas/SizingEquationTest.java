package mellowflare.core.gas;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.fuel.GasTable;
import mellowflare.core.gas.fuel.HeatBasis;
import mellowflare.core.gas.net.Resistance;
import mellowflare.core.gas.net.SizingEquation;
import mellowflare.core.gas.stock.GasFitting;
import mellowflare.core.gas.stock.GasSize;
import mellowflare.core.gas.stock.GasStock;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.reference.CsvTable;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The code's equations against rows of its printed tables. */
class SizingEquationTest {
    private static final GasTable GASES = GasTable.load();
    private static final GasStock STOCK = GasStock.load();
    private static final PressureDifference HALF_INCH = PressureDifference.ofInchesOfWater(0.5);

    private static FuelGas gas(String id) {
        return GASES.find(id).orElseThrow();
    }

    private static Length feet(double feet) {
        return Length.ofInches(feet * 12);
    }

    @ParameterizedTest
    @CsvSource({
        "natural, capacity-steel-natural.csv, size, capacity_ft3_h, 0.015",
        "propane, capacity-steel-propane.csv, size, capacity_kbtu_h, 0.015",
        "propane, capacity-copper-propane.csv, size_kl, capacity_kbtu_h, 0.025"
    })
    void testPrintedRowsComeOutWithinTheirRounding(String id, String table, String size, String column, double within) {
        FuelGas gas = gas(id);
        int rows = 0;
        for (CsvTable.Row r : CsvTable.beside(SizingEquationTest.class, table).rows()) {
            Length bore = Length.ofInches(r.number("inside_in"));
            GasFlow got = SizingEquation.capacity(Resistance.of(gas), HALF_INCH, feet(r.number("length_ft")), bore);
            double figure = column.endsWith("kbtu_h")
                    ? gas.power(got, HeatBasis.GROSS).btuPerHour() / 1000
                    : got.cubicFeetPerHour();
            double printed = r.number(column);
            // A figure of two places is rounded to one in a hundred and more.
            double rounding = printed < 100 ? 0.5 / printed : 0;
            assertEquals(1, figure / printed, Math.max(within, rounding), r.need(size) + " " + r.need("length_ft"));
            rows++;
        }
        assertTrue(rows > 50, "rows read: " + rows);
    }

    @ParameterizedTest
    @CsvSource({"schedule40, capacity-steel-natural.csv, size", "copper-k, capacity-copper-propane.csv, size_kl"})
    void testTheTablesBoresAreThoseOfTheStock(String system, String table, String column) {
        for (CsvTable.Row r : CsvTable.beside(SizingEquationTest.class, table).rows()) {
            STOCK.size(system, r.need(column))
                    .map(GasSize::bore)
                    .ifPresent(b -> assertEquals(r.number("inside_in"), b.inches(), 0.0011, r.need(column)));
        }
    }

    @ParameterizedTest
    @CsvSource({"natural, 0.6094", "propane, 1.2462"})
    void testCrOfTheCodeComesFromGravityAndViscosity(String id, double cr) {
        assertEquals(cr, gas(id).cr(), 0.0002);
    }

    @Test
    void testFittingLengthsOfTheCodeAreLengthsOverDiameter() {
        Object[][] columns = {
            {"elbow_45_ft", GasFitting.ELBOW_45},
            {"elbow_90_ft", GasFitting.ELBOW_90},
            {"tee_branch_ft", GasFitting.TEE_BRANCH},
            {"return_ft", GasFitting.RETURN},
            {"gate_ft", GasFitting.VALVE},
            {"globe_ft", GasFitting.GLOBE},
            {"angle_ft", GasFitting.ANGLE},
            {"check_ft", GasFitting.CHECK}
        };
        for (CsvTable.Row r :
                CsvTable.beside(SizingEquationTest.class, "fitting-lengths.csv").rows()) {
            Length bore = Length.ofInches(r.number("inside_in"));
            for (Object[] c : columns) {
                assertEquals(
                        r.number((String) c[0]),
                        STOCK.asPipe((GasFitting) c[1], bore).inches() / 12,
                        0.011,
                        r.need("size") + " " + c[0]);
            }
        }
    }

    @Test
    void testFlowDropAndBoreAreEachOthersInverse() {
        GasFlow flow = GasFlow.ofCubicFeetPerHour(95);
        Length bore = Length.ofInches(0.622);
        PressureDifference drop = SizingEquation.drop(Resistance.of(gas("natural")), flow, feet(30), bore);
        assertEquals(
                95,
                SizingEquation.capacity(Resistance.of(gas("natural")), drop, feet(30), bore)
                        .cubicFeetPerHour(),
                1e-9);
        assertEquals(
                0.622,
                SizingEquation.bore(Resistance.of(gas("natural")), flow, drop, feet(30))
                        .inches(),
                1e-9);
    }

    @Test
    void testHighPressureFormIsItsOwnInverse() {
        AbsolutePressure from = AbsolutePressure.ofBar(1.01325 + 0.6895);
        Length bore = Length.ofInches(0.824);
        GasFlow flow = GasFlow.ofCubicFeetPerHour(800);
        AbsolutePressure to = SizingEquation.farEnd(Resistance.of(gas("propane")), flow, from, feet(60), bore)
                .orElseThrow();
        assertTrue(to.compareTo(from) < 0);
        assertEquals(
                800,
                SizingEquation.capacity(Resistance.of(gas("propane")), from, to, feet(60), bore)
                        .orElseThrow()
                        .cubicFeetPerHour(),
                1e-6);
        assertEquals(
                0.824,
                SizingEquation.bore(Resistance.of(gas("propane")), flow, from, to, feet(60))
                        .orElseThrow()
                        .inches(),
                1e-9);
    }

    @Test
    void testAGasWithoutYHasNoHighPressureForm() {
        assertTrue(SizingEquation.capacity(
                        Resistance.of(gas("butane")),
                        AbsolutePressure.ofBar(2),
                        AbsolutePressure.ofBar(1.9),
                        feet(30),
                        feet(0.05))
                .isEmpty());
    }

    /** Wobbe = gross heat / sqrt of the gravity, against the printed ones of EN 437. */
    @ParameterizedTest
    @CsvSource({"g20, 50.72, 45.67", "g25, 41.52, 37.38", "g31, 76.83, 70.69", "g30, 87.33, 80.58"})
    void testWobbeOfTheReferenceGases(String id, double gross, double net) {
        FuelGas g = gas(id);
        assertEquals(gross, g.gross() / Math.sqrt(g.gravity()), 0.03);
        assertEquals(net, g.net().orElseThrow() / Math.sqrt(g.gravity()), 0.03);
    }
}
