package mellowflare.core.gas.net;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.flow.BuoyantGasLaw;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.GaugePressure;

/**
 * The cheapest sizes of a tree with which every inlet gets its pressure. What runs in a pipe of a tree is known before its size, and what it loses adds up along the way; so each place needs only its
 * front: for every need of pressure the least cost of all that hangs on it, no point of which is both dearer and needs more than another. Merged from the burners to the source these fronts hold the
 * optimum, and the answer is proven.
 */
public final class CheapestSizes {
    /** Beyond so many points a front is thinned, and the answer no longer proven. */
    private static final int MOST_POINTS = 50_000;

    private final GasNet net;
    private final Map<String, List<Choice>> choices;
    private final Reach reach;
    private boolean proven = true;

    private CheapestSizes(GasNet net, Map<String, List<Choice>> choices) {
        this.net = net;
        this.choices = choices;
        this.reach = Reach.of(net);
    }

    /**
     * A size that a pipe may have.
     *
     * @param size its name
     * @param pipe the pipe with the bore and fittings of that size
     * @param price of pipe and fittings, in the catalogue's money
     */
    public record Choice(String size, GasNet.Pipe pipe, double price) {}

    /**
     * What was found.
     *
     * @param sizes chosen, by pipe; pipes that were not asked about are not in it
     * @param price of all of them
     * @param proven whether no cheaper set of sizes exists
     */
    public record Found(Map<String, Choice> sizes, double price, boolean proven) {
        public Found {
            sizes = Map.copyOf(sizes);
        }
    }

    /**
     * @param net a tree; draws say the pressure that each needs, and a draw without one needs none
     * @param choices sizes for the pipes that may change; every other pipe stays as it is
     * @return empty where the pipes form a loop, or even the widest sizes do not serve
     */
    public static Optional<Found> of(GasNet net, Map<String, List<Choice>> choices) {
        return new CheapestSizes(net, choices).find();
    }

    /** One point of a front: what all behind a place costs, and the drive it needs there. */
    private record Point(double price, double need, Choice choice, Point one, Point other) {}

    private Optional<Found> find() {
        if (!reach.tree()) {
            return Optional.empty();
        }
        Map<String, GaugePressure> feeds = new LinkedHashMap<>();
        feeds.put(net.source(), net.feed());
        net.regulators().forEach(r -> feeds.put(r.to(), r.out()));
        Map<String, List<GasNet.Pipe>> at = new HashMap<>();
        for (GasNet.Pipe p : net.pipes()) {
            at.computeIfAbsent(p.from(), k -> new ArrayList<>()).add(p);
            at.computeIfAbsent(p.to(), k -> new ArrayList<>()).add(p);
        }
        Map<String, Choice> chosen = new HashMap<>();
        double price = 0;
        for (Map.Entry<String, GaugePressure> feed : feeds.entrySet()) {
            BuoyantGasLaw law = net.law(feed.getValue());
            double given = drive(law, feed.getValue(), feed.getKey());
            Optional<Point> best = front(feed.getKey(), null, at, law).stream()
                    .filter(p -> p.need <= given)
                    .min(Comparator.comparingDouble(Point::price));
            if (best.isEmpty()) {
                return Optional.empty();
            }
            price += best.get().price;
            take(best.get(), chosen);
        }
        return Optional.of(new Found(chosen, price, proven));
    }

    private double drive(BuoyantGasLaw law, GaugePressure p, String node) {
        return law.drive(
                AbsolutePressure.of(p, net.barometer()).pascal(),
                net.height(node).mm() / 1000);
    }

    /** The front at a place: all that hangs on it, away from where it is fed. */
    private List<Point> front(String node, GasNet.Pipe cameBy, Map<String, List<GasNet.Pipe>> at, BuoyantGasLaw law) {
        double need = Double.NEGATIVE_INFINITY;
        for (GasNet.Draw d : net.draws()) {
            if (d.node().equals(node) && d.least().isPresent()) {
                need = Math.max(need, drive(law, d.least().get(), node));
            }
        }
        for (GasNet.Reduce r : net.regulators()) {
            if (r.from().equals(node)) {
                need = Math.max(need, drive(law, r.least(), node));
            }
        }
        List<Point> here = List.of(new Point(0, need, null, null, null));
        for (GasNet.Pipe p : at.getOrDefault(node, List.of())) {
            if (p != cameBy) {
                String other = p.from().equals(node) ? p.to() : p.from();
                here = together(here, through(p, front(other, p, at, law), law));
            }
        }
        return here;
    }

    private List<Point> through(GasNet.Pipe pipe, List<Point> behind, BuoyantGasLaw law) {
        List<Choice> sizes = choices.getOrDefault(pipe.name(), List.of(new Choice("", pipe, 0)));
        double flow = reach.of(pipe.name())
                .map(c -> net.gas().mass(c.flow()).kgPerSecond())
                .orElse(0.0);
        List<Point> all = new ArrayList<>(sizes.size() * behind.size());
        double[] lost = {0, 0};
        for (Choice c : sizes) {
            lost[0] = 0;
            if (flow > 0 && c.pipe.counts().mm() > 0) {
                law.pipe(c.pipe.counts(), c.pipe.bore(), c.pipe.rough(), 0).lost(flow, lost);
            }
            for (Point b : behind) {
                all.add(new Point(b.price + c.price, b.need + lost[0], c, b, null));
            }
        }
        return pruned(all);
    }

    /** Both together: the greater need, the sum of the prices. */
    private List<Point> together(List<Point> a, List<Point> b) {
        List<Point> all = new ArrayList<>(a.size() + b.size());
        int i = 0;
        int j = 0;
        // Both run from the dearest point with the least need to the cheapest with the greatest.
        while (i < a.size() && j < b.size()) {
            Point x = a.get(i);
            Point y = b.get(j);
            all.add(new Point(x.price + y.price, Math.max(x.need, y.need), null, x, y));
            boolean xNext = i + 1 < a.size();
            boolean yNext = j + 1 < b.size();
            if (!xNext && !yNext) {
                break;
            }
            if (!yNext || xNext && a.get(i + 1).need <= b.get(j + 1).need) {
                i++;
            } else {
                j++;
            }
        }
        return pruned(all);
    }

    private List<Point> pruned(List<Point> all) {
        all.sort(Comparator.comparingDouble(Point::need).thenComparingDouble(Point::price));
        List<Point> kept = new ArrayList<>();
        double cheapest = Double.POSITIVE_INFINITY;
        for (Point p : all) {
            if (p.price < cheapest) {
                kept.add(p);
                cheapest = p.price;
            }
        }
        if (kept.size() <= MOST_POINTS) {
            return kept;
        }
        proven = false;
        List<Point> thinned = new ArrayList<>();
        int step = 1 + kept.size() / MOST_POINTS;
        for (int i = 0; i < kept.size(); i += step) {
            thinned.add(kept.get(i));
        }
        if (thinned.get(thinned.size() - 1) != kept.get(kept.size() - 1)) {
            thinned.add(kept.get(kept.size() - 1));
        }
        return thinned;
    }

    private void take(Point p, Map<String, Choice> into) {
        if (p.choice != null && choices.containsKey(p.choice.pipe.name())) {
            into.put(p.choice.pipe.name(), p.choice);
        }
        if (p.one != null) {
            take(p.one, into);
        }
        if (p.other != null) {
            take(p.other, into);
        }
    }
}
