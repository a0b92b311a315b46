package mellowflare.core.water.stock;

import java.util.Optional;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * What leads from a stop valve to the equipment.
 *
 * @param name as shown
 * @param flexible whether it bends by hand
 * @param offset greatest misalignment sideways; empty where it follows from its length
 * @param tilt greatest angle between both axes
 * @param swivel whether an end turns by itself
 * @param price in the catalogue's money
 * @param minutes to fit
 * @param most pressure
 * @param warmest water
 * @param source which standard
 */
public record LinkKind(
        Id id,
        String name,
        boolean flexible,
        Optional<Length> offset,
        Angle tilt,
        boolean swivel,
        double price,
        double minutes,
        GaugePressure most,
        Temperature warmest,
        Source source) {

    /** The kinds. */
    public enum Id {
        FLEX,
        TUBE,
        UNION,
        GLUED
    }

    static LinkKind read(CsvTable.Row r) {
        return new LinkKind(
                r.word("id", Id.class),
                r.said("name"),
                r.yes("flexible"),
                r.maybeLength("offset_mm"),
                Angle.ofDegrees(r.number("tilt_deg")),
                r.yes("swivel"),
                r.number("price"),
                r.number("minutes"),
                GaugePressure.ofBar(r.number("to_bar")),
                Temperature.ofCelsius(r.number("to_c")),
                r.source());
    }
}
