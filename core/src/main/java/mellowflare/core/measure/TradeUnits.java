package mellowflare.core.measure;

import java.util.Locale;
import java.util.Map;
import javax.measure.Unit;
import javax.measure.quantity.Pressure;
import javax.measure.quantity.Temperature;
import tech.units.indriya.function.MultiplyConverter;
import tech.units.indriya.unit.Units;

/** The units fitters write, as JSR-385 units of the reference implementation. */
final class TradeUnits {
    /** 1 psi = 6894.757293168 Pa (pound-force 4.4482216152605 N on 0.0254 m squared). */
    static final double PASCAL_PER_PSI = 4.4482216152605 / (0.0254 * 0.0254);

    static final double PSI_PER_BAR = 1e5 / PASCAL_PER_PSI;
    static final Unit<Pressure> BAR = Units.PASCAL.transform(MultiplyConverter.of(1e5));
    static final Unit<Pressure> PSI = Units.PASCAL.transform(MultiplyConverter.of(PASCAL_PER_PSI));
    static final Unit<Temperature> CELSIUS = Units.CELSIUS;
    /** A fifth-ninth kelvin step whose zero lies 459.67 steps above absolute zero: F = 9/5 C + 32. */
    static final Unit<Temperature> FAHRENHEIT =
            Units.KELVIN.multiply(5).divide(9).shift(459.67);
    /** Volume flow in litres a minute; JSR-385 has no quantity of that name, so the product unit stands for it. */
    static final Unit<?> LITRE_PER_MINUTE = Units.LITRE.divide(Units.MINUTE);

    static final Unit<?> GALLON_PER_MINUTE =
            Units.LITRE.transform(MultiplyConverter.of(3.785411784)).divide(Units.MINUTE);
    static final Unit<?> CUBIC_METRE_PER_HOUR = Units.CUBIC_METRE.divide(Units.HOUR);

    private static final Unit<Pressure> MILLIBAR = Units.PASCAL.transform(MultiplyConverter.of(1e2));

    /** By ISO 31-3: the conventional inch of water, 249.088 91 Pa. */
    static final double PASCAL_PER_INCH_WATER = 249.08891;

    private static final Unit<Pressure> INCH_WATER =
            Units.PASCAL.transform(MultiplyConverter.of(PASCAL_PER_INCH_WATER));

    /** By ISO 31-3: the conventional inch of mercury, 3 386.389 Pa. */
    static final Map<String, Unit<Pressure>> BAROMETERS = Map.of(
            "bar", BAR,
            "mbar", MILLIBAR,
            "hpa", MILLIBAR,
            "inhg", Units.PASCAL.transform(MultiplyConverter.of(3386.389)));

    static final Map<String, Unit<Pressure>> PRESSURES = Map.of(
            "bar",
            BAR,
            "psi",
            PSI,
            "psig",
            PSI,
            "pa",
            Units.PASCAL,
            "kpa",
            Units.PASCAL.transform(MultiplyConverter.of(1e3)),
            "mpa",
            Units.PASCAL.transform(MultiplyConverter.of(1e6)),
            "mbar",
            MILLIBAR,
            "inwc",
            INCH_WATER,
            "in wc",
            INCH_WATER,
            "inh2o",
            INCH_WATER);
    static final Map<String, Unit<Temperature>> TEMPERATURES =
            Map.of("c", CELSIUS, "°c", CELSIUS, "f", FAHRENHEIT, "°f", FAHRENHEIT, "k", Units.KELVIN);
    static final Map<String, Unit<?>> FLOWS = Map.of(
            "l/min", LITRE_PER_MINUTE,
            "lpm", LITRE_PER_MINUTE,
            "gal/min", GALLON_PER_MINUTE,
            "gpm", GALLON_PER_MINUTE,
            "m3/h", CUBIC_METRE_PER_HOUR,
            "m³/h", CUBIC_METRE_PER_HOUR);

    /** Kilowatts each. */
    static final Map<String, Double> POWERS = Map.of(
            "kw", 1.0,
            "w", 0.001,
            "btu/h", 1 / Power.BTU_PER_HOUR,
            "btu/hr", 1 / Power.BTU_PER_HOUR,
            "btuh", 1 / Power.BTU_PER_HOUR,
            "kbtu/h", 1000 / Power.BTU_PER_HOUR,
            "mbh", 1000 / Power.BTU_PER_HOUR);

    /** Megajoules in a cubic metre each. */
    static final Map<String, Double> HEATS = Map.of(
            "mj/m3", 1.0,
            "mj/m³", 1.0,
            "kwh/m3", 3.6,
            "btu/ft3", HeatingValue.MJ_PER_BTU_FT3,
            "btu/ft³", HeatingValue.MJ_PER_BTU_FT3);

    /** Cubic metres an hour each. */
    static final Map<String, Double> GAS_FLOWS = Map.of(
            "m3/h", 1.0,
            "m³/h", 1.0,
            "l/h", 0.001,
            "l/min", 0.06,
            "ft3/h", GasFlow.ofCubicFeetPerHour(1).cubicMetresPerHour(),
            "ft³/h", GasFlow.ofCubicFeetPerHour(1).cubicMetresPerHour(),
            "cfh", GasFlow.ofCubicFeetPerHour(1).cubicMetresPerHour());

    /** Degrees each. */
    static final Map<String, Double> ANGLES = Map.of("deg", 1.0, "°", 1.0, "degree", 1.0, "degrees", 1.0);

    private TradeUnits() {}

    static String key(String unit) {
        return unit.strip().toLowerCase(Locale.ROOT);
    }
}
