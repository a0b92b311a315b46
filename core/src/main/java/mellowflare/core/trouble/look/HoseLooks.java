package mellowflare.core.trouble.look;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** A hose along its length. */
final class HoseLooks {
    private static final double HALF = 13;

    private HoseLooks() {}

    private static void straight(Scene s) {
        s.box(Fill.RUBBER, -58, -HALF, 58, HALF);
    }

    private static void ends(Scene s, double left, double right) {
        s.box(Fill.METAL, left, -18, left + 14, 18);
        s.box(Fill.METAL, right - 14, -18, right, 18);
    }

    static void coverRubbed(Scene s) {
        straight(s);
        if (s.seen()) {
            s.shape(Fill.WIRE, -18, HALF, 18, HALF, 12, 1, -12, 1);
            s.here(0, 8, 21);
        }
    }

    static void blister(Scene s) {
        if (s.seen()) {
            s.shape(Fill.RUBBER, -58, HALF, -16, HALF, -9, 22, 0, 26, 9, 22, 16, HALF, 58, HALF, 58, -HALF, -58, -HALF);
            s.here(0, 19, 19);
        } else {
            straight(s);
        }
    }

    static void twisted(Scene s) {
        straight(s);
        if (!s.seen()) {
            s.line(Pen.MEASURED, -58, 2, 58, 2);
            return;
        }
        for (double x = -52; x < 50; x += 34) {
            s.line(Pen.STOP, x, -HALF, x + 6, -8, x + 14, 0, x + 22, 8, x + 28, HALF);
        }
    }

    static void kinked(Scene s) {
        if (s.seen()) {
            s.shape(Fill.RUBBER, -44, 13, -26, 13, -14, 8, 26, -34, 44, -20, 2, 22, -18, 34, -44, 34);
            s.line(Pen.STOP, -20, 11, -8, 28);
            s.here(-12, 17, 17);
        } else {
            s.shape(Fill.RUBBER, -44, 13, -12, 13, 2, 7, 10, -4, 13, -34, 33, -34, 29, 0, 16, 22, -4, 33, -44, 34);
        }
        s.box(Fill.METAL, -58, 8, -44, 39);
    }

    static void pulledStraight(Scene s) {
        if (s.seen()) {
            s.box(Fill.RUBBER, -44, -8, 44, 8);
            s.arrow(-8, 28, -38, 28, false);
            s.arrow(8, 28, 38, 28, false);
        } else {
            s.shape(
                    Fill.RUBBER,
                    -44,
                    8,
                    -24,
                    6,
                    -10,
                    -4,
                    0,
                    -8,
                    10,
                    -4,
                    24,
                    6,
                    44,
                    8,
                    44,
                    -8,
                    30,
                    -10,
                    14,
                    -20,
                    0,
                    -25,
                    -14,
                    -20,
                    -30,
                    -10,
                    -44,
                    -8);
        }
        ends(s, -58, 58);
    }

    private static void arch(Scene s, double rise) {
        double low = -30;
        s.shape(
                Fill.RUBBER,
                -46,
                low,
                -40,
                low + 0.6 * rise,
                -22,
                low + 0.95 * rise,
                0,
                low + rise,
                22,
                low + 0.95 * rise,
                40,
                low + 0.6 * rise,
                46,
                low,
                26,
                low,
                22,
                low + 0.6 * (rise - 20),
                12,
                low + 0.9 * (rise - 20),
                0,
                low + rise - 20,
                -12,
                low + 0.9 * (rise - 20),
                -22,
                low + 0.6 * (rise - 20),
                -26,
                low);
    }

    static void hard(Scene s) {
        if (!s.seen()) {
            arch(s, 62);
            return;
        }
        straight(s);
        for (double x = -40; x < 50; x += 16) {
            s.line(Pen.STOP, x, HALF, x + 3, 6, x, 1);
        }
        s.arrow(-48, 34, -48, 20, false);
        s.arrow(48, 34, 48, 20, false);
    }

    static void soft(Scene s) {
        if (s.seen()) {
            s.shape(
                    Fill.RUBBER,
                    -58,
                    15,
                    -16,
                    17,
                    -9,
                    6,
                    0,
                    3,
                    9,
                    6,
                    16,
                    17,
                    58,
                    15,
                    58,
                    -15,
                    16,
                    -17,
                    0,
                    -18,
                    -16,
                    -17,
                    -58,
                    -15);
        } else {
            straight(s);
        }
        s.arrow(0, 40, 0, s.either(9, 19), false);
    }

    static void sags(Scene s) {
        if (s.seen()) {
            s.shape(
                    Fill.RUBBER,
                    -56,
                    30,
                    -40,
                    4,
                    -22,
                    -20,
                    0,
                    -27,
                    22,
                    -20,
                    40,
                    -2,
                    56,
                    10,
                    56,
                    20,
                    38,
                    8,
                    20,
                    -9,
                    0,
                    -16,
                    -20,
                    -9,
                    -34,
                    8,
                    -48,
                    34);
            s.drop(0, -16, 5);
            s.here(0, -21, 14);
        } else {
            s.shape(Fill.RUBBER, -56, 30, 56, 0, 56, 10, -54, 40);
        }
        s.box(Fill.METAL, s.either(52, 52), s.either(6, -4), 60, s.either(24, 14));
    }
}
