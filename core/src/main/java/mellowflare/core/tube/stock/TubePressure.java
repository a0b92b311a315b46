package mellowflare.core.tube.stock;

import java.util.Optional;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Temperature;

/**
 * What pressure a tube withstands inside. Thin wall: Barlow on the outside diameter, p = 2 S t / D. Thick wall (D / t below 20) also by greatest shear,
 * p = S (D2 - d2) / (2 D2); the lower holds. S is the tensile strength over the design factor, and no more than two thirds of yield (ASME B31 practice), times
 * what heat leaves of it.
 *
 * @param barlow by Barlow
 * @param shear by greatest shear, for thick walls
 * @param stressMpa the stress allowed (MPa)
 * @param byYield whether two thirds of yield is what limits the stress
 * @param factor the design factor used
 * @param share of the strength left by heat
 */
public record TubePressure(
        GaugePressure barlow,
        Optional<GaugePressure> shear,
        double stressMpa,
        boolean byYield,
        double factor,
        double share) {
    /** Usual design factor on tensile strength, as for hose (4:1). */
    public static final double USUAL_FACTOR = 4;

    private static final double THICK_BELOW = 20;
    private static final double OF_YIELD = 2.0 / 3;
    private static final double BAR_PER_MPA = 10;

    /**
     * @param tube the tube
     * @param wall the wall that is left, at most the tube's own
     * @param factor design factor on tensile strength, 1.5 to 10
     * @param at temperature of the wall; empty for cool
     * @param materials for what heat leaves
     * @return empty when it is too hot for the table
     */
    public static Optional<TubePressure> of(
            Tube tube, Length wall, double factor, Optional<Temperature> at, TubeMaterials materials) {
        if (!(factor >= 1.5 && factor <= 10)) {
            throw new IllegalArgumentException("A design factor lies between 1.5 and 10, not " + factor);
        }
        Optional<Double> share = at.isPresent() ? materials.share(tube.material(), at.get()) : Optional.of(1.0);
        return share.map(s -> of(tube, wall, factor, s));
    }

    private static TubePressure of(Tube tube, Length wall, double factor, double share) {
        double byTensile = tube.material().tensileMpa() / factor;
        double byYield = tube.material().yieldMpa() * OF_YIELD;
        double stress = Math.min(byTensile, byYield) * share;
        double d = tube.outside().mm();
        double t = Math.min(wall.mm(), tube.wall().mm());
        double bore = d - 2 * t;
        Optional<GaugePressure> shear = d / t < THICK_BELOW
                ? Optional.of(GaugePressure.ofBar(stress * (d * d - bore * bore) / (2 * d * d) * BAR_PER_MPA))
                : Optional.empty();
        return new TubePressure(
                GaugePressure.ofBar(2 * stress * t / d * BAR_PER_MPA),
                shear,
                stress,
                byYield < byTensile,
                factor,
                share);
    }

    /** The lower of both. */
    public GaugePressure rated() {
        return shear.filter(s -> s.compareTo(barlow) < 0).orElse(barlow);
    }

    /** Which formula rules. */
    public String criterion() {
        return shear.filter(s -> s.compareTo(barlow) < 0).isPresent()
                ? Say.it("tube-pressure.greatest-shear-thick-wall")
                : Say.it("tube-pressure.barlow-on-outside-diameter");
    }
}
