package mellowflare.core.gas.work;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import mellowflare.core.gas.layout.GasWalk;

/** What can burn at the same time: of every set that says “instead of each other” one, of all others all. */
final class Cases {
    /** More are not looked at: then of every set the one with the greatest input. */
    private static final int MOST = 256;

    private Cases() {}

    /**
     * Names of appliances that burn together, case by case.
     *
     * @param input kilowatts by name, for choosing where there are too many cases
     */
    static List<Set<String>> of(Map<String, GasWalk.At> appliances, Map<String, Double> input) {
        Map<String, List<String>> sets = new LinkedHashMap<>();
        appliances.forEach((name, a) -> {
            Optional<String> set = a.appliance().instead();
            sets.computeIfAbsent(set.map(s -> "=" + s).orElse(name), k -> new ArrayList<>())
                    .add(name);
        });
        long count = 1;
        for (List<String> s : sets.values()) {
            count = Math.min(MOST + 1L, count * s.size());
        }
        if (count > MOST) {
            return List.of(sets.values().stream()
                    .map(s -> s.stream()
                            .max((a, b) -> Double.compare(input.getOrDefault(a, 0.0), input.getOrDefault(b, 0.0)))
                            .orElseThrow())
                    .collect(Collectors.toSet()));
        }
        List<List<String>> cases = List.of(List.of());
        for (List<String> set : sets.values()) {
            List<List<String>> more = new ArrayList<>();
            for (List<String> c : cases) {
                for (String s : set) {
                    List<String> with = new ArrayList<>(c);
                    with.add(s);
                    more.add(with);
                }
            }
            cases = more;
        }
        return cases.stream().map(Set::copyOf).distinct().toList();
    }
}
