package mellowflare.core.measure;

/**
 * So much of a medium in a time.
 *
 * @param kgPerSecond kg/s, finite
 */
public record MassFlow(double kgPerSecond) implements Comparable<MassFlow> {
    public MassFlow {
        if (!Double.isFinite(kgPerSecond)) {
            throw new IllegalArgumentException("A mass flow is finite, not " + kgPerSecond);
        }
    }

    public static MassFlow ofKgPerSecond(double kgPerSecond) {
        return new MassFlow(kgPerSecond);
    }

    @Override
    public int compareTo(MassFlow other) {
        return Double.compare(kgPerSecond, other.kgPerSecond);
    }
}
