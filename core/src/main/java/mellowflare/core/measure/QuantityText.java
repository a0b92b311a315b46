package mellowflare.core.measure;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.measure.IncommensurableException;
import javax.measure.Unit;
import javax.measure.UnitConverter;
import tech.units.indriya.quantity.Quantities;

/** Reads pressures, temperatures, flows and angles written with a unit, such as {@code 3000 psi} or {@code 120 F}. */
public final class QuantityText {
    private static final Pattern FORM =
            Pattern.compile("([+-]?\\s*(?:\\d+(?:\\.\\d*)?|\\.\\d+))\\s*([^\\d\\s.,+-].*)?");
    private static final int LONGEST_TEXT = 40;

    private QuantityText() {}

    /**
     * @param text such as {@code 276 bar} or {@code 4000 psi}
     * @param bare the unit of a number without one; empty refuses it
     * @return a gauge pressure from -1 to 4 000 bar, or a refusal
     */
    public static Read<GaugePressure> pressure(String text, Optional<String> bare) {
        return read(
                text,
                bare,
                TradeUnits.PRESSURES,
                Say.it("quantity-text.pressure"),
                Say.it("quantity-text.bar-psi-kpa-or"),
                (n, u) -> {
                    double bar = Quantities.getQuantity(n, u)
                            .to(TradeUnits.BAR)
                            .getValue()
                            .doubleValue();
                    return bar < -1.1 || bar > 4000
                            ? outOfRange(text, Say.it("quantity-text.gauge-pressure-between-1"))
                            : Read.of(GaugePressure.ofBar(bar));
                });
    }

    /**
     * @param text such as {@code 1013 hPa}, {@code 1.01 bar} or {@code 29.9 inHg}; a number without unit is bar or, from 400 on, millibar
     * @return the pressure of the air around, from 0.4 to 1.2 bar, or a refusal
     */
    public static Read<AbsolutePressure> barometer(String text) {
        return read(
                text,
                Optional.of("bar"),
                TradeUnits.BAROMETERS,
                Say.it("quantity-text.barometer"),
                Say.it("quantity-text.bar-mbar-hpa-or"),
                (n, u) -> {
                    double read = Quantities.getQuantity(n, u)
                            .to(TradeUnits.BAR)
                            .getValue()
                            .doubleValue();
                    double bar = read >= 400 ? read / 1000 : read;
                    return bar < 0.4 || bar > 1.2
                            ? outOfRange(text, Say.it("quantity-text.barometer-between-0-4"))
                            : Read.of(AbsolutePressure.ofBar(bar));
                });
    }

    /**
     * @param text such as {@code 80 C} or {@code 176 F}
     * @param bare the unit of a number without one; empty refuses it
     * @return a temperature from -270 to 1 000 degrees Celsius, or a refusal
     */
    public static Read<Temperature> temperature(String text, Optional<String> bare) {
        return read(
                text,
                bare,
                TradeUnits.TEMPERATURES,
                Say.it("quantity-text.temperature"),
                Say.it("quantity-text.c-f-or-k"),
                (n, u) -> {
                    double celsius = Quantities.getQuantity(n, u)
                            .to(TradeUnits.CELSIUS)
                            .getValue()
                            .doubleValue();
                    return celsius < -270 || celsius > 1000
                            ? outOfRange(text, Say.it("quantity-text.temperature-between-270-1"))
                            : Read.of(Temperature.ofCelsius(celsius));
                });
    }

    /**
     * @param text such as {@code 40 L/min} or {@code 10 gal/min}
     * @param bare the unit of a number without one; empty refuses it
     * @return a flow up to 100 000 L/min, or a refusal
     */
    public static Read<FlowRate> flow(String text, Optional<String> bare) {
        return read(
                text,
                bare,
                TradeUnits.FLOWS,
                Say.it("quantity-text.flow"),
                Say.it("quantity-text.l-min-gal-min"),
                (n, u) -> {
                    double litres = perMinute(u).convert(n);
                    return litres < 0 || litres > 100_000
                            ? outOfRange(text, Say.it("quantity-text.flow-between-0-100"))
                            : Read.of(FlowRate.ofLitresPerMinute(litres));
                });
    }

    /**
     * @param text such as {@code 12 kW} or {@code 40000 BTU/h}
     * @param bare the unit of a number without one; empty refuses it
     * @return a power up to 10 000 kW, or a refusal
     */
    public static Read<Power> power(String text, Optional<String> bare) {
        return read(
                text,
                bare,
                TradeUnits.POWERS,
                Say.it("quantity-text.power"),
                Say.it("quantity-text.kw-btu-h"),
                (n, kilowatts) -> n < 0 || n * kilowatts > 10_000
                        ? outOfRange(text, Say.it("quantity-text.power-between-0-10"))
                        : Read.of(Power.ofKilowatts(n * kilowatts)));
    }

    /**
     * @param text such as {@code 37.8 MJ/m3} or {@code 1030 BTU/ft3}
     * @param bare the unit of a number without one; empty refuses it
     * @return a heating value from 1 to 500 MJ/m3, or a refusal
     */
    public static Read<HeatingValue> heatingValue(String text, Optional<String> bare) {
        return read(
                text,
                bare,
                TradeUnits.HEATS,
                Say.it("quantity-text.heating-value"),
                Say.it("quantity-text.mj-m3-btu-ft3"),
                (n, megajoules) -> n * megajoules < 1 || n * megajoules > 500
                        ? outOfRange(text, Say.it("quantity-text.heating-value-between-1"))
                        : Read.of(new HeatingValue(n * megajoules)));
    }

    /**
     * @param text such as {@code 2.5 m3/h} or {@code 65 ft3/h}
     * @param bare the unit of a number without one; empty refuses it
     * @return a flow of gas up to 10 000 m3/h, or a refusal
     */
    public static Read<GasFlow> gasFlow(String text, Optional<String> bare) {
        return read(
                text,
                bare,
                TradeUnits.GAS_FLOWS,
                Say.it("quantity-text.gas-flow"),
                Say.it("quantity-text.m3-h-ft3-h"),
                (n, cubicMetres) -> n < 0 || n * cubicMetres > 10_000
                        ? outOfRange(text, Say.it("quantity-text.gas-flow-between-0-10"))
                        : Read.of(GasFlow.ofCubicMetresPerHour(n * cubicMetres)));
    }

    /**
     * @param text such as {@code 37 deg} or {@code 37°}
     * @param bare the unit of a number without one; empty refuses it
     * @return an angle from 0 to 360 degrees, or a refusal
     */
    public static Read<Angle> angle(String text, Optional<String> bare) {
        return angle(text, bare, 0, 360);
    }

    /**
     * @param text such as {@code -90} or {@code 45°}
     * @param bare the unit of a number without one; empty refuses it
     * @param least smallest (degrees)
     * @param most largest (degrees)
     * @return an angle within these, or a refusal
     */
    public static Read<Angle> angle(String text, Optional<String> bare, double least, double most) {
        return read(
                text,
                bare,
                TradeUnits.ANGLES,
                Say.it("quantity-text.angle"),
                Say.it("quantity-text.degrees-such-as-37"),
                (n, degrees) -> n * degrees < least || n * degrees > most
                        ? outOfRange(
                                text,
                                Say.it("quantity-text.angle-between-degrees", "degrees", (int) least, "valueB", (int)
                                        most))
                        : Read.of(Angle.ofDegrees(n * degrees)));
    }

    private static UnitConverter perMinute(Unit<?> unit) {
        try {
            return unit.getConverterToAny(TradeUnits.LITRE_PER_MINUTE);
        } catch (IncommensurableException e) {
            throw new IllegalStateException("Not a unit of flow in the table of flows: " + unit, e);
        }
    }

    private interface Convert<U, T> {
        Read<T> of(double number, U unit);
    }

    private static <U, T> Read<T> read(
            String text,
            Optional<String> bare,
            Map<String, U> units,
            String what,
            String known,
            Convert<U, T> convert) {
        if (text == null || text.isBlank()) {
            return Read.refuse(
                    Refusal.EMPTY, Say.it("quantity-text.nothing-was-entered-give", "what", what, "known", known));
        }
        String shown = text.strip();
        if (shown.length() > LONGEST_TEXT) {
            return Read.refuse(Refusal.TOO_LONG, Say.it("quantity-text.that-too-long-for", "what", what));
        }
        Matcher m = FORM.matcher(shown.replace('\u2212', '-'));
        if (!m.matches()) {
            return Read.refuse(
                    Refusal.NOT_A_NUMBER,
                    Say.it("quantity-text.not-give-number", "shown", shown, "what", what, "known", known));
        }
        Optional<String> named = Optional.ofNullable(m.group(2)).or(() -> bare);
        if (named.isEmpty()) {
            return Read.refuse(
                    Refusal.UNIT_MISSING, Say.it("quantity-text.has-no-unit-write", "shown", shown, "known", known));
        }
        U unit = units.get(TradeUnits.key(named.get()));
        if (unit == null) {
            return Read.refuse(
                    Refusal.UNKNOWN_UNIT,
                    Say.it(
                            "quantity-text.not-unit-known-here",
                            "named",
                            named.get().strip(),
                            "what",
                            what,
                            "known",
                            known));
        }
        return convert.of(Double.parseDouble(m.group(1).replaceAll("\\s", "")), unit);
    }

    private static <T> Read<T> outOfRange(String text, String range) {
        return Read.refuse(
                Refusal.OUT_OF_RANGE, Say.it("quantity-text.outside-range-give", "text", text.strip(), "range", range));
    }
}
