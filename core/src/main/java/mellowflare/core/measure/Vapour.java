package mellowflare.core.measure;

/** Water vapour in air. */
public final class Vapour {
    private static final double R_VAPOUR = 461.5;

    private Vapour() {}

    /**
     * Saturation pressure over water: 6.112 hPa x exp(17.62 t / (243.12 + t)) (Magnus, coefficients of WMO-No. 8).
     *
     * @param t from -45 to 100 degrees Celsius; used as it stands beyond
     */
    public static AbsolutePressure saturation(Temperature t) {
        return AbsolutePressure.ofBar(6.112e-3 * Math.exp(17.62 * t.celsius() / (243.12 + t.celsius())));
    }

    /** Temperature at which a vapour pressure is saturated: the Magnus formula turned round. */
    public static Temperature dewPoint(AbsolutePressure vapour) {
        double x = Math.log(vapour.bar() / 6.112e-3);
        return Temperature.ofCelsius(243.12 * x / (17.62 - x));
    }

    /**
     * Most water that a cubic metre of space holds as vapour (kg/m3), whatever else is in it.
     *
     * @param t of the air
     */
    public static double most(Temperature t) {
        return saturation(t).pascal() / (R_VAPOUR * (t.celsius() + 273.15));
    }
}
