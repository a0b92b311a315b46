package mellowflare.core.broken.stock;

import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * One extractor of a set. Numbers differ between sets: the set's own list decides.
 *
 * @param set which set
 * @param size pipe size of what it takes out
 * @param number on the tool
 */
public record Extractor(String set, String size, String number, Source source) {
    static Extractor read(CsvTable.Row r) {
        String size = r.need("size");
        if (!PipeSizes.ALL.contains(size)) {
            throw r.broken("size", Say.it("extractor.no-size", "size", size));
        }
        return new Extractor(r.said("set"), size, r.need("number"), r.source());
    }

    /** What no two rows have in common. */
    String key() {
        return set + " " + size;
    }
}
