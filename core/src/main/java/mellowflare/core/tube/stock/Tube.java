package mellowflare.core.tube.stock;

import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * A tube: outside diameter, wall and what it is made of.
 *
 * @param name as shown
 * @param outside outside diameter, above zero
 * @param wall above zero, less than half the outside diameter
 * @param material in its temper
 * @param source where the size comes from
 */
public record Tube(String name, Length outside, Length wall, TubeMaterial material, Source source) {
    public Tube {
        if (outside.mm() <= 0 || wall.mm() <= 0) {
            throw new IllegalArgumentException("Outside diameter and wall are above zero");
        }
        if (wall.mm() * 2 >= outside.mm()) {
            throw new IllegalArgumentException("A wall of " + wall.mm() + " mm leaves no bore in a tube of "
                    + outside.mm() + " mm: it must be less than half of it");
        }
    }

    public Length bore() {
        return outside.minus(wall.times(2));
    }

    /** Square measure of the metal (mm2). */
    public double metalMm2() {
        double d = outside.mm();
        double b = bore().mm();
        return Math.PI / 4 * (d * d - b * b);
    }

    /** Square measure of the bore (mm2). */
    public double boreMm2() {
        return Math.PI / 4 * bore().mm() * bore().mm();
    }

    /** Weight of a length (kg). */
    public double kilograms(Length length) {
        return metalMm2() * length.mm() * 1e-9 * material.densityKgPerM3();
    }

    /** What a length holds (litres). */
    public double litres(Length length) {
        return boreMm2() * length.mm() * 1e-6;
    }

    /** The thinnest wall that its standard lets through. */
    public Length leastWall() {
        return wall.times(1 - material.wallMinus());
    }

    /** The same tube of another material. */
    public Tube of(TubeMaterial other) {
        return new Tube(name, outside, wall, other, source);
    }

    /** Wall at the outside of a bend, the volume of the wall being kept: least wall times R / (R + OD / 2). */
    public Length wallOutsideBend(Length radius) {
        return leastWall().times(radius.mm() / (radius.mm() + outside.mm() / 2));
    }
}
