package mellowflare.core.parts;

import java.util.Comparator;
import java.util.List;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;

/**
 * Adapters one after the other, from one end to another.
 *
 * @param links in order, never empty
 * @param tapers how many of its joints seal on a taper thread
 */
public record AdapterChain(List<Link> links, int tapers) {
    /** Fewest joints first, then the higher pressure, then the lower price; at last by part numbers, so that the order is steady. */
    public static final Comparator<AdapterChain> SENSIBLE = Comparator.comparingInt(AdapterChain::joints)
            .thenComparing(c -> -c.weakest().bar())
            .thenComparingDouble(AdapterChain::price)
            .thenComparing(c -> c.links().toString());

    public AdapterChain {
        links = List.copyOf(links);
        if (links.isEmpty()) {
            throw new IllegalArgumentException("A chain has an adapter; without one the ends meet by themselves");
        }
    }

    /**
     * One adapter as it stands in a chain.
     *
     * @param part the adapter
     * @param turned whether its end B comes first
     */
    public record Link(AdapterPart part, boolean turned) {
        @Override
        public String toString() {
            return part.part();
        }
    }

    /** Joints between the two ends: one more than adapters. */
    public int joints() {
        return links.size() + 1;
    }

    /** What the weakest of them bears. */
    public GaugePressure weakest() {
        return links.stream()
                .map(l -> l.part().rating())
                .min(Comparator.comparingDouble(GaugePressure::bar))
                .orElseThrow();
    }

    public Length narrowest() {
        return links.stream()
                .map(l -> l.part().bore())
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    public double price() {
        return links.stream().mapToDouble(l -> l.part().price()).sum();
    }

    public boolean onShelf() {
        return links.stream().allMatch(l -> l.part().onShelf() > 0);
    }
}
