package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.parts.HosePart;
import mellowflare.core.reference.Source;

/** Fuel that moves through plain PTFE charges it; the spark burns a pinhole. */
final class ConductiveLiner implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "hose.conductive",
            Severity.STOP,
            "{fluid} flowing through the plain PTFE liner of {hose} charges it up: sparks burn pinholes.",
            "The PTFE liner of {hose} is conductive and carries static away.",
            "plain liner, flowing fuel",
            "Use the hose with the conductive liner.",
            Source.of("trade practice; SAE J517 100R14"));

    @Override
    public List<Finding> check(HoseCase c) {
        boolean asked = c.hose().filter(h -> h.liner().equals("PTFE")).isPresent()
                && c.fluid().filter(Fluid::burnsEasily).isPresent();
        if (!asked) {
            return List.of();
        }
        HosePart hose = c.hose().orElseThrow();
        if (hose.conductive().isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXT,
                    Subject.HOSE,
                    Needs.fromMaker(
                            "conducts-" + hose.part(),
                            Say.it("conductive-liner.ask-maker", "part", hose.part()),
                            Subject.HOSE)));
        }
        return List.of(Finding.of(
                hose.conductive().get(),
                TEXT,
                Subject.HOSE,
                Map.of(
                        "fluid", Figure.of(c.fluid().orElseThrow().name()),
                        "hose", Figure.of(hose.part()))));
    }
}
