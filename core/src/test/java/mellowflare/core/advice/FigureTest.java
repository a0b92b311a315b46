package mellowflare.core.advice;

import static org.junit.jupiter.api.Assertions.assertEquals;

import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How figures are written for people, on either side of each step of rounding. */
class FigureTest {
    private static Figure figure(String what, double v) {
        return switch (what) {
            case "length" -> Figure.of(Length.ofMm(v));
            case "pressure" -> Figure.of(GaugePressure.ofBar(v));
            case "temperature" -> Figure.of(Temperature.ofCelsius(v));
            case "flow" -> Figure.of(FlowRate.ofLitresPerMinute(v));
            case "air" -> Figure.of(FreeAir.ofLitresPerMinute(v));
            case "normal air" -> Figure.of(new FreeAir(v, AirReference.NORMAL));
            case "gas pressure" -> new Figure.OfGasPressure(GaugePressure.ofMillibar(v));
            case "gas drop" -> new Figure.OfGasDrop(PressureDifference.ofMillibar(v));
            case "gas flow" -> Figure.of(GasFlow.ofCubicMetresPerHour(v));
            case "power" -> Figure.of(Power.ofKilowatts(v));
            case "area" -> Figure.of(Area.ofSquareCentimetres(v));
            case "reach" -> new Figure.OfReach(Length.ofMm(v));
            case "litres" -> new Figure.OfLitres(v);
            case "difference" -> Figure.of(PressureDifference.ofBar(v));
            case "angle" -> Figure.of(Angle.ofDegrees(v));
            case "speed" -> new Figure.OfSpeed(v);
            case "share" -> new Figure.OfShare(v);
            default -> Figure.of(what);
        };
    }

    @ParameterizedTest
    @CsvSource({
        // A caliper to 150 mm, beyond it a tape in sixteenths.
        "length, 150, 150 mm, 5.906 in",
        "length, 150.1, 150.1 mm, 5 15/16 in",
        "length, 12.346, 12.35 mm, 0.486 in",
        "pressure, 9.96, 10 bar, 144 psi",
        "pressure, 0.35, 0.4 bar, 5 psi",
        "pressure, 10, 10 bar, 145 psi",
        "pressure, 10.4, 10 bar, 151 psi",
        "pressure, 210, 210 bar, 3046 psi",
        "temperature, 65.4, 65 °C, 150 °F",
        "temperature, -40, -40 °C, -40 °F",
        "flow, 38.04, 38 L/min, 10 gal/min",
        "flow, 3.785, 3.8 L/min, 1 gal/min",
        "air, 1200.4, 1200 L/min, 42.4 cfm",
        "air, 10, 10 L/min, 0.4 cfm",
        "air, 9.96, 10 L/min, 0.4 cfm",
        "air, 9.94, 9.9 L/min, 0.4 cfm",
        "air, 2.84, 2.8 L/min, 0.1 cfm",
        "air, 2.82, 2.8 L/min, 172 in³/min",
        "air, 0.095, 0.1 L/min, 5.8 in³/min",
        "air, 0.094, 94 mL/min, 5.7 in³/min",
        "air, 0.01, 10 mL/min, 0.6 in³/min",
        "air, 0.0094, 9.4 mL/min, 0.6 in³/min",
        "air, 0.0001, 0.1 mL/min, less than 0.1 in³/min",
        "air, 0.00009, less than 0.1 mL/min, less than 0.1 in³/min",
        "air, 0, 0 L/min, 0 cfm",
        "normal air, 100, 100 L/min (DIN 1343), 3.5 cfm (DIN 1343)",
        "gas pressure, 37.25, 37.3 mbar, 14.95 in WC",
        "gas pressure, 9.994, 9.99 mbar, 4.01 in WC",
        "gas pressure, 10, 10 mbar, 4.01 in WC",
        "gas pressure, 199.94, 199.9 mbar, 80.27 in WC",
        "gas pressure, 200.4, 200 mbar, 80.45 in WC",
        "gas pressure, 300, 300 mbar, 120 in WC",
        "gas pressure, 999, 999 mbar, 401 in WC",
        "gas pressure, 1000, 1 bar, 15 psi",
        "gas pressure, -12.3, -12.3 mbar, -4.94 in WC",
        "gas drop, 1.246, 1.25 mbar, 0.5 in WC",
        "gas drop, -250.4, -250 mbar, -101 in WC",
        "gas flow, 0.9996, 1 m³/h, 35 ft³/h",
        "gas flow, 0.1234, 0.123 m³/h, 4.4 ft³/h",
        "gas flow, 2.346, 2.35 m³/h, 83 ft³/h",
        "power, 24.04, 24 kW, 82000 Btu/h",
        "power, 99.96, 100 kW, 341100 Btu/h",
        "power, 100.4, 100 kW, 342600 Btu/h",
        "power, 0.34, 0.3 kW, 1200 Btu/h",
        "area, 100.4, 100 cm², 16 in²",
        "reach, 4256, 4.26 m, 14 ft",
        "reach, 304.8, 0.3 m, 1 ft",
        "litres, 9.996, 10 L, 2.64 gal",
        "litres, 10.4, 10 L, 2.75 gal",
        "litres, 1.256, 1.26 L, 0.33 gal",
        "litres, 37.9, 38 L, 10.01 gal",
        "litres, 38, 38 L, 10 gal",
        "difference, 0.0125, 0.013 bar, 0.18 psi",
        "difference, 1, 1 bar, 15 psi",
        "difference, 0.68, 0.68 bar, 9.86 psi",
        "difference, 1.236, 1.24 bar, 18 psi",
        "angle, 37.04, 37°, 37°",
        "speed, 6.04, 6 m/s, 19.8 ft/s",
        "share, 0.999, over 99 %, over 99 %",
        "share, 0.99, 99 %, 99 %",
        "share, 0.5, 50 %, 50 %",
        "share, 0.01, 1 %, 1 %",
        "share, 0.0099, under 1 %, under 1 %",
        "anaerobic sealant, 0, anaerobic sealant, anaerobic sealant"
    })
    void testAFigureIsWrittenAsItIsSaid(String what, double value, String metric, String inch) {
        assertEquals(metric, figure(what, value).text(UnitSystem.METRIC));
        assertEquals(inch, figure(what, value).text(UnitSystem.INCH));
    }
}
