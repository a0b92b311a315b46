package mellowflare.core.advice;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * What findings wait for, asked once each however many wait for it, by where it is told.
 *
 * @param places where: end A, end B, then in the order of the findings
 * @param checks how many checks wait
 */
public record StillNeeded(List<At> places, long checks) {
    /** Ends come first: what goes on them follows from them. */
    private static final List<Subject> ENDS = List.of(Subject.END_A, Subject.END_B);

    public StillNeeded {
        places = List.copyOf(places);
    }

    /**
     * What is told at one part of the line.
     *
     * @param part which part
     * @param needs what is asked for there, what most checks wait for first
     */
    public record At(Subject part, List<Asked> needs) {
        public At {
            needs = List.copyOf(needs);
        }
    }

    /**
     * A need and how many checks wait for it.
     *
     * @param need what is asked for
     * @param checks how many wait for it, 1 or more
     */
    public record Asked(Need need, int checks) {}

    public static StillNeeded of(List<Finding> findings) {
        Map<Need, Integer> waiting = new LinkedHashMap<>();
        findings.forEach(f -> f.missing().forEach(n -> waiting.merge(n, 1, Integer::sum)));
        Map<Subject, List<Asked>> byPart = new LinkedHashMap<>();
        waiting.forEach((need, checks) ->
                byPart.computeIfAbsent(need.at(), at -> new ArrayList<>()).add(new Asked(need, checks)));
        List<At> places = new ArrayList<>();
        byPart.forEach((part, needs) -> {
            needs.sort((a, b) -> Integer.compare(b.checks(), a.checks()));
            places.add(new At(part, needs));
        });
        places.sort(Comparator.comparing((At at) -> !ENDS.contains(at.part()))
                .thenComparing(at -> ENDS.indexOf(at.part())));
        return new StillNeeded(
                places,
                findings.stream().filter(f -> f.state() == State.NOT_CHECKED).count());
    }

    /** How many different things are asked for. */
    public int count() {
        return places.stream().mapToInt(p -> p.needs().size()).sum();
    }

    /** All that is asked for, in order. */
    public List<Asked> needs() {
        return places.stream().flatMap(p -> p.needs().stream()).toList();
    }
}
