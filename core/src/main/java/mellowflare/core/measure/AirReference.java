package mellowflare.core.measure;

import java.util.Locale;
import java.util.Optional;

/** The state in which a volume of free air is counted. A litre is another amount of air in each, so every figure says which. */
public enum AirReference {
    /** Free air of compressors: 1 bar absolute, 20 degrees Celsius, dry (ISO 1217). */
    ISO1217("ISO 1217", Say.it("air-reference.dry", "state", "1 bar, 20 °C"), 1.0, 20, 0),
    /** Free air of tools and valves: 1 bar absolute, 20 degrees Celsius, 65 % humidity (ISO 8778). */
    ISO8778("ISO 8778", Say.it("air-reference.humid", "state", "1 bar, 20 °C"), 1.0, 20, 0.65),
    /** Standard air of older tables: 1.01325 bar absolute, 20 degrees Celsius, dry. */
    ATM20("1.01325 bar, 20 °C", Say.it("air-reference.dry", "state", "1.01325 bar, 20 °C"), 1.01325, 20, 0),
    /** Normal state: 1.01325 bar absolute, 0 degrees Celsius, dry (DIN 1343). */
    NORMAL("DIN 1343", Say.it("air-reference.dry", "state", "1.01325 bar, 0 °C"), 1.01325, 0, 0);

    /** Gas constant of dry air (J/(kg K)). */
    public static final double R_DRY = 287.05;

    private final String word;
    private final String says;
    private final double bar;
    private final double celsius;
    private final double density;

    AirReference(String word, String says, double bar, double celsius, double humid) {
        this.word = word;
        this.says = says;
        this.bar = bar;
        this.celsius = celsius;
        double kelvin = celsius + 273.15;
        double vapour =
                humid * Vapour.saturation(Temperature.ofCelsius(celsius)).pascal();
        // The constants of this enum are not set yet while its members are made.
        this.density = (bar * 1e5 - vapour) / (287.05 * kelvin) + vapour / (461.5 * kelvin);
    }

    /** Designation. */
    public String word() {
        return word;
    }

    /** The state in words. */
    public String says() {
        return says;
    }

    public AbsolutePressure pressure() {
        return AbsolutePressure.ofBar(bar);
    }

    public Temperature temperature() {
        return Temperature.ofCelsius(celsius);
    }

    /** Mass of a cubic metre in this state (kg/m3): dry air and vapour by the ideal gas law. */
    public double density() {
        return density;
    }

    /** The reference of a designation such as {@code ISO 1217}, upper or lower case, with or without its blank. */
    public static Optional<AirReference> named(String text) {
        String key = text.toLowerCase(Locale.ROOT).replace(" ", "");
        for (AirReference r : values()) {
            if (r.name().toLowerCase(Locale.ROOT).equals(key)
                    || r.word.toLowerCase(Locale.ROOT).replace(" ", "").equals(key)) {
                return Optional.of(r);
            }
        }
        return Optional.empty();
    }
}
