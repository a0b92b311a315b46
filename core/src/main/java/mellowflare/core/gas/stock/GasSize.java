package mellowflare.core.gas.stock;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * One size of a kind of gas pipe. Prices are in the catalogue's money.
 *
 * @param system id of its kind
 * @param size name, a label and no length
 * @param outside diameter
 * @param wall thickness
 * @param metre price of a metre
 * @param fitting price of one fitting
 * @param hanger greatest spacing of supports; empty where it lies in the ground
 * @param source of its figures
 */
public record GasSize(
        String system,
        String size,
        Length outside,
        Length wall,
        double metre,
        double fitting,
        Optional<Length> hanger,
        Source source) {
    public GasSize {
        if (!(wall.mm() > 0) || !(outside.mm() > 2 * wall.mm())) {
            throw new IllegalArgumentException("A pipe is wider outside than its two walls");
        }
        if (!(metre >= 0) || !(fitting >= 0)) {
            throw new IllegalArgumentException("A price is not below zero");
        }
    }

    /**
     * One row of {@code sizes.csv}.
     *
     * @throws mellowflare.core.reference.BrokenTable if it is not in form
     */
    public static GasSize read(CsvTable.Row r) {
        return new GasSize(
                r.need("system"),
                r.need("size"),
                r.length("outside_mm"),
                r.length("wall_mm"),
                r.number("metre"),
                r.number("fitting"),
                Optional.of(r.length("hanger_mm")).filter(l -> l.mm() > 0),
                r.source());
    }

    /** Outside less two walls. */
    public Length bore() {
        return outside.minus(wall.times(2));
    }
}
