package mellowflare.core.air.rules;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.hold.HoldFindings;
import mellowflare.core.flow.hold.HoldTest;

/** What the hold test says of the finished main. */
final class HeldTight implements Rule<AirCase> {
    @Override
    public List<Finding> check(AirCase c) {
        Optional<HoldTest> test = c.heldTest();
        if (test.isEmpty()) {
            return List.of(Finding.notChecked(HoldFindings.LEAKS, Subject.MAKE, AirNeeds.READINGS));
        }
        HoldTest.Result r = test.get().result();
        return HoldFindings.of(test.get(), r, c.yearly(r.leak()));
    }
}
