package mellowflare.core.advice;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * Findings counted.
 *
 * @param stops failed rules that stop the work
 * @param warnings failed rules that warn
 * @param notes failed rules that note
 * @param waiting rules that wait for figures
 * @param passed rules that passed
 */
public record Tally(int stops, int warnings, int notes, int waiting, int passed) {
    public static Tally of(List<Finding> findings) {
        List<Finding> once = findings.stream().distinct().toList();
        return new Tally(
                failed(once, Severity.STOP),
                failed(once, Severity.WARN),
                failed(once, Severity.NOTE),
                count(once, State.NOT_CHECKED),
                count(once, State.PASS));
    }

    private static int failed(List<Finding> findings, Severity severity) {
        return (int) findings.stream()
                .filter(f -> f.state() == State.FAIL && f.severity() == severity)
                .count();
    }

    private static int count(List<Finding> findings, State state) {
        return (int) findings.stream().filter(f -> f.state() == state).count();
    }

    /** The finding that failed worst; empty while none did. */
    public static Optional<Finding> worst(List<Finding> findings) {
        return findings.stream().filter(f -> f.state() == State.FAIL).min(Comparator.comparingInt(Finding::rank));
    }
}
