package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.Duty;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** Under suction a hose without a helix closes up, or its liner comes loose. */
final class SuctionRated implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.suction",
            Severity.STOP,
            "{hose} is not made for suction: it collapses, or its liner comes loose.",
            "{hose} is rated for {vacuum} of suction.",
            "a suction line on {hose}",
            "Use suction hose with a helix.",
            Source.of("SAE J517 100R4"));

    @Override
    public List<Finding> check(HoseCase c) {
        boolean suction = c.service().duty() == Duty.SUCTION
                || c.service().working().filter(p -> p.bar() < 0).isPresent();
        if (!suction) {
            return List.of();
        }
        if (c.hose().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, Subject.HOSE, HoseNeeds.HOSE));
        }
        HosePart hose = c.hose().get();
        boolean deepEnough = hose.vacuum()
                .filter(v -> c.service().working().map(w -> w.compareTo(v) >= 0).orElse(true))
                .isPresent();
        return List.of(Finding.of(
                deepEnough,
                TEXT,
                Subject.HOSE,
                Map.of(
                        "hose", Figure.of(hose.part()),
                        "vacuum", Figure.of(hose.vacuum().orElse(GaugePressure.ofBar(0))))));
    }
}
