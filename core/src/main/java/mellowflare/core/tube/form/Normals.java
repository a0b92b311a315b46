package mellowflare.core.tube.form;

import java.util.Random;

/** Draws from the standard normal law, the same each time and drawn once: they cost more than all that is done with them. */
final class Normals {
    private static final long SEED = FitChance.SEED;
    private static final double[] DRAWN = drawn();

    private Normals() {}

    private static double[] drawn() {
        Random random = new Random(SEED);
        double[] all = new double[6 * FitChance.DRAWS];
        for (int i = 0; i < all.length; i++) {
            all[i] = random.nextGaussian();
        }
        return all;
    }

    /** One of six figures of a draw. */
    static double of(int draw, int figure) {
        return DRAWN[6 * draw + figure];
    }
}
