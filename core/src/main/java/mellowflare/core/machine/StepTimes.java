package mellowflare.core.machine;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.procedure.StepEntry;

/**
 * How long steps took in this shop: from the tick before to their own. No table says so; only what was ticked here counts.
 *
 * @param middle the median of each step that was ticked, by its row in the order of work
 */
public record StepTimes(Map<String, Duration> middle) {
    /** Nothing was ticked yet. */
    public static final StepTimes NONE = new StepTimes(Map.of());

    /** Ticks closer than this were made up for in a row (house figure). */
    static final Duration SHORTEST = Duration.ofSeconds(20);

    /** After longer than this somebody had gone away between (house figure). */
    static final Duration LONGEST = Duration.ofHours(2);

    public StepTimes {
        middle = Map.copyOf(middle);
    }

    /**
     * A tick.
     *
     * @param step id of the step
     */
    public record Tick(String step, Instant at) {}

    /**
     * From the ticks of lines.
     *
     * @param lines of each line its ticks, oldest first
     */
    public static StepTimes of(Collection<List<Tick>> lines) {
        Map<String, List<Duration>> took = new HashMap<>();
        for (List<Tick> line : lines) {
            for (int i = 1; i < line.size(); i++) {
                String row = row(line.get(i).step());
                between(line.get(i - 1), line.get(i))
                        .ifPresent(d -> took.computeIfAbsent(row, r -> new ArrayList<>())
                                .add(d));
            }
        }
        Map<String, Duration> middle = new HashMap<>();
        took.forEach((row, all) -> middle.put(row, median(all)));
        return new StepTimes(middle);
    }

    private static Optional<Duration> between(Tick before, Tick after) {
        return Optional.of(Duration.between(before.at(), after.at()))
                .filter(d -> d.compareTo(SHORTEST) >= 0 && d.compareTo(LONGEST) <= 0);
    }

    private static Duration median(List<Duration> all) {
        List<Duration> sorted = all.stream().sorted().toList();
        int half = sorted.size() / 2;
        return sorted.size() % 2 == 1
                ? sorted.get(half)
                : sorted.get(half - 1).plus(sorted.get(half)).dividedBy(2);
    }

    /** The row of a step, without the end or the place that it is done at. */
    private static String row(String step) {
        int at = step.indexOf('@');
        return at < 0 ? step : step.substring(0, at);
    }

    /** How long a step takes here; empty where it was never ticked. */
    public Optional<Duration> of(String step) {
        return Optional.ofNullable(middle.get(row(step)));
    }

    /** What ticks say was worked: the time between each and the one before, breaks left out. */
    public static Duration spent(List<StepEntry> ticks) {
        Duration sum = Duration.ZERO;
        for (int i = 1; i < ticks.size(); i++) {
            Duration more = Duration.between(ticks.get(i - 1).at(), ticks.get(i).at());
            sum = sum.plus(more.isNegative() || more.compareTo(LONGEST) > 0 ? Duration.ZERO : more);
        }
        return sum;
    }
}
