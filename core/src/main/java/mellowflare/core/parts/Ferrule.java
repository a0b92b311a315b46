package mellowflare.core.parts;

import io.soabase.recordbuilder.core.RecordBuilder;
import mellowflare.core.measure.LengthBand;
import mellowflare.core.reference.Source;

/**
 * What grips a hose on its end: a ferrule, an olive, a clamp.
 *
 * @param part part number of the catalogue
 * @param name as shown
 * @param form what it is
 * @param outside outside diameters of the hoses it is made for
 * @param die the die that presses it; empty when none does
 * @param onShelf how many lie on the shelf
 * @param price of one, in the catalogue's money
 * @param source of the figures
 */
@RecordBuilder
public record Ferrule(
        String part, String name, Form form, LengthBand outside, String die, int onShelf, double price, Source source)
        implements FerruleBuilder.With {

    /** What a ferrule is. */
    public enum Form {
        FERRULE,
        OLIVE,
        CLAMP
    }
}
