package mellowflare.core.trouble.look;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** Rings in their groove and washers on their step, cut open. */
final class RingLooks {
    private static final double RING = 15;

    private RingLooks() {}

    private static void groove(Scene s) {
        s.shape(Fill.METAL_CUT, -56, -36, 56, -36, 56, 8, 24, 8, 24, -18, -24, -18, -24, 8, -56, 8);
    }

    private static void sound(Scene s) {
        s.disc(Fill.RUBBER, 0, -3, RING);
    }

    static void torn(Scene s) {
        groove(s);
        sound(s);
        if (s.seen()) {
            s.shape(Fill.PAPER, 1, -1, 9, 13, 15, 5);
            s.here(8, 6, 12);
        }
    }

    static void rolled(Scene s) {
        s.disc(Fill.RUBBER, 0, 0, 38);
        s.disc(Fill.PAPER, 0, 0, 26);
        if (!s.seen()) {
            s.ring(Pen.FINE, 0, 0, 32);
            return;
        }
        for (int a = 0; a < 360; a += 30) {
            double t = Math.toRadians(a);
            double u = Math.toRadians(a + 16);
            s.line(Pen.STOP, 26.5 * Math.cos(t), 26.5 * Math.sin(t), 37.5 * Math.cos(u), 37.5 * Math.sin(u));
        }
    }

    static void flat(Scene s) {
        groove(s);
        if (s.seen()) {
            s.shape(Fill.RUBBER, -19, -18, -21, -10, -17, -1, 17, -1, 21, -10, 19, -18);
            s.line(Pen.STOP, -17, -1, 17, -1);
        } else {
            sound(s);
        }
        s.arrow(0, 36, 0, s.either(8, 22), false);
    }

    static void missing(Scene s) {
        groove(s);
        if (s.seen()) {
            s.ring(Pen.STOP, 0, -3, RING);
            s.line(Pen.STOP, -7, -10, 7, 4);
            s.line(Pen.STOP, -7, 4, 7, -10);
        } else {
            sound(s);
        }
    }

    static void swollen(Scene s) {
        s.disc(Fill.RUBBER, -30, 0, 22);
        s.disc(Fill.PAPER, -30, 0, 14);
        s.disc(Fill.RUBBER, 28, 0, s.either(31, 22));
        s.disc(Fill.PAPER, 28, 0, s.either(16, 14));
        if (s.seen()) {
            s.ring(Pen.STOP, 28, 0, 31);
        }
    }

    /** A boss fitting: hex, nut, washer, ring, thread. */
    private static void boss(Scene s, double washer) {
        s.box(Fill.METAL, -56, -14, 54, 14);
        s.thread(16, 54, 14);
        s.box(Fill.METAL, -40, -26, -16, 26);
        s.halves(Fill.METAL_CUT, washer, 15, washer + 6, 15, washer + 6, 27, washer, 27);
        s.halves(Fill.RUBBER, 4, 14, 13, 14, 13, 22, 4, 22);
    }

    static void washerLoose(Scene s) {
        boss(s, -6);
        if (s.seen()) {
            s.arrow(-14, 36, 14, 36, true);
            s.here(-3, 21, 11);
        }
    }

    static void washerOffStep(Scene s) {
        s.box(Fill.METAL_CUT, -50, -36, 50, -14);
        s.box(Fill.METAL_CUT, -26, -14, 26, -2);
        if (s.seen()) {
            s.shape(Fill.SOFT, -42, -13, 22, -1, 20, 9, -44, -3);
            s.here(-36, -8, 13);
        } else {
            s.box(Fill.SOFT, -40, -2, 40, 8);
        }
    }

    static void washerMarked(Scene s) {
        s.disc(Fill.SOFT, 0, 0, 38);
        if (s.seen()) {
            s.ring(Pen.STOP, 0, 0, 33);
            s.ring(Pen.STOP, 0, 0, 28);
        }
        s.disc(Fill.PAPER, 0, 0, 20);
    }

    static void chamferOnly(Scene s) {
        if (s.seen()) {
            s.halves(Fill.METAL_CUT, -50, 40, 50, 40, 50, 18, -34, 18, -50, 26);
            s.here(-42, 24, 13);
        } else {
            s.halves(Fill.METAL_CUT, -50, 40, 50, 40, 50, 18, -22, 18, -34, 29, -50, 29);
        }
        for (double x = -14; x < 48; x += 6) {
            s.line(Pen.THREAD, x, 18, x + 3, 21, x + 6, 18);
            s.line(Pen.THREAD, x, -18, x + 3, -21, x + 6, -18);
        }
    }

    /** Seat below, disc with its washer above. */
    private static void valve(Scene s) {
        s.halves(Fill.METAL_CUT, -54, 40, -20, 40, -20, 14, -54, 14);
        s.box(Fill.METAL, 8, -30, 22, 30);
        s.box(Fill.METAL, 22, -6, 56, 6);
    }

    static void chip(Scene s) {
        valve(s);
        s.box(Fill.RUBBER, -4, -26, 8, 26);
        if (s.seen()) {
            s.shape(Fill.BLACK, -19, 22, -12, 26, -5, 22, -8, 16, -16, 16);
            s.here(-12, 21, 13);
        }
        s.arrow(40, 18, 26, 18, false);
    }

    static void washerWorn(Scene s) {
        valve(s);
        if (s.seen()) {
            s.shape(Fill.RUBBER, 8, -26, 8, 26, 3, 26, 4, 18, 7, 12, 6, 2, 7, -8, 4, -18, 3, -26);
            s.line(Pen.STOP, 3, 26, 4, 18, 7, 12, 6, 2, 7, -8, 4, -18, 3, -26);
        } else {
            s.box(Fill.RUBBER, -4, -26, 8, 26);
        }
    }
}
