package mellowflare.core.measure;

/**
 * A volume, of a receiver or of the inside of pipes.
 *
 * @param litres the volume (L), zero or more, finite
 */
public record Volume(double litres) {
    public Volume {
        if (!(litres >= 0) || !Double.isFinite(litres)) {
            throw new IllegalArgumentException("A volume is zero or more, not " + litres);
        }
    }

    /**
     * @param litres the volume (L)
     */
    public static Volume ofLitres(double litres) {
        return new Volume(litres);
    }

    /** Inside of a round bore. */
    public static Volume ofBore(Length bore, Length length) {
        return new Volume(Math.PI / 4 * bore.mm() * bore.mm() * length.mm() / 1e6);
    }

    public Volume plus(Volume other) {
        return new Volume(litres + other.litres);
    }
}
