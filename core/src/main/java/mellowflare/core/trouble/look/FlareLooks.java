package mellowflare.core.trouble.look;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** What a flare or a seat shows, looked at along the tube: its rim, its bore, and between them the mark where the cones met. */
final class FlareLooks {
    private static final double RIM = 38;
    private static final double BORE = 17;
    private static final double MARK_OUT = 32;
    private static final double MARK_IN = 24;

    private FlareLooks() {}

    private static void face(Scene s, double rim) {
        s.disc(Fill.METAL, 0, 0, rim);
    }

    private static void mark(Scene s, double x, double out, double in) {
        s.disc(Fill.MIDDLE, x, 0, out);
        s.disc(Fill.METAL, x, 0, in);
    }

    private static void bore(Scene s) {
        s.disc(Fill.PAPER, 0, 0, BORE);
    }

    private static void whole(Scene s, double rim) {
        face(s, rim);
        mark(s, 0, MARK_OUT, MARK_IN);
        bore(s);
    }

    static void crack(Scene s) {
        whole(s, RIM);
        if (s.seen()) {
            s.line(Pen.STOP, 12, 12, 17, 19, 20, 20, 23, 28, 27, 27);
            s.here(20, 20, 15);
        }
    }

    static void scratch(Scene s) {
        whole(s, RIM);
        if (s.seen()) {
            s.line(Pen.STOP, 15, 8, 34, 16);
            s.line(Pen.STOP, 15.5, 6.5, 34.5, 14.5);
            s.here(25, 12, 14);
        }
    }

    static void thinMark(Scene s) {
        face(s, RIM);
        mark(s, 0, s.either(29, MARK_OUT), s.either(27.6, MARK_IN));
        bore(s);
    }

    static void markIncomplete(Scene s) {
        whole(s, RIM);
        if (s.seen()) {
            s.shape(Fill.METAL, 13, 19, 19, 28, 28, 21, 33, 5, 25, 3.5, 21, 12);
            s.here(25, 17, 16);
        }
    }

    static void markOffCentre(Scene s) {
        face(s, RIM);
        mark(s, s.either(4.5, 0), s.either(33, MARK_OUT), s.either(22, MARK_IN));
        bore(s);
        if (s.seen()) {
            s.arrow(-29, 0, -26, 0, true);
            s.arrow(20, 0, 35, 0, true);
        }
    }

    static void doubleRim(Scene s) {
        whole(s, RIM);
        if (s.seen()) {
            s.ring(Pen.STOP, 0, 0, 35);
            s.ring(Pen.STOP, 0, 0, RIM);
        }
    }

    static void narrow(Scene s) {
        against(s, s.either(29, 37));
    }

    static void wide(Scene s) {
        against(s, s.either(42, 36));
    }

    /** The rim against the two circles between which it must lie. */
    private static void against(Scene s, double rim) {
        face(s, rim);
        bore(s);
        s.ring(Pen.HIDDEN, 0, 0, 34);
        s.ring(Pen.HIDDEN, 0, 0, 39);
        if (s.seen()) {
            s.ring(Pen.STOP, 0, 0, rim);
        }
    }

    static void sealantOnCone(Scene s) {
        whole(s, RIM);
        if (s.seen()) {
            s.shape(Fill.SOFT, -34, 6, -24, 14, -27, 22, -12, 27, -6, 21, -20, 13, -22, 5);
            s.here(-21, 16, 17);
        }
    }

    static void seatCut(Scene s) {
        whole(s, RIM);
        if (s.seen()) {
            s.shape(Fill.PAPER, 11, 13, 22, 25, 25, 21, 14, 10);
            s.here(19, 18, 14);
        }
    }

    static void nutWillNotPass(Scene s) {
        double rim = s.either(25, 19);
        s.shape(Fill.METAL, -56, 9, 20, 9, 40, rim, 43, rim - 4, 30, 0, 43, 4 - rim, 40, -rim, 20, -9, -56, -9);
        double nut = s.either(6, 26);
        s.halves(Fill.METAL_CUT, nut - 40, 21, nut, 21, nut, 31, nut - 40, 31);
        if (s.seen()) {
            s.line(Pen.STOP, 22, 12, 34, 24);
            s.here(31, 22, 11);
        }
        s.arrow(-50, 37, nut - 10, 37, false);
    }
}
