package mellowflare.core.picture.moment;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** What belongs to a line for gas that burns. */
final class Burning {
    private Burning() {}

    private static void room(Scene s) {
        s.line(Pen.OUTLINE, -56, 42, 56, 42);
        s.line(Pen.OUTLINE, -56, -40, 56, -40);
    }

    private static void detector(Scene s, double x, double y) {
        s.box(Fill.PAPER, x - 8, y - 12, x + 8, y + 12);
        s.disc(Fill.BLACK, x, y - 5, 4);
        s.line(Pen.FINE, x - 4, y + 5, x + 4, y + 5);
    }

    /** Gas that is heavier than air lies on the floor. */
    static void detectorLow(Scene s) {
        room(s);
        cloud(s, -30);
        detector(s, 32, -25);
        s.arrow(32, 10, 32, -8, false);
    }

    /** Gas that is lighter than air gathers under the ceiling. */
    static void detectorHigh(Scene s) {
        room(s);
        cloud(s, 32);
        detector(s, 32, 27);
        s.arrow(32, -10, 32, 8, false);
    }

    private static void cloud(Scene s, double y) {
        for (int i = 0; i < 4; i++) {
            s.ring(Pen.WARN, -48 + 18.0 * i, y + (i % 2 == 0 ? 0 : 3), 6);
        }
    }

    static void aired(Scene s) {
        s.box(Fill.PAPER, -24, -34, 24, 38);
        s.shape(Fill.NONE, 24, 38, 46, 28, 46, -42, 24, -34);
        s.arrow(-50, 2, -8, 2, false);
        s.arrow(-50, -14, -8, -14, false);
        s.arrow(-50, 18, -8, 18, false);
    }

    /** From the source outward. */
    static void nearestFirst(Scene s) {
        s.box(Fill.METAL, -58, -26, 56, -18);
        s.box(Fill.BLACK, -58, -32, -50, -12);
        for (int i = 0; i < 3; i++) {
            double x = -28 + 36.0 * i;
            s.box(Fill.PAPER, x - 10, -18, x + 10, 2);
            for (int n = 0; n <= i; n++) {
                s.line(Pen.SELECTED, x + 4 * (n - i / 2.0), 28, x + 4 * (n - i / 2.0), 38);
            }
        }
        ShuttingOff.flame(s, -28, 2, 7, 18);
        s.arrow(-14, 14, 30, 14, false);
    }

    private static void burner(Scene s, double x) {
        s.shape(Fill.METAL, x - 22, -34, x + 22, -34, x + 18, -24, x - 18, -24);
        s.line(Pen.OUTLINE, -56, -34, 56, -34);
    }

    static void flameBlue(Scene s) {
        burner(s, 0);
        for (int i = -1; i <= 1; i++) {
            ShuttingOff.flame(s, 12.0 * i, -24, 5, 24);
            s.line(Pen.FINE, 12.0 * i, -22, 12.0 * i, -10);
        }
        s.line(Pen.SELECTED, 30, 14, 35, 8, 44, 22);
    }

    /** One lifts off its burner, one burns with a long soft tip. */
    static void flameBad(Scene s) {
        burner(s, 0);
        ShuttingOff.flame(s, -12, -12, 5, 24);
        s.shape(Fill.OVER, 7, -18, 10, -24, 15, -24, 18, -18, 12, 4, 20, 18, 8, 34, 10, 16, 6, 2);
        s.line(Pen.STOP, 32, 8, 44, 20);
        s.line(Pen.STOP, 32, 20, 44, 8);
    }

    private static void hood(Scene s) {
        s.shape(Fill.METAL, -34, -4, 34, -4, 10, 16, 10, 42, -10, 42, -10, 16);
        s.box(Fill.PAPER, -26, -40, 26, -18);
        s.line(Pen.OUTLINE, 58, -30, 40, -12);
    }

    static void smokeIn(Scene s) {
        hood(s);
        s.arrow(40, -10, 20, -9, false);
        s.arrow(0, 0, 0, 32, false);
    }

    static void smokeOut(Scene s) {
        hood(s);
        s.arrow(36, -10, 54, 10, false);
        s.line(Pen.STOP, -54, 14, -42, 26);
        s.line(Pen.STOP, -54, 26, -42, 14);
    }
}
