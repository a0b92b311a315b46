package mellowflare.core.measure;

/**
 * Heat in a time, such as the input of a burner.
 *
 * @param kilowatts the power (kW), zero or more, finite
 */
public record Power(double kilowatts) implements Comparable<Power> {
    /** 1 Btu (International Table) = 1055.05585262 J, so that 1 kW is 3412.14 Btu/h. */
    static final double BTU_PER_HOUR = 3600 / 1.05505585262;

    public Power {
        if (!(kilowatts >= 0) || !Double.isFinite(kilowatts)) {
            throw new IllegalArgumentException("A power is zero or more, not " + kilowatts);
        }
    }

    public static Power ofKilowatts(double kilowatts) {
        return new Power(kilowatts);
    }

    /**
     * @param btu British thermal units (International Table) an hour
     */
    public static Power ofBtuPerHour(double btu) {
        return new Power(btu / BTU_PER_HOUR);
    }

    /** The same in Btu/h. */
    public double btuPerHour() {
        return kilowatts * BTU_PER_HOUR;
    }

    /**
     * @param factor a pure number, zero or more
     */
    public Power times(double factor) {
        return new Power(kilowatts * factor);
    }

    public Power plus(Power other) {
        return new Power(kilowatts + other.kilowatts);
    }

    @Override
    public int compareTo(Power other) {
        return Double.compare(kilowatts, other.kilowatts);
    }
}
