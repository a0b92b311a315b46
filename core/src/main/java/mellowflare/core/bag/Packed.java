package mellowflare.core.bag;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/**
 * The bag of a job.
 *
 * @param finds all that may be found, those of the fitter among them, weighted by what was seen
 * @param parts that may be carried
 * @param curve bags of rising size; none while nothing is unseen
 * @param bag the smallest that reaches what is wanted, or the last of the curve
 * @param wanted 0 to 1
 * @param by what the finds weigh by
 */
public record Packed(
        List<Find> finds, List<BagPart> parts, List<Bag> curve, Optional<Bag> bag, double wanted, BagAsk.By by) {
    /** What was seen elsewhere is so much likelier (house guess). */
    public static final double SEEN = 4;

    private static final String OWN = "own-";

    public Packed {
        finds = List.copyOf(finds);
        parts = List.copyOf(parts);
        curve = List.copyOf(curve);
    }

    /** Packs for what a line leaves unseen and what the fitter says beside it. */
    public static Packed of(Unseen unseen, BagAsk ask) {
        Map<String, BagPart> parts = new LinkedHashMap<>();
        unseen.parts().forEach(p -> parts.put(p.id(), p));
        List<Find> finds = new ArrayList<>(unseen.finds());
        ask.own().forEach(o -> finds.add(own(o, parts)));
        List<Find> weighed = finds.stream().map(f -> f.weighing(weight(f, ask))).toList();
        double wanted = ask.chance().orElse(unseen.usual());
        if (weighed.stream().allMatch(f -> f.weight() == 0)) {
            return new Packed(weighed, List.copyOf(parts.values()), List.of(), Optional.empty(), wanted, ask.by());
        }
        List<Find> packed = ask.by() == BagAsk.By.CHANCE
                ? weighed
                : weighed.stream().map(f -> f.weighing(f.weight() * f.miss())).toList();
        List<Bag> curve = Packing.curve(packed, unseen.always());
        return new Packed(
                weighed, List.copyOf(parts.values()), curve, Packing.reaching(curve, wanted), wanted, ask.by());
    }

    /** The id under which a find of the fitter's own is known. */
    public static String id(OwnFind own) {
        return OWN + own.name();
    }

    /** Parts are known again by their name, however it is written. */
    private static Find own(OwnFind own, Map<String, BagPart> parts) {
        Set<String> kit = own.parts().stream()
                .map(name -> parts.values().stream()
                        .filter(p -> p.name().equalsIgnoreCase(name.strip()))
                        .findFirst()
                        .orElseGet(() -> {
                            BagPart p = new BagPart(
                                    OWN + name.strip().toLowerCase(Locale.ROOT),
                                    name.strip(),
                                    Optional.empty(),
                                    false,
                                    new Source(Say.it("packed.named-here"), Confidence.UNCONFIRMED));
                            parts.put(p.id(), p);
                            return p;
                        })
                        .id())
                .collect(Collectors.toSet());
        return Find.usual(id(own), own.name(), own.weight(), kit.isEmpty() ? List.of() : List.of(kit));
    }

    private static double weight(Find f, BagAsk ask) {
        BagAsk.Sight sight = ask.sights().get(f.id());
        return sight == null ? f.weight() : sight == BagAsk.Sight.LIKELIER ? f.weight() * SEEN : 0;
    }

    /** Whether anything is unseen. */
    public boolean open() {
        return !curve.isEmpty();
    }

    /** How likely a find is, 0 to 1; zero while nothing weighs. */
    public double share(Find f) {
        double all = finds.stream().mapToDouble(Find::weight).sum();
        return all > 0 ? f.weight() / all : 0;
    }

    /** The chance that a bag finishes the job, 0 to 1. */
    public double chance(Bag b) {
        return finds.stream()
                .filter(f -> b.covers().contains(f.id()))
                .mapToDouble(this::share)
                .sum();
    }

    /** What the second trips that a bag leaves cost on average, in the catalogue's money. */
    public double loss(Bag b) {
        return finds.stream()
                .filter(f -> !b.covers().contains(f.id()))
                .mapToDouble(f -> share(f) * f.miss())
                .sum();
    }

    /** Whether a bag finishes the job with the chance that is wanted; one that is packed by cost may not. */
    public boolean reaches(Bag b) {
        return chance(b) >= wanted - 1e-9;
    }

    /** The parts of a bag, those that always go along first. */
    public List<BagPart> parts(Bag b) {
        return parts.stream()
                .filter(p -> b.parts().contains(p.id()))
                .sorted(Comparator.comparing(BagPart::always).reversed())
                .toList();
    }

    /** What the parts of a bag cost, as far as prices are known; empty while none is. */
    public Optional<Double> price(Bag b) {
        List<Double> known = parts(b).stream().flatMap(p -> p.price().stream()).toList();
        return known.isEmpty()
                ? Optional.empty()
                : Optional.of(known.stream().mapToDouble(p -> p).sum());
    }

    /** The finds with the likeliest first. */
    public List<Find> likeliest() {
        return finds.stream()
                .sorted(Comparator.comparingDouble(Find::weight).reversed())
                .toList();
    }
}
