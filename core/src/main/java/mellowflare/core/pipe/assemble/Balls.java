package mellowflare.core.pipe.assemble;

import java.util.Arrays;
import java.util.BitSet;
import java.util.List;

/**
 * The ball that each body stays inside, laid out so that hundreds can be passed over in a glance. Bodies that follow each other on the walk lie near each other: a block of them has a ball of
 * its own.
 */
final class Balls {
    private static final int BLOCK = 16;

    private final Field each;
    private final Field blocks;

    Balls(List<Body> bodies) {
        int n = bodies.size();
        each = new Field(n);
        blocks = new Field((n + BLOCK - 1) / BLOCK);
        for (int i = 0; i < n; i++) {
            List<Capsule> solid = bodies.get(i).solid();
            for (Capsule c : solid) {
                each.x[i] += c.middle().x() / solid.size();
                each.y[i] += c.middle().y() / solid.size();
                each.z[i] += c.middle().z() / solid.size();
            }
            for (Capsule c : solid) {
                each.hold(i, c.middle().x(), c.middle().y(), c.middle().z(), c.reach());
            }
        }
        for (int b = 0; b < blocks.radius.length; b++) {
            block(b, Math.min(n, (b + 1) * BLOCK));
        }
    }

    /** About its first body that takes room. */
    private void block(int b, int end) {
        boolean begun = false;
        for (int i = b * BLOCK; i < end; i++) {
            if (each.radius[i] > 0 && !begun) {
                begun = true;
                blocks.x[b] = each.x[i];
                blocks.y[b] = each.y[i];
                blocks.z[b] = each.z[i];
            }
            if (each.radius[i] > 0) {
                blocks.hold(b, each.x[i], each.y[i], each.z[i], each.radius[i]);
            }
        }
    }

    /** The next body of a set, from one on, that may meet what turns; those passed over do not. Below zero where there is none. */
    int next(BitSet of, int from, Swing.Swept turning) {
        double x = turning.middle().x();
        double y = turning.middle().y();
        double z = turning.middle().z();
        double reach = turning.radius();
        for (int k = of.nextSetBit(from); k >= 0; k = of.nextSetBit(k + 1)) {
            if (!blocks.near(k / BLOCK, x, y, z, reach)) {
                k = (k / BLOCK + 1) * BLOCK - 1;
            } else if (each.near(k, x, y, z, reach)) {
                return k;
            }
        }
        return -1;
    }

    /** Balls by their middles and radii (mm); what takes no room has a radius below zero and is never near. */
    private static final class Field {
        private final double[] x;
        private final double[] y;
        private final double[] z;
        private final double[] radius;

        Field(int n) {
            x = new double[n];
            y = new double[n];
            z = new double[n];
            radius = new double[n];
            Arrays.fill(radius, Double.NEGATIVE_INFINITY);
        }

        /** Widens a ball until it holds another. */
        void hold(int i, double px, double py, double pz, double reach) {
            radius[i] = Math.max(radius[i], Math.sqrt(square(i, px, py, pz)) + reach);
        }

        private double square(int i, double px, double py, double pz) {
            double dx = x[i] - px;
            double dy = y[i] - py;
            double dz = z[i] - pz;
            return dx * dx + dy * dy + dz * dz;
        }

        boolean near(int i, double px, double py, double pz, double reach) {
            double both = radius[i] + reach;
            return both > 0 && square(i, px, py, pz) < both * both;
        }
    }
}
