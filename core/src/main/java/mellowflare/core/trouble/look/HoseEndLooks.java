package mellowflare.core.trouble.look;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** The end of a hose: hose from the left, its socket or ferrule, the hex of the nipple at the right. */
final class HoseEndLooks {
    private static final double HOSE = 14;
    private static final double MOUTH = -14;
    private static final double SOCKET = 30;

    private HoseEndLooks() {}

    private static void hose(Scene s, double to) {
        s.box(Fill.RUBBER, -58, -HOSE, to, HOSE);
    }

    private static void socket(Scene s) {
        s.box(Fill.METAL, MOUTH, -21, SOCKET, 21);
    }

    private static void end(Scene s, double hex) {
        s.box(Fill.METAL, hex, -18, hex + 14, 18);
        s.box(Fill.METAL, hex + 14, -9, 58, 9);
    }

    private static void whole(Scene s, double gap) {
        hose(s, MOUTH);
        s.box(Fill.METAL, SOCKET, -8, SOCKET + gap, 8);
        socket(s);
        end(s, SOCKET + gap);
    }

    static void witnessMoved(Scene s) {
        whole(s, 0);
        double mark = MOUTH - s.either(12, 2);
        s.line(s.seen() ? Pen.STOP : Pen.MEASURED, mark, -HOSE - 5, mark, HOSE + 5);
        if (s.seen()) {
            s.arrow(MOUTH - 1, 30, mark, 30, false);
        }
    }

    static void gapWide(Scene s) {
        whole(s, s.either(9, 2.5));
        s.here(SOCKET + 5, 0, 12);
    }

    static void gapClosed(Scene s) {
        whole(s, s.either(0, 4));
        s.here(SOCKET, 0, 12);
    }

    static void endTurns(Scene s) {
        whole(s, 0);
        if (s.seen()) {
            s.turn(8, 0, 34, 50, 130);
            s.turn(8, 0, 34, -130, -50);
        }
    }

    static void strand(Scene s) {
        hose(s, 0);
        s.halves(Fill.METAL_CUT, MOUTH, 26, SOCKET, 26, SOCKET, HOSE, MOUTH, HOSE);
        s.box(Fill.METAL, -40, -6, SOCKET, 6);
        end(s, SOCKET);
        if (s.seen()) {
            s.line(Pen.STOP, -22, 12, -8, 5, 6, 11, 18, 6);
            s.here(2, 9, 17);
        }
    }

    static void crimpOff(Scene s) {
        hose(s, MOUTH);
        if (s.seen()) {
            s.shape(Fill.METAL, MOUTH, 17, 0, 19, SOCKET, 26, SOCKET, -26, 0, -19, MOUTH, -17);
        } else {
            socket(s);
        }
        end(s, SOCKET);
        double[] high = s.seen() ? new double[] {18, 20, 24} : new double[] {21, 21, 21};
        for (int i = 0; i < high.length; i++) {
            double x = MOUTH + 8 + 14 * i;
            s.line(s.seen() ? Pen.STOP : Pen.MEASURED, x, -high[i] - 8, x, high[i] + 8);
        }
    }

    static void shavedRubber(Scene s) {
        s.disc(Fill.RUBBER, 0, 0, 40);
        s.disc(Fill.METAL, 0, 0, 27);
        s.disc(Fill.PAPER, 0, 0, 22);
        if (s.seen()) {
            s.shape(Fill.RUBBER, 7, 21, 3, 12, 9, 5, 4, -3, 13, 4, 14, 16);
            s.here(8, 9, 15);
        }
    }
}
