package mellowflare.core.bag;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * What of a job nobody has seen.
 *
 * @param finds what it may turn out to be; none where everything is seen
 * @param parts that may be carried
 * @param usual the chance with which a bag is to finish, while nobody asks for another; above 0 and up to 1
 */
public record Unseen(List<Find> finds, List<BagPart> parts, double usual) {
    /** The chance wanted, where nobody says (house figure). */
    public static final double USUAL = 0.9;

    /** Nothing is hidden. */
    public static final Unseen NONE = new Unseen(List.of(), List.of(), USUAL);

    /** So many finds of two unseen places together; the least likely are left out as what no bag finishes. */
    private static final int MOST = 60;

    public Unseen {
        finds = List.copyOf(finds);
        parts = List.copyOf(parts);
        if (!(usual > 0 && usual <= 1)) {
            throw new IllegalArgumentException("A chance lies above 0 and up to 1, not " + usual);
        }
    }

    /** Ids of the parts that go along whatever is found. */
    public Set<String> always() {
        return parts.stream().filter(BagPart::always).map(BagPart::id).collect(Collectors.toUnmodifiableSet());
    }

    /** Two places of one job, neither of which says anything of the other: every find of one with every find of the other, one of the kits of each. */
    public Unseen and(Unseen other) {
        if (finds.isEmpty() || other.finds.isEmpty()) {
            return finds.isEmpty() ? other.carrying(parts) : carrying(other.parts);
        }
        double all = weight(finds);
        double others = weight(other.finds);
        List<Find> both = new ArrayList<>();
        for (Find a : finds) {
            for (Find b : other.finds) {
                both.add(new Find(
                        a.id() + "+" + b.id(),
                        Say.it("unseen.both", "first", a.name(), "second", b.name()),
                        100 * a.weight() / all * b.weight() / others,
                        Math.max(a.miss(), b.miss()),
                        kits(a.kits(), b.kits())));
            }
        }
        both.sort((x, y) -> Double.compare(y.weight(), x.weight()));
        return new Unseen(both.size() <= MOST ? both : shortened(both), parts, usual).carrying(other.parts);
    }

    private static List<Find> shortened(List<Find> all) {
        List<Find> some = new ArrayList<>(all.subList(0, MOST));
        double rest = weight(all.subList(MOST, all.size()));
        some.add(Find.usual("rest", Say.it("unseen.anything-else"), rest, List.of()));
        return some;
    }

    private static double weight(List<Find> finds) {
        return finds.stream().mapToDouble(Find::weight).sum();
    }

    private static List<Set<String>> kits(List<Set<String>> a, List<Set<String>> b) {
        List<Set<String>> all = new ArrayList<>();
        for (Set<String> x : a) {
            for (Set<String> y : b) {
                Set<String> kit = new HashSet<>(x);
                kit.addAll(y);
                all.add(kit);
            }
        }
        return all;
    }

    private Unseen carrying(List<BagPart> more) {
        Map<String, BagPart> all = new LinkedHashMap<>();
        parts.forEach(p -> all.put(p.id(), p));
        more.forEach(p -> all.putIfAbsent(p.id(), p));
        return new Unseen(finds, List.copyOf(all.values()), usual);
    }
}
