package mellowflare.core.trouble.look;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** Compressed air: the main, its drops, its tools, and gauges at them. */
final class AirLooks {
    private static final double PIPE = 6;

    private AirLooks() {}

    static void waterAtTool(Scene s) {
        s.box(Fill.RUBBER, -56, 2, -10, 16);
        s.box(Fill.METAL, -10, 0, 14, 18);
        s.box(Fill.PAPER, -20, -36, 56, -30);
        if (s.seen()) {
            s.drop(20, 12, 7);
            s.drop(32, 2, 7);
            s.drop(22, -8, 7);
            s.drop(42, -10, 6);
        } else {
            s.line(Pen.FINE, 20, 12, 44, 15);
            s.line(Pen.FINE, 20, 8, 46, 8);
            s.line(Pen.FINE, 20, 4, 44, 1);
        }
    }

    /** Main above, leg down with its drain, the outlet to the right. */
    private static void leg(Scene s, double outlet, double bottom) {
        s.box(Fill.METAL, -56, 26, 56, 38);
        s.box(Fill.METAL, -PIPE, bottom, PIPE, 26);
        s.box(Fill.METAL, PIPE, outlet - 5, 40, outlet + 5);
        s.box(Fill.METAL, 40, outlet - 8, 52, outlet + 8);
    }

    static void legFull(Scene s) {
        leg(s, 2, -34);
        if (s.seen()) {
            s.box(Fill.DEEP, -PIPE, -34, PIPE, -4);
            s.drop(0, -36, 4);
            s.here(0, -18, 17);
        } else {
            s.box(Fill.DEEP, -PIPE, -34, PIPE, -29);
        }
    }

    static void noLeg(Scene s) {
        leg(s, s.either(-4, 4), s.either(-9, -36));
        s.here(0, -24, 13);
    }

    static void drainLevel(Scene s) {
        leg(s, s.either(-22, 4), -36);
        s.box(Fill.METAL, -24, -34, -PIPE, -26);
        if (s.seen()) {
            s.line(Pen.STOP, -34, -29, 50, -29);
        }
    }

    static void dropFromBelow(Scene s) {
        s.disc(Fill.METAL, -14, 12, 22);
        s.disc(Fill.PAPER, -14, 12, 17);
        if (s.seen()) {
            s.box(Fill.METAL, -20, -40, -8, -9);
            s.here(-14, -10, 13);
        } else {
            s.shape(Fill.METAL, -20, 33, -20, 42, 34, 42, 34, -40, 22, -40, 22, 30, -8, 30, -8, 33);
        }
    }

    /** A gauge whose hand stands low or where it should. */
    private static void gauge(Scene s, double x, boolean low) {
        s.disc(Fill.PAPER, x, 4, 23);
        s.box(Fill.METAL, x - 4, -32, x + 4, -19);
        double t = Math.toRadians(low ? 200 : 50);
        s.line(low ? Pen.STOP : Pen.OUTLINE, x, 4, x + 18 * Math.cos(t), 4 + 18 * Math.sin(t));
    }

    static void lowAtTool(Scene s) {
        gauge(s, -30, false);
        gauge(s, 30, s.seen());
    }

    static void lowEverywhere(Scene s) {
        gauge(s, -30, s.seen());
        gauge(s, 30, true);
    }

    /** Pressure over time: every rise is a start. */
    static void startsOften(Scene s) {
        s.line(Pen.OUTLINE, -50, 36, -50, -34, 54, -34);
        int starts = s.seen() ? 5 : 2;
        double wide = 100.0 / starts;
        for (int i = 0; i < starts; i++) {
            double x = -50 + i * wide;
            s.line(s.seen() ? Pen.STOP : Pen.MEASURED, x, -16, x + 0.25 * wide, 20, x + wide, -16);
        }
    }

    static void hiss(Scene s) {
        s.box(Fill.METAL, -56, -10, -12, 10);
        s.box(Fill.METAL, 12, -10, 56, 10);
        s.box(Fill.METAL, -12, -18, 12, 18);
        if (s.seen()) {
            for (double r = 10; r <= 26; r += 8) {
                s.arc(Pen.STOP, 12, 12, r, 30, 100);
            }
        }
    }

    static void screenDirty(Scene s) {
        s.box(Fill.PAPER, -34, -30, 34, 30);
        for (double x = -24; x < 34; x += 10) {
            s.line(Pen.FINE, x, -30, x, 30);
        }
        for (double y = -20; y < 30; y += 10) {
            s.line(Pen.FINE, -34, y, 34, y);
        }
        if (s.seen()) {
            s.shape(Fill.BLACK, -30, -24, -12, -28, -4, -12, -16, 2, -30, -4);
            s.shape(Fill.BLACK, 2, -26, 28, -20, 26, 4, 12, 10, 4, -6);
            s.shape(Fill.BLACK, -24, 12, -6, 8, 6, 24, -14, 27);
        }
    }

    static void noLeakFound(Scene s) {
        s.box(Fill.METAL, -56, -10, -12, 10);
        s.box(Fill.METAL, 12, -10, 56, 10);
        s.box(Fill.METAL, -12, -18, 12, 18);
        if (!s.seen()) {
            s.disc(Fill.PAPER, 16, 22, 8);
            s.disc(Fill.PAPER, 26, 16, 5);
            s.disc(Fill.PAPER, 12, 34, 5);
        } else {
            s.line(Pen.SELECTED, 10, 30, 17, 23, 30, 40);
        }
    }
}
