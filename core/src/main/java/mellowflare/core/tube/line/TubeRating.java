package mellowflare.core.tube.line;

import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.stock.Tube;
import mellowflare.core.tube.stock.TubeMaterials;
import mellowflare.core.tube.stock.TubePressure;

/** What pressure the tube of a line withstands, with the wall that its bends leave and at its hottest. */
public final class TubeRating {
    private TubeRating() {}

    /** The wall that rules, the standard's tolerance taken off: outside the bends where there are any. */
    public static Length wall(TubeCase c) {
        Tube tube = c.tube().orElseThrow();
        return c.path()
                .filter(p -> !p.bends().isEmpty())
                .flatMap(p -> c.radius())
                .map(tube::wallOutsideBend)
                .orElse(tube.leastWall());
    }

    /** Whether an end is brazed, so that hard tube is soft there. */
    public static boolean brazed(TubeCase c) {
        return c.sides().stream()
                .anyMatch(s -> s.traits()
                        .filter(t -> t.made() == EndTraits.Made.BRAZED)
                        .isPresent());
    }

    /** What it withstands; empty while no tube is chosen, and when it is too hot for the table. */
    public static Optional<TubePressure> of(TubeCase c) {
        TubeMaterials materials = c.data().get(TubeMaterials.KEY);
        return c.tube()
                .flatMap(t -> TubePressure.of(
                        brazed(c) ? t.of(materials.brazed(t.material())) : t,
                        wall(c),
                        c.line().factor(),
                        c.service().fluidTemperature(),
                        materials));
    }
}
