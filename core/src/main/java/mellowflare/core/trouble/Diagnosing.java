package mellowflare.core.trouble;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellowflare.core.infer.Bayes;

/** Narrows causes by what is said. Holds no state but the tables; safe for many threads. */
public final class Diagnosing {
    /** Prior of a cause that is in no table (house figure). */
    static final double UNKNOWN_PRIOR = 0.10;

    /** How often such a cause shows a given sign (house figure). */
    private static final double UNKNOWN_SHOWS = 0.035;

    /** Least chance of an answer that no row names (house figure). */
    private static final double LEAST = 0.01;

    /** Below this many bits no look is worth it. */
    private static final double WORTH_BITS = 0.02;

    private static final double NEGLIGIBLE = 1e-4;

    private final TroubleTable table;
    private final List<Sign> looks;
    /** How likely each sign is with each cause, by the cause's code and the sign's word. */
    private final Map<String, Map<String, Double>> likely = new HashMap<>();

    /** The same of the looks alone, by the cause's code and in the order of the looks. */
    private final Map<String, double[]> likelyLooks = new HashMap<>();

    private final Map<String, Double> ofUnknown = new HashMap<>();

    public Diagnosing(TroubleTable table) {
        this.table = table;
        this.looks = table.of(SignGroup.SEEN);
        for (Cause c : table.causes()) {
            Map<String, Double> of = new HashMap<>();
            for (Sign s : table.signs()) {
                of.put(s.id(), s.base().isPresent() ? shows(c, s) : answer(c, s));
            }
            likely.put(c.id(), of);
            likelyLooks.put(c.id(), ofLooks(of));
        }
        for (Sign s : table.signs()) {
            ofUnknown.put(
                    s.id(),
                    s.base()
                            .map(b -> Math.max(UNKNOWN_SHOWS, b))
                            .orElse(1.0 / table.of(s.group()).size()));
        }
    }

    /**
     * Causes by their chance, with the look that tells most.
     *
     * @throws IllegalArgumentException if a sign is in no table
     */
    public Diagnosis of(TroubleAsk ask) {
        return of(ask, ShopCauses.NONE);
    }

    /**
     * The same with what this shop found before.
     *
     * @throws IllegalArgumentException if a sign is in no table
     */
    public Diagnosis of(TroubleAsk ask, ShopCauses shop) {
        Stream.of(ask.answers().values(), ask.seen(), ask.not())
                .flatMap(Collection::stream)
                .forEach(id -> {
                    if (!ofUnknown.containsKey(id)) {
                        throw new IllegalArgumentException(id);
                    }
                });
        Set<Family> has = Family.of(ask.what(), ask.joint(), ask.attach(), ask.fluid());
        List<Cause> causes = table.causes().stream()
                .filter(c -> c.needs().stream().anyMatch(has::contains))
                .toList();
        double[] priors = shop.prior(causes);
        double[] weights = new double[causes.size() + 1];
        for (int i = 0; i < causes.size(); i++) {
            weights[i] = (1 - UNKNOWN_PRIOR)
                    * priors[i]
                    * likelihood(ask, likely.get(causes.get(i).id()));
        }
        weights[causes.size()] = UNKNOWN_PRIOR * likelihood(ask, ofUnknown);
        double[] shares = Bayes.shares(weights);
        List<Diagnosis.Suspect> suspects = IntStream.range(0, causes.size())
                .mapToObj(i -> new Diagnosis.Suspect(causes.get(i), shares[i]))
                .sorted(Comparator.comparingDouble(Diagnosis.Suspect::share).reversed())
                .toList();
        double unknown = shares[causes.size()];
        Optional<Diagnosis.NextLook> next = next(ask, causes, shares);
        return new Diagnosis(suspects, unknown, next, TroubleRules.check(ask, suspects, unknown));
    }

    private double[] ofLooks(Map<String, Double> of) {
        return looks.stream().mapToDouble(s -> of.get(s.id())).toArray();
    }

    private static double likelihood(TroubleAsk ask, Map<String, Double> likely) {
        double product = 1;
        for (String a : ask.answers().values()) {
            product *= likely.get(a);
        }
        for (String s : ask.seen()) {
            product *= likely.get(s);
        }
        for (String s : ask.not()) {
            product *= 1 - likely.get(s);
        }
        return product;
    }

    /** Answers that are not named share what is left. */
    private double answer(Cause cause, Sign sign) {
        Double named = cause.likely().get(sign.id());
        if (named != null) {
            return named;
        }
        double left = 1;
        int open = 0;
        for (Sign s : table.of(sign.group())) {
            Double p = cause.likely().get(s.id());
            left -= p == null ? 0 : p;
            open += p == null ? 1 : 0;
        }
        return Math.max(LEAST, left / open);
    }

    private static double shows(Cause cause, Sign sign) {
        return cause.likely().getOrDefault(sign.id(), sign.base().orElseThrow());
    }

    /** The open look with the largest expected information about which cause it is. */
    private Optional<Diagnosis.NextLook> next(TroubleAsk ask, List<Cause> causes, double[] shares) {
        // What hardly counts any more tells nothing about a look.
        int[] count = IntStream.range(0, shares.length)
                .filter(i -> i == causes.size() || shares[i] > NEGLIGIBLE)
                .toArray();
        double[] of = Arrays.stream(count).mapToDouble(i -> shares[i]).toArray();
        double[][] chances = new double[count.length][];
        List<Map<String, Double>> named = new ArrayList<>();
        for (int i = 0; i < count.length; i++) {
            boolean known = count[i] < causes.size();
            chances[i] = known ? likelyLooks.get(causes.get(count[i]).id()) : ofLooks(ofUnknown);
            named.add(known ? causes.get(count[i]).likely() : Map.of());
        }
        Diagnosis.NextLook best = null;
        double[] yes = new double[count.length];
        double[] no = new double[count.length];
        for (int look = 0; look < looks.size(); look++) {
            Sign s = looks.get(look);
            if (ask.seen().contains(s.id()) || ask.not().contains(s.id())) {
                continue;
            }
            int speaks = -1;
            for (int i = 0; i < count.length; i++) {
                yes[i] = of[i] * chances[i][look];
                no[i] = of[i] - yes[i];
                if ((speaks < 0 || yes[i] > yes[speaks]) && named.get(i).containsKey(s.id())) {
                    speaks = i;
                }
            }
            if (speaks < 0) {
                continue;
            }
            double bits = Bayes.bits(of, yes) + Bayes.bits(of, no);
            if (bits > WORTH_BITS && (best == null || bits > best.bits())) {
                best = new Diagnosis.NextLook(s, bits, causes.get(count[speaks]));
            }
        }
        return Optional.ofNullable(best);
    }
}
