package mellowflare.core.parts;

import java.util.Comparator;
import java.util.List;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.connection.Together;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;

/**
 * Adapters one after the other, from one end to another.
 *
 * @param links in order, never empty
 * @param meetings where two ends meet, in order: one more than links
 */
public record AdapterChain(List<Link> links, List<Meeting> meetings) {
    /**
     * Fewest joints first, then those made for each other, then the higher pressure, then the lower price; at last by part numbers, so that the order
     * is steady.
     */
    public static final Comparator<AdapterChain> SENSIBLE = Comparator.comparingInt(AdapterChain::joints)
            .thenComparingLong(
                    c -> c.meetings.stream().filter(Meeting::onCondition).count())
            .thenComparing(c -> -c.weakest().bar())
            .thenComparingDouble(AdapterChain::price)
            .thenComparing(c -> c.links().toString());

    public AdapterChain {
        links = List.copyOf(links);
        meetings = List.copyOf(meetings);
        if (meetings.size() != links.size() + 1) {
            throw new IllegalArgumentException("A chain has one joint more than adapters");
        }
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

    /** Two ends that seal on each other. */
    public record Meeting(End one, End other) {
        public Meeting {
            if (Together.of(one, other).isEmpty()) {
                throw new IllegalArgumentException(one.id() + " and " + other.id() + " do not seal on each other");
            }
        }

        boolean onThread() {
            return together().seats().get(0) == Seat.NONE;
        }

        boolean onCondition() {
            return together().how() == Together.How.ON_CONDITION;
        }

        private Together together() {
            return Together.of(one, other).orElseThrow();
        }
    }

    /** How many of its joints seal on a taper thread. */
    public int tapers() {
        return (int) meetings.stream().filter(Meeting::onThread).count();
    }

    /** Joints between the two ends: one more than adapters. */
    public int joints() {
        return links.size() + 1;
    }

    /** What the weakest of them withstands. */
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
