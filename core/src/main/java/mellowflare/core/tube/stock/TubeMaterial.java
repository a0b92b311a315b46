package mellowflare.core.tube.stock;

import java.util.Optional;
import mellowflare.core.material.Metal;
import mellowflare.core.reference.Source;

/**
 * What tube is made of, in one temper.
 *
 * @param id stable name
 * @param name as shown
 * @param brief as said in lists
 * @param metal for what it may touch
 * @param densityKgPerM3 above zero
 * @param tensileMpa least tensile strength (MPa)
 * @param yieldMpa least yield strength (MPa)
 * @param elongation least elongation at break, a share
 * @param springBack share of a bend that stays: measured over commanded, until a trial bend says better
 * @param rimLimit stretch round the rim of a flare, natural logarithm of the diameters, that a clean deburred edge withstands
 * @param anneals whether it can be softened at the bench
 * @param wallMinus share by which the standard lets the wall be thinner, 0 to below 0.5
 * @param brazedAs id of the material whose strength is left when an end is brazed; empty for what heat does not soften
 * @param source where the figures come from
 */
public record TubeMaterial(
        String id,
        String name,
        String brief,
        Metal metal,
        double densityKgPerM3,
        double tensileMpa,
        double yieldMpa,
        double elongation,
        double springBack,
        double rimLimit,
        boolean anneals,
        double wallMinus,
        Optional<String> brazedAs,
        Source source) {
    /** Below this elongation a flare splits whatever is done (house figure). */
    private static final double FLARES_FROM = 0.15;

    public TubeMaterial {
        if (!(densityKgPerM3 > 0 && tensileMpa > 0 && yieldMpa > 0 && elongation > 0 && rimLimit > 0)) {
            throw new IllegalArgumentException("Density, strengths and stretch are above zero: " + id);
        }
        if (!(wallMinus >= 0 && wallMinus < 0.5)) {
            throw new IllegalArgumentException("A wall is thinner by less than half: " + id);
        }
        if (!(springBack > 0.5 && springBack <= 1)) {
            throw new IllegalArgumentException("Of a bend more than half stays and no more than all: " + id);
        }
    }

    /** Whether it is soft enough to be flared. */
    public boolean flares() {
        return elongation >= FLARES_FROM;
    }
}
