package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.flow.hold.HoldFindings;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** What the pressure hold says of the finished line. */
final class HeldTight implements Rule<GasCase> {
    private static final RuleText APART = new RuleText(
            "gas.test-apart",
            Severity.STOP,
            "Appliances and regulators are not shut off for the test at {pressure}.",
            "Appliances and regulators are shut off or taken off for the test.",
            "the test pressure is more than they bear",
            "Take them off and cap the ends, or shut valves that are rated for the test pressure.",
            new Source("NFPA 54 8.1.3", Confidence.SURE));

    @Override
    public List<Finding> check(GasCase c) {
        List<Finding> all = new ArrayList<>();
        Optional<HoldTest> test = c.heldTest();
        if (test.isEmpty()) {
            all.add(Finding.notChecked(HoldFindings.LEAKS, Subject.LEAK_TEST, GasNeeds.READINGS));
        } else {
            all.addAll(HoldFindings.of(test.get(), test.get().result(), Optional.empty()));
            all.add(c.line()
                    .test()
                    .apart()
                    .map(a -> Finding.of(
                            a,
                            APART,
                            Subject.LEAK_TEST,
                            Map.of(
                                    "pressure",
                                    new Figure.OfGasPressure(
                                            test.get().readings().get(0).gauge()))))
                    .orElseGet(() -> Finding.notChecked(APART, Subject.LEAK_TEST, GasNeeds.APART)));
        }
        return all;
    }
}
