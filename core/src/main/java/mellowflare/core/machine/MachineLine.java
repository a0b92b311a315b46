package mellowflare.core.machine;

import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.State;
import mellowflare.core.job.Evaluation;
import mellowflare.core.testing.Tested;

/**
 * One line of a machine.
 *
 * @param mark short name among the lines of the machine, put before the names of its pieces
 * @param of the line worked out
 */
public record MachineLine(String mark, Evaluation of) {

    public long stops() {
        return of.stops();
    }

    public long warnings() {
        return of.findings().stream()
                .filter(f -> f.state() == State.FAIL && f.severity() == Severity.WARN)
                .count();
    }

    /** What is still to be said before every check can be made. */
    public long open() {
        return of.findings().stream()
                .filter(f -> f.state() == State.NOT_CHECKED)
                .map(Finding::rule)
                .distinct()
                .count();
    }

    /** Its tests, passed of all. */
    public String tests() {
        Tested t = of.tested();
        return Say.it("machine-line.tests", "passed", t.passed(), "all", t.all().size());
    }
}
