package mellowflare.core.air.demand;

import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Volume;
import mellowflare.core.reference.Source;

/**
 * A compressor with its receiver.
 *
 * @param id stable name
 * @param name as said
 * @param delivers free air
 * @param cutIn pressure at which it starts
 * @param cutOut pressure at which it stops, above {@code cutIn}
 * @param receiver its volume
 * @param kilowatts at the shaft (kW)
 * @param noise at a metre (dB(A))
 * @param aboveRoom how much warmer than the room its air leaves (K)
 * @param startsAnHour it bears
 * @param source of its figures
 */
public record Compressor(
        String id,
        String name,
        FreeAir delivers,
        GaugePressure cutIn,
        GaugePressure cutOut,
        Volume receiver,
        double kilowatts,
        double noise,
        double aboveRoom,
        int startsAnHour,
        Source source) {
    public Compressor {
        if (cutOut.compareTo(cutIn) <= 0) {
            throw new IllegalArgumentException("A compressor stops above the pressure at which it starts");
        }
        if (!(delivers.litresPerMinute() > 0) || !(receiver.litres() > 0) || !(kilowatts > 0)) {
            throw new IllegalArgumentException("What a compressor delivers, its receiver and its power are above zero");
        }
    }

    /** Energy in a cubic metre of its free air (kWh/m3). */
    public double kilowattHoursPerCubicMetre() {
        return kilowatts / (delivers.litresPerMinute() * 0.06);
    }
}
