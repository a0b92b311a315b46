package mellowflare.core.broken.stock;

import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * What the part is made of.
 *
 * @param brittle whether it breaks without a sign
 * @param warning said before the pull; may be empty
 * @param lever whether it can take a longer lever
 * @param heat whether it can take a heat gun
 */
public record StuckMaterial(
        Id id, String name, boolean brittle, String warning, boolean lever, boolean heat, Source source) {

    /** The materials. */
    public enum Id {
        OLD_BRASS,
        BRASS,
        CHROMED,
        IRON,
        STEEL,
        COPPER,
        PLASTIC
    }

    static StuckMaterial read(CsvTable.Row r) {
        return new StuckMaterial(
                r.word("id", Id.class),
                r.said("name"),
                r.yes("brittle"),
                r.saidIfAny("warning"),
                r.yes("lever"),
                r.yes("heat"),
                r.source());
    }
}
