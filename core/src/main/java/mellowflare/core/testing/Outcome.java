package mellowflare.core.testing;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldTest;

/**
 * What a test proves, as far as it was taken.
 *
 * @param verdict what it says
 * @param confidence the chance that the verdict is right, from the readings; empty where somebody only looked, and while nothing is settled
 * @param leak what the gas that is shut in tells, for a pressure hold
 * @param toGo how long until it may be read, if it goes on as it does (s); empty once it is settled, and while nobody can tell
 * @param findings worst first
 */
public record Outcome(
        HoldTest.Verdict verdict,
        Optional<Double> confidence,
        Optional<HoldTest.Result> leak,
        Optional<Double> toGo,
        List<Finding> findings) {
    public Outcome {
        findings = List.copyOf(findings);
    }

    /** Whether it passed. */
    public boolean passed() {
        return verdict == HoldTest.Verdict.TIGHT;
    }
}
