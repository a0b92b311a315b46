package mellowflare.core.water.stock;

import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A part that may go into the bag.
 *
 * @param price in the catalogue's money
 * @param always whether it goes along whatever is found: it gets the water back on
 */
public record BagPart(String id, String name, double price, boolean always, Source source) {
    static BagPart read(CsvTable.Row r) {
        return new BagPart(r.need("id"), r.said("name"), r.number("price"), r.yes("always"), r.source());
    }
}
