package mellowflare.core.picture.moment;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** What is left to do when the line holds. */
final class Handing {
    private Handing() {}

    static void tagged(Scene s) {
        s.box(Fill.METAL, -58, 16, 58, 30);
        s.line(Pen.OUTLINE, -8, 16, -8, 34);
        s.line(Pen.OUTLINE, -8, 16, -4, 6);
        s.shape(Fill.PAPER, -26, 0, -18, 6, 40, 6, 40, -38, -26, -38);
        for (int i = 0; i < 4; i++) {
            s.line(Pen.FINE, -18, -4 - 9.0 * i, i % 2 == 0 ? 32 : 18, -4 - 9.0 * i);
        }
    }

    static void written(Scene s) {
        s.shape(Fill.PAPER, -46, -34, 0, -30, 46, -34, 46, 30, 0, 34, -46, 30);
        s.line(Pen.OUTLINE, 0, -30, 0, 34);
        for (int i = 0; i < 5; i++) {
            s.line(Pen.FINE, -38, 20 - 10.0 * i, -8, 21 - 10.0 * i);
        }
        s.line(Pen.SELECTED, 8, 21, 34, 20);
        s.line(Pen.SELECTED, 8, 11, 24, 10.5);
        s.shape(Fill.BLACK, 26, 12, 30, 14, 56, 40, 52, 43);
    }

    static void locksOff(Scene s) {
        s.box(Fill.SOFT, -16, -32, 16, 2);
        s.arc(Pen.OUTLINE, 12, 8, 14, 200, 0);
        s.line(Pen.OUTLINE, 26, 8, 26, 2);
        s.disc(Fill.BLACK, 0, -14, 4);
    }

    /** The one who uses it, at the valve that shuts it. */
    static void shown(Scene s) {
        s.box(Fill.METAL, -58, -30, 4, -16);
        s.shape(Fill.PAPER, -30, -32, -12, -14, -12, -32, -30, -14);
        s.box(Fill.BLACK, -24, -14, -18, 8);
        s.arrow(20, 12, -8, 2, false);
        s.disc(Fill.PAPER, 36, 30, 9);
        s.shape(Fill.PAPER, 24, -38, 48, -38, 46, 16, 26, 16);
    }
}
