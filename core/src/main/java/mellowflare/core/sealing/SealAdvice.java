package mellowflare.core.sealing;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.SealPlace;
import mellowflare.core.reference.Source;

/**
 * How to seal one joint.
 *
 * @param sealsOn where it seals
 * @param putOn what goes on it; “nothing” is said, never left out
 * @param never what must not
 * @param lubricant what eases it
 * @param tighten how tight
 * @param torque typical torque, where a chart prints one
 * @param reuse when it is opened again
 * @param inspect what to look at
 * @param source who says so, and how sure
 */
public record SealAdvice(
        SealPlace sealsOn,
        List<String> putOn,
        List<String> never,
        String lubricant,
        String tighten,
        Optional<TorqueBand> torque,
        String reuse,
        String inspect,
        Source source) {
    public SealAdvice {
        putOn = List.copyOf(putOn);
        never = List.copyOf(never);
        if (putOn.isEmpty()) {
            throw new IllegalArgumentException("What goes on a joint is always said, even if it is nothing");
        }
    }

    /** Where it seals and what goes on it, as sentences. */
    public String saysPutOn() {
        return Say.it("seal-advice.seals-on-put-on", "sealsOn", sealsOn.words(), "list", String.join("; ", putOn));
    }

    /** How tight, with the typical torque where one is known, as a sentence. */
    public String saysTighten() {
        return Say.it(
                "seal-advice.tighten",
                "tighten",
                tighten,
                "torque",
                torque.map(TorqueBand::text).orElse("none"),
                "source",
                torque.map(t -> t.source().shown()).orElse("none"));
    }

    /** What never goes on it, as a sentence; empty where nothing is forbidden. */
    public String saysNever() {
        return never.isEmpty() ? "" : Say.it("seal-advice.never", "list", String.join("; ", never));
    }
}
