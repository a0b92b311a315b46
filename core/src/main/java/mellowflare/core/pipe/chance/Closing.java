package mellowflare.core.pipe.chance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import org.hipparchus.distribution.continuous.NormalDistribution;

/**
 * How likely it is that the far end comes to lie within what it takes up. First order: what scatters is taken as independent and bell-shaped, and the three directions apart from each other.
 *
 * @param chance 0 to 1
 * @param allowed how far the end may be out in each direction
 * @param shares what contributes, largest first
 * @param again the reading that is worth taking again; empty where no reading is to blame
 */
public record Closing(double chance, Length allowed, List<Share> shares, Optional<Share> again) {
    public Closing {
        shares = List.copyOf(shares);
    }

    /**
     * A contribution.
     *
     * @param part what contributes
     * @param share of the whole variance, 0 to 1
     */
    public record Share(Part part, double share) {}

    /**
     * Adds the parts up.
     *
     * @param parts what scatters
     * @param out how far the end lies out already, from rounding
     * @param allowed how far it may lie out in each direction; above zero
     */
    public static Closing of(List<Part> parts, Vector out, Length allowed) {
        double all = parts.stream().mapToDouble(Part::variance).sum();
        double x = 0;
        double y = 0;
        double z = 0;
        for (Part p : parts) {
            double v = p.scatter().mm() * p.scatter().mm();
            x += v * p.direction().x() * p.direction().x();
            y += v * p.direction().y() * p.direction().y();
            z += v * p.direction().z() * p.direction().z();
        }
        double chance = within(out.x(), Math.sqrt(x), allowed.mm())
                * within(out.y(), Math.sqrt(y), allowed.mm())
                * within(out.z(), Math.sqrt(z), allowed.mm());
        List<Share> shares = new ArrayList<>(parts.size());
        parts.forEach(p -> shares.add(new Share(p, all > 0 ? p.variance() / all : 0)));
        shares.sort((a, b) -> Double.compare(b.share, a.share));
        return new Closing(
                chance,
                allowed,
                shares,
                shares.stream().filter(s -> s.part().reading()).findFirst());
    }

    /** Chance that a figure of this mean and scatter lies within the limit either way. */
    private static double within(double mean, double scatter, double limit) {
        if (scatter < 1e-9) {
            return Math.abs(mean) <= limit ? 1 : 0;
        }
        return new NormalDistribution(mean, scatter).probability(-limit, limit);
    }
}
