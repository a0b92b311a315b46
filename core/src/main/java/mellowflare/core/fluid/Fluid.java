package mellowflare.core.fluid;

import java.util.Optional;
import java.util.Set;
import mellowflare.core.reference.Source;

/**
 * A fluid that runs in a line.
 *
 * @param id stable name, such as {@code mineral-oil}
 * @param name as shown
 * @param group kind of fluid
 * @param densityKgPerM3 density near 20 C (kg/m3)
 * @param viscosity of a liquid; empty for gases and refrigerants, whose flow is not computed here
 * @param tapeAllowed whether shreds of PTFE tape are tolerable in it
 * @param caution what can hurt, shown at the step where it matters
 * @param hazards what it can do that changes the order of work
 * @param source of these figures
 */
public record Fluid(
        String id,
        String name,
        FluidGroup group,
        double densityKgPerM3,
        Optional<ViscosityCurve> viscosity,
        boolean tapeAllowed,
        String caution,
        Set<Hazard> hazards,
        Source source) {
    public Fluid {
        hazards = Set.copyOf(hazards);
    }

    public boolean burnsEasily() {
        return group == FluidGroup.FUEL;
    }
}
