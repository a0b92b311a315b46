package mellowflare.core.measure;

/**
 * A tightening torque.
 *
 * @param newtonMetres the torque (N m), above zero
 */
public record Torque(double newtonMetres) implements Comparable<Torque> {
    private static final double NM_PER_LBF_FT = 1.3558179483314004;

    public Torque {
        if (!(newtonMetres > 0) || !Double.isFinite(newtonMetres)) {
            throw new IllegalArgumentException("A torque lies above zero, not " + newtonMetres);
        }
    }

    /**
     * @param newtonMetres the torque (N m)
     */
    public static Torque ofNewtonMetres(double newtonMetres) {
        return new Torque(newtonMetres);
    }

    /** This torque in pound-force feet (1 lbf ft = 1.3558 N m). */
    public double poundForceFeet() {
        return newtonMetres / NM_PER_LBF_FT;
    }

    @Override
    public int compareTo(Torque other) {
        return Double.compare(newtonMetres, other.newtonMetres);
    }
}
