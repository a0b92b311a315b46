package mellowflare.core.testing;

import java.util.Objects;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;

/**
 * One look at a vacuum gauge after the valve to the pump was shut.
 *
 * @param seconds since any beginning (s)
 * @param pressure what it shows
 */
public record VacuumReading(double seconds, AbsolutePressure pressure) {
    public VacuumReading {
        Objects.requireNonNull(pressure);
        if (!(Math.abs(seconds) <= HoldTest.Reading.LONGEST_SECONDS)) {
            throw new IllegalArgumentException("A reading is taken within a hundred days, in seconds");
        }
    }
}
