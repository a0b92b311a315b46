package mellowflare.core.tube;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.tube.rules.TubeRules;

/**
 * Everything that follows from a tube line.
 *
 * @param c the line with its parts looked up and its shape worked out
 * @param seals sealing advice of both joints, as far as they are settled
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record TubePlan(TubeCase c, Map<Which, SealAdvice> seals, List<Finding> findings, List<Step> steps) {
    /** The order of work of tube lines. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("tube steps", StepTable.class);

    /** What its rows may ask for. */
    public static final StepWords STEP_WORDS = TubeStepWriter.WORDS;

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of tube steps", Precedence.class);

    public TubePlan {
        seals = Map.copyOf(seals);
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the line out. Never refuses: what is missing comes out as findings that were not checked. */
    public static TubePlan of(TubeCase c) {
        Map<Which, SealAdvice> seals = seals(c);
        return new TubePlan(c, seals, TubeRules.check(c), steps(c, seals));
    }

    /** The order of work alone: much less work than the findings. */
    static List<Step> steps(TubeCase c) {
        return steps(c, seals(c));
    }

    private static List<Step> steps(TubeCase c, Map<Which, SealAdvice> seals) {
        return FluidServed.serves(c.service(), c.data()) ? new TubeStepWriter(c, seals).write() : List.of();
    }

    private static Map<Which, SealAdvice> seals(TubeCase c) {
        Map<Which, SealAdvice> seals = new EnumMap<>(Which.class);
        for (TubeSide s : c.sides()) {
            s.seat()
                    .flatMap(seat -> c.data()
                            .get(Sealing.KEY)
                            .advise(s.part().orElseThrow(), seat, c.fluid(), c.practice(), c.data()))
                    .ifPresent(a -> seals.put(s.which(), a));
        }
        return seals;
    }

    public Optional<SealAdvice> seal(Which which) {
        return Optional.ofNullable(seals.get(which));
    }

    /** What a rule says of this line; empty while it has nothing to say. */
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
