package mellowflare.app.gauge;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.identify.Identification;
import mellowflare.core.measure.Length;
import mellowflare.core.sealing.SealAdvice;

/**
 * All that Gauge shows for one observation.
 *
 * @param answer the ranking
 * @param drawing the half-section
 * @param held what is held, in words
 * @param seal how the likeliest end is sealed
 * @param reasonsFor what speaks for the likeliest
 * @param reasonsAgainst what speaks against it
 * @param lookAlikes its look-alikes, in words
 * @param warnings what the rules warn of, with what to do
 * @param goesWith what the likeliest goes together with, in words
 * @param otherReading the diameter in the other unit, where that fits far better
 */
public record GaugeResult(
        Identification answer,
        Drawing drawing,
        String held,
        Optional<SealAdvice> seal,
        List<String> reasonsFor,
        List<String> reasonsAgainst,
        List<String> lookAlikes,
        List<String> warnings,
        String goesWith,
        Optional<Length> otherReading) {
    public GaugeResult {
        reasonsFor = List.copyOf(reasonsFor);
        reasonsAgainst = List.copyOf(reasonsAgainst);
        lookAlikes = List.copyOf(lookAlikes);
        warnings = List.copyOf(warnings);
    }
}
