package mellowflare.core.picture.moment;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** A cut end, and a line that is clean inside. */
final class Cleaning {
    private Cleaning() {}

    static void square(Scene s) {
        s.box(Fill.METAL, -58, -14, 22, 14);
        s.shape(Fill.PAPER, -30, 16, 24, 16, 24, -36, 32, -36, 32, 24, -30, 24);
    }

    /** The piece that is cut off first, as a trial. */
    static void handsBreadth(Scene s) {
        s.box(Fill.METAL, -58, -12, -2, 12);
        s.box(Fill.METAL, 8, -12, 54, 12);
        s.line(Pen.STOP, 3, -24, 3, 24);
        s.arrow(14, 26, 8, 26, false);
        s.arrow(48, 26, 54, 26, false);
        s.line(Pen.SELECTED, 14, 26, 48, 26);
    }

    /** Its mouth down, so that what comes off falls out and not in. */
    static void reamed(Scene s) {
        s.box(Fill.METAL, -16, 2, -8, 44);
        s.box(Fill.METAL, 8, 2, 16, 44);
        s.shape(Fill.PAPER, 0, 12, 14, -10, 8, -14, -8, -14, -14, -10);
        s.box(Fill.BLACK, -6, -28, 6, -14);
        s.turn(0, -6, 26, 210, 330);
        s.line(Pen.FINE, -24, -32, -20, -36);
        s.line(Pen.FINE, 18, -34, 23, -38);
        s.line(Pen.FINE, -12, -38, -8, -41);
    }

    static void blown(Scene s) {
        tube(s);
        s.arrow(-58, 0, -42, 0, false);
        s.arrow(42, 0, 54, 0, false);
        s.arrow(42, 6, 52, 12, false);
        s.arrow(42, -6, 52, -12, false);
    }

    private static void tube(Scene s) {
        s.box(Fill.METAL, -36, 8, 36, 14);
        s.box(Fill.METAL, -36, -14, 36, -8);
    }

    static void swab(Scene s) {
        tube(s);
        s.oval(Fill.PAPER, 0, 0, 14, 7);
        s.line(Pen.OUTLINE, 14, 0, 56, 0);
        s.line(Pen.OUTLINE, -14, 0, -56, 0);
        s.arrow(-18, 26, 18, 26, true);
    }

    static void endsCapped(Scene s) {
        s.box(Fill.METAL, -40, -10, 40, 10);
        s.box(Fill.SOFT, -54, -14, -34, 14);
        s.box(Fill.SOFT, 34, -14, 54, 14);
    }

    /** Scale and chips come loose by a tap and fall out of the lower end. */
    static void tapped(Scene s) {
        s.shape(Fill.METAL, -50, 16, -44, 30, 30, -2, 24, -16);
        s.shape(Fill.WIRE, -10, 40, 12, 32, 8, 22, -14, 30);
        s.line(Pen.OUTLINE, 6, 34, 42, 42);
        for (int i = 0; i < 4; i++) {
            s.line(Pen.FINE, 34 + 5 * i, -14 - 7 * i, 37 + 5 * i, -18 - 7 * i);
        }
    }

    static void noOil(Scene s) {
        s.shape(Fill.METAL, -20, -24, 14, -24, 10, 4, -2, 8, -2, 14, -10, 14, -10, 6, -16, 4);
        s.line(Pen.OUTLINE, 10, -4, 30, 12);
        s.drop(32, 10, 6);
        s.ring(Pen.STOP, 2, -4, 38);
        s.line(Pen.STOP, -25, -31, 29, 23);
    }

    static void intoCan(Scene s) {
        s.shape(Fill.RUBBER, -58, 34, 6, 34, 20, 24, 24, 4, 12, 4, 9, 18, 4, 22, -58, 22);
        s.drop(18, 0, 7);
        s.shape(Fill.PAPER, -4, -8, -4, -42, 42, -42, 42, -8);
        s.line(Pen.FINE, -4, -26, 42, -26);
    }
}
