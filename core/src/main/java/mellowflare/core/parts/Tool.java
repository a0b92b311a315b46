package mellowflare.core.parts;

import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Severity;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidGroup;
import mellowflare.core.reference.Source;

/**
 * A tool, and what changes without it.
 *
 * @param id stable name
 * @param name as shown
 * @param words the words by which a step's list of tools asks for it
 * @param usual whether it is at hand unless said otherwise
 * @param severity how bad it is to be without
 * @param instead plan B, a sentence
 * @param needs protection or temporary parts that plan B asks for; may be empty
 * @param strictFor kinds of fluid on which there is no plan B
 * @param strictly what to do there instead, a sentence; empty where there are none
 * @param source who says so
 */
public record Tool(
        String id,
        String name,
        String words,
        boolean usual,
        Severity severity,
        String instead,
        String needs,
        Set<FluidGroup> strictFor,
        String strictly,
        Source source) {
    public Tool {
        strictFor = Set.copyOf(strictFor);
        if (strictFor.isEmpty() != strictly.isEmpty()) {
            throw new IllegalArgumentException("Kinds of fluid without a plan B need the sentence that says so");
        }
    }

    /**
     * What changes without it.
     *
     * @param severity how bad it is
     * @param instead what to do, a sentence
     * @param needs what that asks for; may be empty
     */
    public record PlanB(Severity severity, String instead, String needs) {
        /** The sentence with what it needs. */
        public String says() {
            return needs.isEmpty() ? instead : Say.it("tool.needs", "instead", instead, "needs", needs);
        }
    }

    /** What changes without it on a line for this fluid. */
    public PlanB without(Optional<Fluid> fluid) {
        return fluid.map(Fluid::group).filter(strictFor::contains).isPresent()
                ? new PlanB(Severity.STOP, strictly, "")
                : new PlanB(severity, instead, needs);
    }

    /** Whether an entry of a step's list asks for it. */
    public boolean askedBy(String entry) {
        return entry.contains(words);
    }
}
