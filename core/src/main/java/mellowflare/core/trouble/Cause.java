package mellowflare.core.trouble;

import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.reference.Source;

/**
 * What can be wrong.
 *
 * @param id published code
 * @param needs what the line must have, any of it
 * @param prior how common among the causes of such a line (house figure, above 0)
 * @param likely how likely each sign is with it, 0 to 1, by the sign's word
 * @param look what proves it: a whole sentence
 * @param redo what is done: whole sentences
 * @param uses how much of the piece the redo uses up
 * @param parts what it takes
 */
public record Cause(
        String id,
        Set<Family> needs,
        double prior,
        String name,
        Map<String, Double> likely,
        String look,
        String redo,
        Verdict verdict,
        Uses uses,
        List<String> parts,
        Source source) {
    public Cause {
        needs = Set.copyOf(needs);
        likely = Map.copyOf(likely);
        parts = List.copyOf(parts);
    }

    /** What of the piece is used up. */
    public enum Uses {
        NOTHING(Say.it("uses.nothing")),
        FLARE(Say.it("uses.flare")),
        SOCKET(Say.it("uses.socket")),
        HOSE(Say.it("uses.hose"));

        private final String says;

        Uses(String says) {
            this.says = says;
        }

        /** In a sentence, with whether the piece still serves. */
        public String says() {
            return says;
        }
    }
}
