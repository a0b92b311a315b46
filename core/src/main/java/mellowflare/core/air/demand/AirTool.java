package mellowflare.core.air.demand;

import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;

/**
 * Something that uses air.
 *
 * @param id stable name
 * @param name as said
 * @param kind whether it uses air in bursts or as long as it runs
 * @param flow while it runs
 * @param need pressure at its own inlet while it runs
 * @param duty share of its working time in which it runs, 0 to 1
 * @param burstSeconds how long it runs at one pull (s)
 * @param hoseBore bore of its hose
 * @param source of its figures
 */
public record AirTool(
        String id,
        String name,
        Kind kind,
        FreeAir flow,
        GaugePressure need,
        double duty,
        double burstSeconds,
        Length hoseBore,
        Source source) {
    public AirTool {
        if (!(duty > 0 && duty <= 1) || !(burstSeconds > 0)) {
            throw new IllegalArgumentException("A duty lies above 0 and up to 1, a burst lasts some time");
        }
    }

    /** How a tool uses air. */
    public enum Kind {
        IMPULSE("in bursts"),
        CONTINUOUS("as long as it runs");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** What it uses on the average of its working time. */
    public FreeAir mean() {
        return flow.times(duty);
    }

    /** A stand-in that uses all the time what this one uses on the average. */
    public AirTool averaged() {
        return new AirTool(id, name, kind, mean(), need, 1, burstSeconds, hoseBore, source);
    }
}
