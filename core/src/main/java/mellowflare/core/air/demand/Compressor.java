package mellowflare.core.air.demand;

import java.util.Optional;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Volume;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
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
 * @param startsAnHour it is rated for
 * @param relief pressure at which its relief valve opens, not below {@code cutOut}; empty where nobody knows
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
        Optional<GaugePressure> relief,
        Source source) {
    /** The highest pressure it can put on a main: where its relief valve opens, else where it stops. */
    public GaugePressure highest() {
        return relief.orElse(cutOut);
    }

    public Compressor {
        if (relief.filter(r -> r.compareTo(cutOut) < 0).isPresent()) {
            throw new IllegalArgumentException(
                    "A relief valve does not open below the pressure at which the compressor stops");
        }
        if (cutOut.compareTo(cutIn) <= 0) {
            throw new IllegalArgumentException("A compressor stops above the pressure at which it starts");
        }
        if (!(delivers.litresPerMinute() > 0) || !(receiver.litres() > 0) || !(kilowatts > 0)) {
            throw new IllegalArgumentException("What a compressor delivers, its receiver and its power are above zero");
        }
        if (!(noise >= 0) || !(aboveRoom >= 0) || startsAnHour < 1) {
            throw new IllegalArgumentException(
                    "Noise and warmth must not be below zero, and one start an hour at least must be allowed");
        }
    }

    /**
     * One row of {@code compressors.csv}: free air in L/min by ISO 1217, pressures in bar gauge, receiver in L, kW at the shaft, dB(A) at 1 m, K above the room.
     *
     * @throws BrokenTable if it is not in form
     */
    public static Compressor read(CsvTable.Row r) {
        return new Compressor(
                r.need("id"),
                r.said("name"),
                FreeAir.ofLitresPerMinute(r.number("free_l_min")),
                GaugePressure.ofBar(r.number("in_bar")),
                GaugePressure.ofBar(r.number("out_bar")),
                Volume.ofLitres(r.number("receiver_l")),
                r.number("kw"),
                r.number("noise_db"),
                r.number("above_k"),
                (int) r.number("starts_h"),
                r.has("relief_bar") ? r.maybeNumber("relief_bar").map(GaugePressure::ofBar) : Optional.empty(),
                r.source());
    }

    /** Energy in a cubic metre of its free air (kWh/m3). */
    public double kilowattHoursPerCubicMetre() {
        return kilowatts / (delivers.litresPerMinute() * 0.06);
    }
}
