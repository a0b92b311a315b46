package mellowflare.core.measure;

/**
 * A temperature (not a temperature difference).
 *
 * @param celsius the temperature (degrees Celsius), not below absolute zero
 */
public record Temperature(double celsius) implements Comparable<Temperature> {
    public Temperature {
        if (!(celsius >= -273.15) || !Double.isFinite(celsius)) {
            throw new IllegalArgumentException("A temperature must not be below absolute zero: " + celsius);
        }
    }

    /**
     * @param celsius the temperature (degrees Celsius)
     */
    public static Temperature ofCelsius(double celsius) {
        return new Temperature(celsius);
    }

    /** This temperature in degrees Fahrenheit: F = 1.8 C + 32. */
    public double fahrenheit() {
        return celsius * 1.8 + 32;
    }

    @Override
    public int compareTo(Temperature other) {
        return Double.compare(celsius, other.celsius);
    }
}
