package mellowflare.core.trouble;

import java.util.HashMap;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.connection.End;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.parts.Attach;

/**
 * What is said of a leak.
 *
 * @param what leaks
 * @param joint the end that leaks, if it is known
 * @param attach how the hose end is fixed, if that is known
 * @param fluid in the line, if it is known
 * @param answers to the questions that have one answer, by question: published words
 * @param seen signs that were looked for and seen
 * @param not signs that were looked for and not seen
 * @param measured what was measured, in words: it is kept and not weighed
 */
public record TroubleAsk(
        What what,
        Optional<End> joint,
        Optional<Attach> attach,
        Optional<Fluid> fluid,
        Map<SignGroup, String> answers,
        Set<String> seen,
        Set<String> not,
        Set<String> measured) {
    /**
     * @throws IllegalArgumentException if a sign was seen and not seen
     */
    public TroubleAsk {
        answers = Map.copyOf(answers);
        seen = Set.copyOf(seen);
        not = Set.copyOf(not);
        measured = Set.copyOf(measured);
        if (seen.stream().anyMatch(not::contains)) {
            throw new IllegalArgumentException("seen and not seen: " + seen);
        }
    }

    /** Nothing said yet but what it is. */
    public static TroubleAsk of(What what) {
        return new TroubleAsk(
                what, Optional.empty(), Optional.empty(), Optional.empty(), Map.of(), Set.of(), Set.of(), Set.of());
    }

    public TroubleAsk withJoint(Optional<End> e) {
        return new TroubleAsk(what, e, attach, fluid, answers, seen, not, measured);
    }

    public TroubleAsk withAttach(Optional<Attach> a) {
        return new TroubleAsk(what, joint, a, fluid, answers, seen, not, measured);
    }

    public TroubleAsk withFluid(Optional<Fluid> f) {
        return new TroubleAsk(what, joint, attach, f, answers, seen, not, measured);
    }

    public TroubleAsk withMeasured(Set<String> m) {
        return new TroubleAsk(what, joint, attach, fluid, answers, seen, not, m);
    }

    /** With this answer to a question that has one; empty takes it back. */
    public TroubleAsk withAnswer(SignGroup group, Optional<String> sign) {
        Map<SignGroup, String> now = new HashMap<>(answers);
        sign.ifPresentOrElse(s -> now.put(group, s), () -> now.remove(group));
        return new TroubleAsk(what, joint, attach, fluid, now, seen, not, measured);
    }

    /** With a sign looked for: seen, not seen, or not looked for after all. */
    public TroubleAsk withLook(String sign, Optional<Boolean> was) {
        Set<String> yes = new HashSet<>(seen);
        Set<String> no = new HashSet<>(not);
        yes.remove(sign);
        no.remove(sign);
        was.ifPresent(w -> (w ? yes : no).add(sign));
        return new TroubleAsk(what, joint, attach, fluid, answers, yes, no, measured);
    }
}
