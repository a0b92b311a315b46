package mellowflare.core.air.work;

import mellowflare.core.run.walk.Walked;

/** How fast air should run: above it carries water along and whistles (common guides). */
public final class SpeedGuide {
    private static final double MAIN = 9;
    private static final double DROP = 15;

    private SpeedGuide() {}

    /** The guide for a run (m/s). */
    public static double metresPerSecond(Walked.Run run) {
        return run.kind() == Walked.Kind.MAIN ? MAIN : DROP;
    }
}
