package mellowflare.core.picture.moment;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** How a line is opened, and what is done with what is open. */
final class Opening {
    private Opening() {}

    static void tray(Scene s) {
        s.box(Fill.METAL, -58, 8, -10, 28);
        s.box(Fill.METAL, -10, 2, 10, 34);
        s.box(Fill.RUBBER, 14, 6, 58, 30);
        s.drop(12, 4, 7);
        s.drop(12, -10, 5);
        s.shape(Fill.PAPER, -44, -20, -38, -38, 52, -38, 58, -20, 52, -20, 48, -32, -34, -32, -38, -20);
    }

    static void twoWrenches(Scene s) {
        s.box(Fill.METAL, -58, -8, 58, 8);
        s.box(Fill.PAPER, -26, -15, -4, 15);
        s.box(Fill.PAPER, 4, -15, 26, 15);
        s.shape(Fill.METAL, -20, -18, -10, -18, -10, -42, -20, -42);
        s.shape(Fill.METAL, 10, 18, 20, 18, 20, 42, 10, 42);
        s.arrow(26, 36, 44, 36, false);
    }

    static void portCapped(Scene s) {
        s.box(Fill.METAL, -58, -24, -14, 24);
        s.box(Fill.METAL, -14, -14, 12, 14);
        s.shape(Fill.SOFT, 2, -19, 2, 19, 30, 19, 30, -19);
        s.line(Pen.FINE, 8, -19, 8, 19);
        s.line(Pen.FINE, 24, -19, 24, 19);
    }

    static void lookInto(Scene s) {
        s.box(Fill.METAL, -58, 10, -22, 30);
        s.box(Fill.METAL, -58, -30, -22, -10);
        s.line(Pen.FINE, -22, -10, -22, 10);
        lamp(s, 28);
    }

    /** A lamp whose light falls to the left. */
    static void lamp(Scene s, double x) {
        s.shape(Fill.BLACK, x, -7, x + 8, -12, x + 8, 12, x, 7);
        s.box(Fill.BLACK, x + 8, -7, x + 28, 7);
        s.line(Pen.SELECTED, x - 6, 0, x - 34, 0);
        s.line(Pen.SELECTED, x - 6, 5, x - 30, 15);
        s.line(Pen.SELECTED, x - 6, -5, x - 30, -15);
    }

    /** The cap that gets the line back on goes over the pipe that stays. */
    static void capTried(Scene s) {
        s.box(Fill.METAL, -58, -12, 2, 12);
        s.shape(Fill.SOFT, 20, -18, 46, -18, 46, 18, 20, 18, 20, 13, 40, 13, 40, -13, 20, -13);
        s.arrow(18, 26, -4, 26, true);
    }

    static void inOrder(Scene s) {
        double[] lengths = {34, 52, 26};
        for (int i = 0; i < lengths.length; i++) {
            double y = 26 - 26 * i;
            s.box(Fill.METAL, -30, y - 7, -30 + lengths[i], y + 7);
            s.ring(Pen.SELECTED, -46, y, 8);
            for (int n = 0; n <= i; n++) {
                s.line(Pen.SELECTED, -46 + 3 * (n - i / 2.0), y - 4, -46 + 3 * (n - i / 2.0), y + 4);
            }
        }
    }
}
