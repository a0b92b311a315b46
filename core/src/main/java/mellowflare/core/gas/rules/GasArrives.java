package mellowflare.core.gas.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.net.GasTrouble;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Source;

/** Whether gas gets everywhere that it is asked for, and on one way only. */
final class GasArrives implements Rule<GasCase> {
    static final RuleText TEXT = new RuleText(
            "gas.arrives",
            Severity.STOP,
            "The network does not work at {piece}. {says}",
            "Gas reaches every appliance.",
            "the network solved by Darcy's law",
            "Correct the layout or the size there; the rest is worked out.",
            Source.house("the network"));

    @Override
    public List<Finding> check(GasCase c) {
        if (c.flows().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.GAS_LAYOUT, GasNeeds.flowing(c)));
        }
        List<GasTrouble> bad = c.flows().get().troubles().stream()
                .filter(t -> t.kind() != GasTrouble.Kind.NO_LENGTH && t.kind() != GasTrouble.Kind.TWICE)
                .toList();
        return bad.isEmpty()
                ? List.of(Finding.pass(TEXT, Subject.GAS_LAYOUT, Map.of()))
                : bad.stream()
                        .map(t -> Finding.fail(
                                TEXT,
                                Subject.GAS_LAYOUT,
                                Map.of(
                                        "piece",
                                        Figure.of(t.piece()),
                                        "says",
                                        Figure.of(t.kind().says()))))
                        .toList();
    }
}
