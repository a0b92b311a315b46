package mellowflare.core.bag;

import java.util.Optional;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A part that may go into the bag.
 *
 * @param id stable name
 * @param name as shown
 * @param price in the catalogue's money; empty where nobody said
 * @param always whether it goes along whatever is found, such as what closes the line again
 * @param source who says so
 */
public record BagPart(String id, String name, Optional<Double> price, boolean always, Source source) {
    /** Reads a part with its price. */
    public static BagPart read(CsvTable.Row r) {
        return new BagPart(r.need("id"), r.said("name"), Optional.of(r.number("price")), r.yes("always"), r.source());
    }
}
