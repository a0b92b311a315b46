package mellowflare.core.run.stock;

import java.util.stream.DoubleStream;
import java.util.stream.Stream;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * One size of a system. Prices are in the catalogue's money.
 *
 * @param system id of its system
 * @param size name of the size, a label and no length
 * @param outside diameter
 * @param wall thickness
 * @param insert how far the pipe goes into a fitting
 * @param elbow from the centre of an elbow to where the pipe's end stands
 * @param tee the same along a tee
 * @param branch the same in a tee's branch
 * @param coupling gap between the two ends in a coupling
 * @param hanger longest spacing of hangers, level
 * @param metre price of a metre
 * @param elbowPrice price of an elbow
 * @param teePrice price of a tee
 * @param couplingPrice price of a coupling, union or reducer
 * @param valvePrice price of a ball valve
 * @param hangerPrice price of a hanger
 * @param source of its figures
 */
public record PipeSize(
        String system,
        String size,
        Length outside,
        Length wall,
        Length insert,
        Length elbow,
        Length tee,
        Length branch,
        Length coupling,
        Length hanger,
        double metre,
        double elbowPrice,
        double teePrice,
        double couplingPrice,
        double valvePrice,
        double hangerPrice,
        Source source) {
    public PipeSize {
        if (!(wall.mm() > 0) || !(outside.mm() > 2 * wall.mm())) {
            throw new IllegalArgumentException("A pipe is wider outside than its two walls");
        }
        if (Stream.of(insert, elbow, tee, branch, coupling).anyMatch(l -> l.mm() < 0) || !(hanger.mm() > 0)) {
            throw new IllegalArgumentException("Depths and stops are not below zero, and hangers stand apart");
        }
        if (DoubleStream.of(metre, elbowPrice, teePrice, couplingPrice, valvePrice, hangerPrice)
                .anyMatch(p -> !(p >= 0))) {
            throw new IllegalArgumentException("A price is not below zero");
        }
    }

    /**
     * One row of {@code sizes.csv}; prices in the catalogue's money.
     *
     * @throws BrokenTable if it is not in form
     */
    public static PipeSize read(CsvTable.Row r) {
        return new PipeSize(
                r.need("system"),
                r.need("size"),
                r.length("outside_mm"),
                r.length("wall_mm"),
                r.length("insert_mm"),
                r.length("elbow_mm"),
                r.length("tee_mm"),
                r.length("branch_mm"),
                r.length("coupling_mm"),
                r.length("hanger_mm"),
                r.number("metre"),
                r.number("elbow"),
                r.number("tee"),
                r.number("coupling"),
                r.number("valve"),
                r.number("hanger"),
                r.source());
    }

    /** Outside less two walls. */
    public Length bore() {
        return outside.minus(wall.times(2));
    }

    /**
     * Mass of a length of empty pipe (kg): pi (outside - wall) wall x density.
     *
     * @param density of the wall (g/cm3)
     */
    public double kilograms(Length length, double density) {
        return Math.PI * (outside.mm() - wall.mm()) * wall.mm() * length.mm() * density * 1e-6;
    }

    /** The size with its system's way of naming it. */
    public String name() {
        return size.contains("/") || size.length() < 2
                ? Say.it("pipe-size.text", "size", size)
                : Say.it("pipe-size.mm", "size", size);
    }
}
