package mellowflare.core.flow;

import mellowflare.core.measure.Length;

/**
 * How a medium runs in a network of pipes: what drives it at a place, and what a pipe takes of that. Gas is driven by the square of its absolute pressure (isothermal), a liquid by its pressure and its
 * height.
 */
public interface FlowLaw {
    /**
     * What drives the medium at a place; what a pipe takes is a difference of it.
     *
     * @param pascal absolute pressure (Pa)
     * @param metres height over any level that is the same for all places (m)
     */
    double drive(double pascal, double metres);

    /** The absolute pressure (Pa) at a height (m) where a drive stands; the inverse of {@link #drive}. */
    double pascal(double drive, double metres);

    /**
     * The law of one pipe.
     *
     * @param length above zero
     * @param bore above zero
     * @param roughness of the wall, zero or more
     * @param k sum of the loss coefficients of its fittings, on the speed in this bore, zero or more
     */
    PipeLaw pipe(Length length, Length bore, Length roughness, double k);

    /** Density (kg/m3) at an absolute pressure (Pa). */
    double density(double pascal);

    /** How fast sound runs in it (m/s); infinite where no pipe could come near it. */
    double sound();

    /**
     * Whether the law leaves its range in a pipe.
     *
     * @param mach speed over the speed of sound
     * @param share of the absolute pressure at its head that is lost in it, 0 to 1
     */
    boolean beyond(double mach, double share);
}
