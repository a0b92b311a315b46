package mellowflare.core.bag;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/** Bags against a search through every set of parts. */
class PackingTest {
    private static List<Find> random(Random random, int finds, int parts) {
        List<Find> all = new ArrayList<>();
        for (int i = 0; i < finds; i++) {
            List<Set<String>> kits = new ArrayList<>();
            int ways = random.nextInt(4);
            for (int k = 0; k < ways; k++) {
                Set<String> kit = new TreeSet<>();
                int n = 1 + random.nextInt(4);
                for (int j = 0; j < n; j++) {
                    kit.add("part " + random.nextInt(parts));
                }
                kits.add(kit);
            }
            all.add(Find.usual("f" + i, "f" + i, random.nextDouble(), kits));
        }
        return all;
    }

    private static double chance(List<Find> finds, Set<String> bag) {
        double all = finds.stream().mapToDouble(Find::weight).sum();
        return finds.stream()
                .filter(f -> f.kits().stream().anyMatch(bag::containsAll))
                .mapToDouble(f -> f.weight() / all)
                .sum();
    }

    @Test
    void testEveryPointOfTheCurveIsTheBestOfItsSize() {
        Random random = new Random(20);
        for (int round = 0; round < 60; round++) {
            int parts = 3 + random.nextInt(8);
            List<Find> finds = random(random, 1 + random.nextInt(9), parts);
            Set<String> always = Set.of("part 0", "cap");
            List<String> names = new ArrayList<>(List.of("cap"));
            for (int i = 0; i < parts; i++) {
                names.add("part " + i);
            }
            double[] best = new double[names.size() + 1];
            for (int mask = 0; mask < 1 << names.size(); mask++) {
                Set<String> bag = new HashSet<>();
                for (int i = 0; i < names.size(); i++) {
                    if ((mask >> i & 1) == 1) {
                        bag.add(names.get(i));
                    }
                }
                if (bag.containsAll(always)) {
                    best[bag.size()] = Math.max(best[bag.size()], chance(finds, bag));
                }
            }
            for (int i = 1; i < best.length; i++) {
                best[i] = Math.max(best[i], best[i - 1]);
            }
            List<Bag> curve = Packing.curve(finds, always);
            for (int n = always.size(); n < best.length; n++) {
                int most = n;
                double got = curve.stream()
                        .filter(b -> b.parts().size() <= most)
                        .mapToDouble(Bag::chance)
                        .max()
                        .orElse(0);
                assertEquals(best[n], got, 1e-9, "round " + round + ", " + n + " parts");
            }
            curve.forEach(b -> {
                assertTrue(b.parts().containsAll(always));
                assertEquals(chance(finds, b.parts()), b.chance(), 1e-9);
            });
        }
    }

    @Test
    void testTheSmallestBagThatReachesTheChance() {
        List<Find> finds = List.of(
                Find.usual("copper", "copper", 6, List.of(Set.of("valve", "sleeve"))),
                Find.usual("iron", "iron", 3, List.of(Set.of("valve", "nipple", "tape"))),
                Find.usual("plastic", "plastic", 1, List.of(Set.of("push"))));
        List<Bag> curve = Packing.curve(finds, Set.of("cap"));
        assertEquals(
                Set.of("cap", "valve", "sleeve"),
                Packing.reaching(curve, 0.6).orElseThrow().parts());
        assertEquals(
                Set.of("cap", "valve", "sleeve", "push"),
                Packing.reaching(curve, 0.65).orElseThrow().parts());
        assertEquals(1, Packing.reaching(curve, 1).orElseThrow().chance(), 1e-12);
        assertEquals(0, curve.get(0).chance(), 1e-12);
    }

    @Test
    void testWhatNothingFinishesLeavesTheCurveBelowOne() {
        List<Bag> curve = Packing.curve(
                List.of(Find.usual("a", "a", 1, List.of()), Find.usual("b", "b", 1, List.of(Set.of("x")))), Set.of());
        assertEquals(0.5, Packing.reaching(curve, 0.99).orElseThrow().chance(), 1e-12);
    }

    @Test
    void testManyFindsAreWithinAHundredthOfTheBest() {
        Random random = new Random(3);
        for (int round = 0; round < 10; round++) {
            List<Find> finds = new ArrayList<>(random(random, 12, 9));
            List<Bag> exact = Packing.curve(finds, Set.of());
            List<Find> padded = new ArrayList<>(finds);
            for (int i = 0; i < 6; i++) {
                padded.add(Find.usual("none" + i, "none", 0, List.of()));
            }
            List<Bag> quick = Packing.curve(padded, Set.of());
            double last = exact.get(exact.size() - 1).chance();
            assertEquals(last, quick.get(quick.size() - 1).chance(), 0.01 * last + 1e-9);
        }
    }
}
