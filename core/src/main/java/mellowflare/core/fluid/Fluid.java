package mellowflare.core.fluid;

import mellowflare.core.reference.Source;

/**
 * A fluid that runs in a line.
 *
 * @param id stable name, such as {@code mineral-oil}
 * @param name as shown
 * @param group kind of fluid
 * @param densityKgPerM3 density near 20 C (kg/m3)
 * @param tapeAllowed whether shreds of PTFE tape are tolerable in it
 * @param caution what can hurt, shown at the step where it matters
 * @param source of these figures
 */
public record Fluid(
        String id,
        String name,
        FluidGroup group,
        double densityKgPerM3,
        boolean tapeAllowed,
        String caution,
        Source source) {

    public boolean burnsEasily() {
        return group == FluidGroup.FUEL;
    }
}
