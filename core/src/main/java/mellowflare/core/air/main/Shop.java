package mellowflare.core.air.main;

import java.util.Optional;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;

/**
 * The room and its air.
 *
 * @param length of the long wall
 * @param width across
 * @param height to what the main hangs from
 * @param air temperature of the room
 * @param humidity of the room's air, 0 to 1
 * @param barometer pressure of the air around
 */
public record Shop(
        Optional<Length> length,
        Optional<Length> width,
        Optional<Length> height,
        Temperature air,
        double humidity,
        AbsolutePressure barometer) {
    public static final Shop USUAL = new Shop(
            Optional.empty(),
            Optional.empty(),
            Optional.empty(),
            Temperature.ofCelsius(20),
            0.6,
            AbsolutePressure.SEA_LEVEL);

    public Shop {
        if (!(humidity >= 0 && humidity <= 1)) {
            throw new IllegalArgumentException("Humidity lies between 0 and 1, not " + humidity);
        }
        if (barometer.bar() < 0.4 || barometer.bar() > 1.2) {
            throw new IllegalArgumentException("A barometer shows 0.4 to 1.2 bar, not " + barometer.bar());
        }
    }

    public Shop withSize(Optional<Length> l, Optional<Length> w, Optional<Length> h) {
        return new Shop(l, w, h, air, humidity, barometer);
    }

    public Shop withAir(Temperature t) {
        return new Shop(length, width, height, t, humidity, barometer);
    }

    public Shop withHumidity(double h) {
        return new Shop(length, width, height, air, h, barometer);
    }

    public Shop withBarometer(AbsolutePressure b) {
        return new Shop(length, width, height, air, humidity, b);
    }
}
