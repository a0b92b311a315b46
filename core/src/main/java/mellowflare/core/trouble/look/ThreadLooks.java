package mellowflare.core.trouble.look;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** A male that goes into a female, or a nut on its thread, from the side. */
final class ThreadLooks {
    private ThreadLooks() {}

    private static void female(Scene s, Fill fill) {
        s.halves(fill, -54, 34, -4, 34, -4, 17, -54, 17);
    }

    private static void male(Scene s, double into, Fill fill) {
        s.box(fill, into, -14, into + 46, 14);
        s.thread(into, into + 45, 14);
        s.box(fill, into + 46, -22, into + 62, 22);
    }

    static void turnsByHand(Scene s) {
        female(s, Fill.METAL_CUT);
        male(s, s.either(-46, -34), Fill.METAL);
        if (s.seen()) {
            s.turn(8, 0, 34, -50, 60);
            s.turn(8, 0, 34, 130, 240);
        }
    }

    static void nutBinds(Scene s) {
        s.shape(Fill.METAL, -56, 9, -16, 9, 2, 22, 6, 18, -6, 0, 6, -18, 2, -22, -16, -9, -56, -9);
        s.box(Fill.METAL, 10, -16, 56, 16);
        s.thread(10, 56, 16);
        double nut = s.either(14, -24);
        s.halves(Fill.METAL_CUT, nut - 24, 19, nut + 34, 19, nut + 34, 30, nut - 24, 30);
        if (s.seen()) {
            s.line(Pen.STOP, 14, 22, 24, 32);
            s.line(Pen.STOP, 14, 32, 24, 22);
        }
    }

    static void fewThreads(Scene s) {
        female(s, Fill.METAL_CUT);
        male(s, s.either(-46, -28), Fill.METAL);
        s.here(-1, 18, 10);
        if (!s.seen()) {
            s.arrow(-2, 40, 16, 40, true);
        }
    }

    static void splitFemale(Scene s) {
        s.box(Fill.METAL, -54, -32, 2, 32);
        s.box(Fill.METAL, 2, -14, 26, 14);
        s.thread(2, 26, 14);
        s.box(Fill.METAL, 26, -22, 44, 22);
        if (s.seen()) {
            s.line(Pen.STOP, 2, 8, -10, 5, -18, 10, -30, 6, -38, 9);
            s.here(-16, 8, 18);
        }
    }

    private static void alone(Scene s, Fill fill) {
        s.box(fill, -46, -20, 20, 20);
        s.thread(-46, 20, 20);
        s.box(fill, 20, -32, 46, 32);
    }

    static void pasteRunny(Scene s) {
        alone(s, Fill.METAL);
        s.halves(Fill.SOFT, -38, 24, 8, 24, 8, 19, -38, 19);
        if (s.seen()) {
            s.drop(-28, -22, 7);
            s.drop(-12, -26, 7);
            s.drop(2, -22, 7);
        }
    }

    static void littleSealant(Scene s) {
        alone(s, Fill.METAL);
        if (s.seen()) {
            s.shape(Fill.SOFT, 0, 24, 8, 24, 8, 19, 0, 19);
            s.here(-20, 22, 14);
        } else {
            s.shape(Fill.SOFT, -40, 24, 12, 24, 12, -24, -40, -24);
            for (double x = -32; x < 12; x += 10) {
                s.line(Pen.FINE, x, 24, x + 6, -24);
            }
        }
    }

    static void backedOff(Scene s) {
        female(s, Fill.METAL_CUT);
        male(s, -36, Fill.METAL);
        s.turn(18, 0, 34, -50, 60);
        if (s.seen()) {
            s.arc(Pen.STOP, 18, 0, 40, 20, -30);
            s.line(Pen.STOP, 47, -22, 53, -20, 51, -13);
        }
    }

    static void plastic(Scene s) {
        female(s, s.seen() ? Fill.PALE : Fill.METAL_CUT);
        male(s, -36, Fill.METAL);
        s.here(-30, 26, 15);
    }
}
