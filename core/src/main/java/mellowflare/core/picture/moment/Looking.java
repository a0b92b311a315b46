package mellowflare.core.picture.moment;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** How a line that is under pressure again is looked at. */
final class Looking {
    private static final double CLOCK = 32;

    private Looking() {}

    private static void joint(Scene s) {
        s.box(Fill.METAL, -58, -8, 58, 8);
        s.box(Fill.PAPER, -18, -16, 18, 16);
        s.line(Pen.FINE, -18, -6, 18, -6);
        s.line(Pen.FINE, -18, 6, 18, 6);
    }

    static void wiped(Scene s) {
        joint(s);
        s.shape(Fill.PAPER, -24, 10, -10, 4, 6, 10, 22, 4, 30, 18, 26, 36, 2, 40, -20, 34);
        s.arrow(-16, 22, 18, 22, true);
    }

    static void light(Scene s) {
        s.box(Fill.METAL, -58, -8, 6, 8);
        s.box(Fill.PAPER, -40, -16, -12, 16);
        Opening.lamp(s, 30);
    }

    /** A fine jet shows on a card; a hand it goes through. */
    static void card(Scene s) {
        s.box(Fill.RUBBER, -58, -32, 58, -12);
        s.line(Pen.STOP, 0, -12, -4, 18);
        s.line(Pen.STOP, 0, -12, 2, 18);
        s.shape(Fill.PAPER, -30, 18, 34, 18, 38, 28, -26, 28);
        s.line(Pen.OUTLINE, 36, 23, 58, 36);
    }

    static void soap(Scene s) {
        joint(s);
        s.disc(Fill.PAPER, -20, 20, 7);
        s.disc(Fill.PAPER, -9, 26, 9);
        s.disc(Fill.PAPER, -22, 32, 5);
        s.disc(Fill.PAPER, 3, 20, 5);
        s.line(Pen.OUTLINE, 56, 40, 34, 24);
        s.line(Pen.WARN, 34, 24, 22, 16);
    }

    private static void clock(Scene s, double minutes) {
        s.disc(Fill.PAPER, 0, 0, CLOCK);
        for (int i = 0; i < 12; i++) {
            double t = Math.toRadians(30.0 * i);
            s.line(Pen.FINE, 28 * Math.cos(t), 28 * Math.sin(t), 31 * Math.cos(t), 31 * Math.sin(t));
        }
        s.arc(Pen.SELECTED, 0, 0, 20, 90, 90 - 6 * minutes);
        double t = Math.toRadians(90 - 6 * minutes);
        s.line(Pen.OUTLINE, 0, 0, 0, 14);
        s.line(Pen.OUTLINE, 0, 0, 24 * Math.cos(t), 24 * Math.sin(t));
    }

    static void minute(Scene s) {
        clock(s, 1);
    }

    static void tenMinutes(Scene s) {
        clock(s, 10);
    }

    static void hour(Scene s) {
        clock(s, 59.9);
    }

    static void listen(Scene s) {
        joint(s);
        for (int i = 1; i <= 3; i++) {
            s.arc(Pen.SELECTED, 0, 14, 8.0 * i, 40, 140);
        }
    }

    static void pedal(Scene s) {
        s.line(Pen.OUTLINE, -56, -38, 56, -38);
        s.shape(Fill.METAL, -30, 40, -22, 40, 16, -12, 8, -16);
        s.shape(Fill.RUBBER, 0, -12, 26, -26, 30, -20, 4, -6);
        s.arrow(40, 12, 24, -10, false);
    }
}
