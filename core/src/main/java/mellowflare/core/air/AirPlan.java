package mellowflare.core.air;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.air.rules.AirRules;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;

/**
 * Everything that follows from a workshop main.
 *
 * @param c the main worked out
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record AirPlan(AirCase c, List<Finding> findings, List<Step> steps) {
    /** The order of work of mains. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("air steps", StepTable.class);

    /** What its rows may ask for. */
    public static final StepWords STEP_WORDS = AirStepWriter.WORDS;

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of air steps", Precedence.class);

    public AirPlan {
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the main out. Never refuses: what is missing comes out as findings that were not checked. */
    public static AirPlan of(AirCase c) {
        return new AirPlan(c, AirRules.check(c), new AirStepWriter(c).write());
    }

    /** What a rule says of this main; empty while it has nothing to say. */
    public Optional<String> says(String rule) {
        return findings.stream()
                .filter(f -> f.rule().id().equals(rule))
                .findFirst()
                .map(f -> f.says(c.units()));
    }

    public boolean stops() {
        return findings.stream().anyMatch(Finding::stops);
    }
}
