package mellowflare.core.gas.stock;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * An upright cylinder of liquefied gas.
 *
 * @param id stable name
 * @param name as shown
 * @param kilograms of gas when full (kg)
 * @param diameter outside
 * @param shell height of the straight part that holds liquid when full
 * @param source of its figures
 */
public record Cylinder(String id, String name, double kilograms, Length diameter, Length shell, Source source) {
    public Cylinder {
        if (!(kilograms > 0) || diameter.mm() <= 0 || shell.mm() <= 0) {
            throw new IllegalArgumentException("A cylinder holds something");
        }
    }

    /**
     * Wall that liquid touches: the bottom and the shell to the liquid's height (m2).
     *
     * @param fill of what it holds when full, 0 to 1
     */
    public double wetted(double fill) {
        double d = diameter.mm() / 1000;
        return Math.PI * d * (d / 4 + shell.mm() / 1000 * Math.max(0, Math.min(1, fill)));
    }

    static Cylinder read(CsvTable.Row r) {
        return new Cylinder(
                r.need("id"),
                r.said("name"),
                r.number("kg"),
                r.length("diameter_mm"),
                r.length("shell_mm"),
                r.source());
    }
}
