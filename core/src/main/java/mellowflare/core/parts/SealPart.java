package mellowflare.core.parts;

import io.soabase.recordbuilder.core.RecordBuilder;
import mellowflare.core.connection.EndCode;
import mellowflare.core.reference.Source;

/**
 * A ring or washer.
 *
 * @param part part number of the catalogue
 * @param name as shown
 * @param form ring or washer
 * @param code the family of ends it seals
 * @param size the size it seals
 * @param compound what it is made of
 * @param onShelf how many lie on the shelf
 * @param price of one, in the catalogue's money
 * @param source of the figures
 */
@RecordBuilder
public record SealPart(
        String part,
        String name,
        Form form,
        EndCode code,
        String size,
        String compound,
        int onShelf,
        double price,
        Source source)
        implements SealPartBuilder.With {

    /** What it is. */
    public enum Form {
        RING,
        WASHER
    }
}
