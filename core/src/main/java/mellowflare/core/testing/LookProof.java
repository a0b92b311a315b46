package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldTest;

/** Joints looked at: soaped, wiped dry, worked. The figure is the pressure under which it was done, and how long. */
final class LookProof {
    private LookProof() {}

    static Proving.Proof of(TestAsk ask, TestRecord record, Looked looked) {
        List<Finding> findings = new ArrayList<>(TestRules.looked(looked));
        boolean timed = ask.duty().seconds() > 0;
        boolean figures = record.readings().size() >= (timed ? 2 : 1);
        HoldTest.Verdict verdict = looked.verdict();
        Optional<Double> toGo = Optional.empty();
        if (figures && timed) {
            boolean longEnough = record.lasted() >= ask.duty().seconds();
            findings.add(TestRules.longEnough(longEnough, ask, record));
            if (!longEnough) {
                toGo = Optional.of(ask.duty().seconds() - record.lasted());
                verdict = verdict == HoldTest.Verdict.TIGHT ? HoldTest.Verdict.NOT_SETTLED : verdict;
            }
        }
        return new Proving.Proof(verdict, Optional.empty(), Optional.empty(), toGo, figures, findings);
    }
}
