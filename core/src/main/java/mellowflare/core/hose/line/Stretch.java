package mellowflare.core.hose.line;

/**
 * What a hose's length does under pressure.
 *
 * @param shortest share of the length at the least, 0.96 for -4 %
 * @param longest share of the length at the most
 */
public record Stretch(double shortest, double longest) {
    /** SAE J517. */
    public static final Stretch USUAL = new Stretch(0.96, 1.02);

    public Stretch {
        if (!(shortest > 0.5 && shortest <= 1 && longest >= 1 && longest < 1.5)) {
            throw new IllegalArgumentException(
                    "A hose changes a little about its length, not to " + shortest + " and " + longest);
        }
    }
}
