package mellowflare.core.water.stock;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * A size of house pipe.
 *
 * @param id stable name
 * @param material of it
 * @param name as shown
 * @param size a label and no length
 * @param outside diameter
 * @param bore least inside diameter
 * @param source which standard
 */
public record HousePipe(
        String id, HouseMaterial material, String name, String size, Length outside, Length bore, Source source) {
    static HousePipe read(CsvTable.Row r) {
        return new HousePipe(
                r.need("id"),
                r.word("material", HouseMaterial.class),
                r.said("name"),
                r.need("size"),
                r.length("outside_mm"),
                r.length("bore_mm"),
                r.source());
    }
}
