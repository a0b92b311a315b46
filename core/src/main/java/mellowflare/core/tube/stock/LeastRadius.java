package mellowflare.core.tube.stock;

import mellowflare.core.measure.Length;

/**
 * The least radius that a tube is bent to on a common bender. The outside of the bend is stretched by OD / 2R, of which its metal withstands a share of its elongation; and a thin wall flattens: the
 * difficulty (OD / wall) / (R / OD) is kept below a house figure. Never below one and a half times the tube.
 *
 * @param radius on the centre line
 * @param byWall whether the wall rules it
 */
public record LeastRadius(Length radius, boolean byWall) {
    /** Share of the elongation that a bend may use (house figure). */
    private static final double SHARE = 0.75;

    private static final double DIFFICULTY = 7;
    private static final double NEVER_BELOW = 1.5;

    public static LeastRadius of(Tube tube) {
        double od = tube.outside().mm();
        double stretch = od / (2 * SHARE * tube.material().elongation());
        double wall = od * od / tube.wall().mm() / DIFFICULTY;
        double least = Math.max(NEVER_BELOW * od, Math.max(stretch, wall));
        return new LeastRadius(Length.ofMm(least), wall >= least);
    }
}
