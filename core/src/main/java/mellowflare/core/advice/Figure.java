package mellowflare.core.advice;

import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Area;
import mellowflare.core.measure.FlowRate;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GasFlow;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.Power;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.UnitSystem;

/** A value inside a finding or a step: kept as what it is, written in the reader's units only at the end. */
public sealed interface Figure {

    /** A length; one that is longer than a caliper opens is taped, and in inches written in sixteenths. */
    record OfLength(Length value) implements Figure {
        private static final Length CALIPER_OPENS = Length.ofMm(150);

        private String taped(UnitSystem system) {
            return system == UnitSystem.INCH && value.compareTo(CALIPER_OPENS) > 0
                    ? LengthFormat.shop(value, system)
                    : LengthFormat.figure(value, system);
        }
    }

    record OfPressure(GaugePressure value) implements Figure {}

    record OfTemperature(Temperature value) implements Figure {}

    record OfFlow(FlowRate value) implements Figure {}

    record OfAngle(Angle value) implements Figure {}

    /**
     * A speed of flow.
     *
     * @param metresPerSecond the speed (m/s)
     */
    record OfSpeed(double metresPerSecond) implements Figure {}

    /** A flow of free air, with the state it is counted in where that is not ISO 1217. */
    record OfAir(FreeAir value) implements Figure {}

    /** A pressure of fuel gas behind its regulator: small, in millibar or inches of water; from 1 bar up as any other. */
    record OfGasPressure(GaugePressure value) implements Figure {}

    /** A drop of pressure of fuel gas. */
    record OfGasDrop(PressureDifference value) implements Figure {}

    /** A flow of fuel gas. */
    record OfGasFlow(GasFlow value) implements Figure {}

    record OfPower(Power value) implements Figure {}

    /** A free area. */
    record OfArea(Area value) implements Figure {}

    /** A long length, as walked and not as cut: metres, or feet and inches. */
    record OfReach(Length value) implements Figure {}

    /**
     * A volume of liquid or of a vessel.
     *
     * @param litres the volume (L)
     */
    record OfLitres(double litres) implements Figure {}

    /** How far one pressure lies above another. */
    record OfDifference(PressureDifference value) implements Figure {}

    /**
     * A share of the whole.
     *
     * @param fraction 0 to 1
     */
    record OfShare(double fraction) implements Figure {
        /** Never shown as certain nor as impossible: the last per cent stays open at both ends. */
        private String text() {
            if (fraction > 0.99) {
                return Say.it("figure.over");
            }
            return fraction < 0.01 ? Say.it("figure.under") : LengthFormat.decimal(fraction * 100, 0, 0) + " %";
        }
    }

    /** A name: of a part, an end, a fluid. */
    record Word(String text) implements Figure {}

    static Figure of(Length value) {
        return new OfLength(value);
    }

    static Figure of(GaugePressure value) {
        return new OfPressure(value);
    }

    static Figure of(Temperature value) {
        return new OfTemperature(value);
    }

    static Figure of(FlowRate value) {
        return new OfFlow(value);
    }

    static Figure of(FreeAir value) {
        return new OfAir(value);
    }

    static Figure of(Area value) {
        return new OfArea(value);
    }

    static Figure of(Power value) {
        return new OfPower(value);
    }

    static Figure of(GasFlow value) {
        return new OfGasFlow(value);
    }

    static Figure of(PressureDifference value) {
        return new OfDifference(value);
    }

    static Figure of(Angle value) {
        return new OfAngle(value);
    }

    static Figure of(String text) {
        return new Word(text);
    }

    /** A flow of air; one that would round to nothing in the usual unit in a smaller one. */
    private static String air(FreeAir flow, boolean metric) {
        double usual = metric ? flow.litresPerMinute() : flow.cubicFeetPerMinute();
        double smaller = usual * (metric ? 1000 : 1728);
        if (usual >= (metric ? 0.095 : 0.1) || smaller == 0) {
            return LengthFormat.decimal(usual, metric && usual >= 10 ? 0 : 1, 0) + (metric ? " L/min" : " cfm");
        }
        String unit = metric ? " mL/min" : " in³/min";
        return smaller < 0.1
                ? Say.it("figure.less-than", "bound", "0.1" + unit)
                : LengthFormat.decimal(smaller, smaller < 10 ? 1 : 0, 0) + unit;
    }

    private static String millibar(double mbar) {
        return LengthFormat.decimal(mbar, Math.abs(mbar) < 10 ? 2 : Math.abs(mbar) < 200 ? 1 : 0, 0) + " mbar";
    }

    private static String water(double inches) {
        return LengthFormat.decimal(inches, Math.abs(inches) < 100 ? 2 : 0, 0) + " in WC";
    }

    /** The value in the given system, with its unit. */
    default String text(UnitSystem system) {
        boolean metric = system == UnitSystem.METRIC;
        if (this instanceof OfLength f) {
            return f.taped(system);
        }
        if (this instanceof OfPressure f) {
            return metric
                    ? LengthFormat.decimal(f.value.bar(), f.value.bar() < 10 ? 1 : 0, 0) + " bar"
                    : LengthFormat.decimal(f.value.psi(), 0, 0) + " psi";
        }
        if (this instanceof OfTemperature f) {
            return metric
                    ? LengthFormat.decimal(f.value.celsius(), 0, 0) + " °C"
                    : LengthFormat.decimal(f.value.fahrenheit(), 0, 0) + " °F";
        }
        if (this instanceof OfFlow f) {
            return metric
                    ? LengthFormat.decimal(f.value.litresPerMinute(), 1, 0) + " L/min"
                    : LengthFormat.decimal(f.value.gallonsPerMinute(), 1, 0) + " gal/min";
        }
        if (this instanceof OfAir f) {
            String state = f.value.reference() == AirReference.ISO1217
                    ? ""
                    : " (" + f.value.reference().word() + ")";
            return air(f.value, metric) + state;
        }
        if (this instanceof OfGasPressure f) {
            return f.value.bar() >= 1
                    ? of(f.value).text(system)
                    : metric ? millibar(f.value.millibar()) : water(f.value.inchesOfWater());
        }
        if (this instanceof OfGasDrop f) {
            return metric ? millibar(f.value.millibar()) : water(f.value.inchesOfWater());
        }
        if (this instanceof OfGasFlow f) {
            return metric
                    ? LengthFormat.decimal(f.value.cubicMetresPerHour(), f.value.cubicMetresPerHour() < 1 ? 3 : 2, 0)
                            + " m³/h"
                    : LengthFormat.decimal(f.value.cubicFeetPerHour(), f.value.cubicFeetPerHour() < 10 ? 1 : 0, 0)
                            + " ft³/h";
        }
        if (this instanceof OfArea f) {
            return metric
                    ? LengthFormat.decimal(f.value.squareCentimetres(), 0, 0) + " cm²"
                    : LengthFormat.decimal(f.value.squareInches(), 0, 0) + " in²";
        }
        if (this instanceof OfPower f) {
            return metric
                    ? LengthFormat.decimal(f.value.kilowatts(), f.value.kilowatts() < 100 ? 1 : 0, 0) + " kW"
                    : LengthFormat.decimal(Math.round(f.value.btuPerHour() / 100) * 100.0, 0, 0) + " Btu/h";
        }
        if (this instanceof OfReach f) {
            return metric
                    ? LengthFormat.decimal(f.value.mm() / 1000, 2, 0) + " m"
                    : LengthFormat.decimal(f.value.inches() / 12, 1, 0) + " ft";
        }
        if (this instanceof OfLitres f) {
            return metric
                    ? LengthFormat.decimal(f.litres, f.litres < 10 ? 2 : 0, 0) + " L"
                    : LengthFormat.decimal(f.litres / 3.785411784, f.litres < 38 ? 2 : 0, 0) + " gal";
        }
        if (this instanceof OfDifference f) {
            return metric
                    ? LengthFormat.decimal(f.value.bar(), f.value.bar() < 1 ? 3 : 2, 0) + " bar"
                    : LengthFormat.decimal(f.value.psi(), f.value.psi() < 10 ? 2 : 0, 0) + " psi";
        }
        if (this instanceof OfAngle f) {
            return LengthFormat.decimal(f.value.degrees(), 1, 0) + "°";
        }
        if (this instanceof OfSpeed f) {
            return metric
                    ? LengthFormat.decimal(f.metresPerSecond, 1, 0) + " m/s"
                    : LengthFormat.decimal(f.metresPerSecond / 0.3048, 1, 0) + " ft/s";
        }
        if (this instanceof OfShare f) {
            return f.text();
        }
        return ((Word) this).text;
    }
}
