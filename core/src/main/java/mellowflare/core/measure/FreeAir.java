package mellowflare.core.measure;

/**
 * A flow of air, counted as the volume it has in a reference state.
 *
 * @param litresPerMinute the flow (L/min of free air), zero or more, finite
 * @param reference the state the litres are counted in
 */
public record FreeAir(double litresPerMinute, AirReference reference) {
    public FreeAir {
        if (!(litresPerMinute >= 0) || !Double.isFinite(litresPerMinute)) {
            throw new IllegalArgumentException("A flow of air is zero or more, not " + litresPerMinute);
        }
    }

    /** A flow of free air by ISO 1217 (L/min). */
    public static FreeAir ofLitresPerMinute(double litresPerMinute) {
        return new FreeAir(litresPerMinute, AirReference.ISO1217);
    }

    /** The flow as mass (kg/s). */
    public double kgPerSecond() {
        return litresPerMinute / 60_000 * reference.density();
    }

    /** The same as mass. */
    public MassFlow mass() {
        return MassFlow.ofKgPerSecond(kgPerSecond());
    }

    /** A mass of air, counted as free air of a reference. */
    public static FreeAir of(MassFlow flow, AirReference reference) {
        return ofMass(flow.kgPerSecond(), reference);
    }

    /** The flow of a mass stream (kg/s), in a reference state. */
    public static FreeAir ofMass(double kgPerSecond, AirReference reference) {
        return new FreeAir(kgPerSecond / reference.density() * 60_000, reference);
    }

    /** The same air counted in another state. */
    public FreeAir in(AirReference other) {
        return other.equals(reference) ? this : ofMass(kgPerSecond(), other);
    }

    /**
     * @param factor a pure number, zero or more
     */
    public FreeAir times(double factor) {
        return new FreeAir(litresPerMinute * factor, reference);
    }

    /** The sum, counted as this one. */
    public FreeAir plus(FreeAir other) {
        return new FreeAir(litresPerMinute + other.in(reference).litresPerMinute, reference);
    }

    /** This flow in cubic feet a minute of the same state. */
    public double cubicFeetPerMinute() {
        return litresPerMinute / 28.316846592;
    }
}
