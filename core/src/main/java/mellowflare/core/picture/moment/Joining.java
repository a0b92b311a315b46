package mellowflare.core.picture.moment;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** How parts come together. */
final class Joining {
    private Joining() {}

    private static void nut(Scene s, double left, double right, double y) {
        s.box(Fill.PAPER, left, y - 16, right, y + 16);
        s.line(Pen.FINE, left, y - 6, right, y - 6);
        s.line(Pen.FINE, left, y + 6, right, y + 6);
    }

    static void byFingers(Scene s) {
        s.box(Fill.METAL, -58, -8, 0, 8);
        s.box(Fill.METAL, 14, -11, 58, 11);
        s.thread(14, 40, 11);
        nut(s, -14, 22, 0);
        s.turn(4, 0, 30, 50, 130);
        s.turn(4, 0, 30, 230, 310);
    }

    static void inLine(Scene s) {
        s.line(Pen.CENTRE_LINE, -58, 0, 58, 0);
        s.box(Fill.METAL, -58, -9, -8, 9);
        s.shape(Fill.METAL, -8, -9, -2, -15, -2, 15, -8, 9);
        s.shape(Fill.METAL, 8, -14, 14, -20, 58, -20, 58, 20, 14, 20, 8, 14);
    }

    static void neverForced(Scene s) {
        s.line(Pen.CENTRE_LINE, -10, 0, 58, 0);
        s.shape(Fill.METAL, 8, -14, 14, -20, 58, -20, 58, 20, 14, 20, 8, 14);
        s.shape(Fill.METAL, -56, 12, -52, -5, -4, 6, -3, 13, -8, 30, -9, 23);
        s.arrow(-24, 40, -20, 26, false);
        cross(s, -40, -28);
    }

    /** One line over hose and end shows later whether either has turned. */
    static void lineAcross(Scene s) {
        s.box(Fill.RUBBER, -58, -14, 2, 14);
        s.box(Fill.METAL, -14, -18, 22, 18);
        s.box(Fill.METAL, 22, -10, 46, 10);
        s.line(Pen.SELECTED, -50, 4, 16, 4);
    }

    private static void hoseEnd(Scene s, double mark, Pen pen) {
        s.box(Fill.RUBBER, -58, -14, -14, 14);
        s.box(Fill.METAL, -14, -21, 30, 21);
        s.box(Fill.METAL, 30, -17, 42, 17);
        s.box(Fill.METAL, 42, -9, 58, 9);
        s.line(pen, mark, -19, mark, 19);
    }

    /** The mark that was made when hose and end were put together. */
    static void markHeld(Scene s) {
        hoseEnd(s, -16, Pen.MEASURED);
    }

    static void markMoved(Scene s) {
        hoseEnd(s, -30, Pen.STOP);
        s.arrow(-15, 30, -30, 30, false);
        cross(s, -46, 32);
    }

    static void strandOut(Scene s) {
        hoseEnd(s, -16, Pen.MEASURED);
        s.line(Pen.STOP, -14, 16, -22, 26, -20, 36);
        s.line(Pen.STOP, -14, 12, -28, 20, -34, 22);
        cross(s, -48, 36);
    }

    private static void cross(Scene s, double x, double y) {
        s.line(Pen.STOP, x - 6, y - 6, x + 6, y + 6);
        s.line(Pen.STOP, x - 6, y + 6, x + 6, y - 6);
    }

    static void noTwist(Scene s) {
        s.shape(Fill.RUBBER, -48, 18, -30, 0, 0, -10, 30, 0, 48, 18, 38, 28, 22, 12, 0, 4, -22, 12, -38, 28);
        s.line(Pen.MEASURED, -43, 23, -26, 6, 0, -3, 26, 6, 43, 23);
        s.shape(Fill.METAL, -58, 30, -46, 42, -36, 30, -48, 18);
        s.shape(Fill.METAL, 58, 30, 46, 42, 36, 30, 48, 18);
    }

    static void behindBarb(Scene s) {
        s.box(Fill.RUBBER, -58, 9, 26, 17);
        s.box(Fill.RUBBER, -58, -17, 26, -9);
        s.shape(
                Fill.METAL,
                -30,
                -6,
                -18,
                -9,
                -18,
                -6,
                -6,
                -9,
                -6,
                -6,
                30,
                -6,
                30,
                -14,
                56,
                -14,
                56,
                14,
                30,
                14,
                30,
                6,
                -6,
                6,
                -6,
                9,
                -18,
                6,
                -18,
                9,
                -30,
                6);
        s.box(Fill.WIRE, 4, 14, 18, 22);
        s.box(Fill.WIRE, 4, -22, 18, -14);
    }

    static void oiledDie(Scene s) {
        s.box(Fill.METAL, -58, -12, 30, 12);
        s.thread(0, 30, 12);
        s.box(Fill.PAPER, -20, 12, 4, 34);
        s.box(Fill.PAPER, -20, -34, 4, -12);
        s.drop(18, 40, 6);
        s.drop(34, 34, 6);
        s.turn(-8, 0, 42, 150, 120);
    }

    /** A ring gauge, or a fitting, goes on by hand. */
    static void gauged(Scene s) {
        s.box(Fill.METAL, -58, -12, 34, 12);
        s.thread(-10, 34, 12);
        s.box(Fill.PAPER, 8, 12, 30, 26);
        s.box(Fill.PAPER, 8, -26, 30, -12);
        s.turn(19, 0, 34, 60, 120);
    }

    static void holesLevel(Scene s) {
        s.disc(Fill.METAL, 0, -4, 36);
        s.disc(Fill.PAPER, 0, -4, 14);
        for (int i = 0; i < 4; i++) {
            double t = Math.toRadians(45 + 90.0 * i);
            s.disc(Fill.PAPER, 25 * Math.cos(t), -4 + 25 * Math.sin(t), 5);
        }
        s.box(Fill.WIRE, -34, 20, 34, 30);
        s.oval(Fill.PAPER, 0, 25, 8, 3);
    }

    static void inQuarters(Scene s) {
        s.ring(Pen.OUTLINE, 0, 0, 20);
        s.ring(Pen.OUTLINE, 0, 0, 34);
        double[] starts = {5, 185, 95, 275};
        for (int i = 0; i < starts.length; i++) {
            s.turn(0, 0, 27, starts[i], starts[i] + 68);
            double t = Math.toRadians(starts[i] + 40);
            for (int n = 0; n <= i; n++) {
                double out = 39 + 0.5 * n;
                double a = t + Math.toRadians(5.0 * (n - i / 2.0));
                s.line(
                        Pen.SELECTED,
                        out * Math.cos(a),
                        out * Math.sin(a),
                        (out + 5) * Math.cos(a),
                        (out + 5) * Math.sin(a));
            }
        }
    }

    /** On either side of the joint, close to it. */
    static void clipped(Scene s) {
        s.line(Pen.OUTLINE, -58, 26, 58, 26);
        s.box(Fill.METAL, -58, -8, 58, 8);
        s.box(Fill.METAL, -14, -14, 14, 14);
        s.box(Fill.METAL, -7, -40, 7, -14);
        for (int side : new int[] {-1, 1}) {
            s.box(Fill.SOFT, 36 * side - 6, -12, 36 * side + 6, 26);
        }
    }

    static void swing(Scene s) {
        s.box(Fill.METAL, -58, -4, 58, 4);
        s.ring(Pen.SELECTED, 0, 0, 30);
        s.box(Fill.PAPER, -8, 4, 8, 30);
        s.box(Fill.PAPER, -8, -16, 8, -4);
        s.turn(0, 0, 38, 110, 60);
        s.line(Pen.OUTLINE, -56, 40, 56, 40);
    }
}
