package mellowflare.core.picture.moment;

import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.picture.Scene;

/** How a line is made safe before it is opened. */
final class ShuttingOff {
    private ShuttingOff() {}

    /** The engine, and a thermometer that has come down. */
    static void engineCold(Scene s) {
        s.box(Fill.METAL, -46, -32, 14, 8);
        for (int i = 0; i < 4; i++) {
            s.box(Fill.METAL, -43 + 14.0 * i, 8, -33 + 14.0 * i, 20);
        }
        s.disc(Fill.PAPER, -16, -12, 13);
        s.disc(Fill.BLACK, -16, -12, 3);
        s.box(Fill.PAPER, 38, -20, 46, 36);
        s.disc(Fill.DEEP, 42, -26, 9);
        s.box(Fill.DEEP, 39, -20, 45, -10);
        s.line(Pen.FINE, 46, 6, 52, 6);
        s.line(Pen.FINE, 46, 24, 52, 24);
    }

    static void batteryOff(Scene s) {
        s.box(Fill.PAPER, -32, -30, 32, 6);
        s.box(Fill.METAL, -24, 6, -14, 13);
        s.box(Fill.METAL, 14, 6, 24, 13);
        s.line(Pen.OUTLINE, 15, -6, 23, -6);
        s.line(Pen.OUTLINE, 19, -10, 19, -2);
        s.line(Pen.OUTLINE, -23, -6, -15, -6);
        s.line(Pen.OUTLINE, 19, 13, 19, 22, 54, 22);
        s.box(Fill.METAL, -26, 26, -12, 34);
        s.line(Pen.OUTLINE, -19, 34, -19, 42, -54, 42);
        s.arrow(-19, 16, -19, 22, false);
    }

    static void loadBlocked(Scene s) {
        s.line(Pen.OUTLINE, -56, -38, 56, -38);
        s.box(Fill.METAL, -46, 6, 46, 20);
        s.box(Fill.WIRE, -40, -38, -22, 6);
        s.box(Fill.WIRE, 22, -38, 40, 6);
        s.box(Fill.METAL, -6, 20, 6, 42);
    }

    static void wheelBlocked(Scene s) {
        s.line(Pen.OUTLINE, -56, -36, 56, -36);
        s.disc(Fill.RUBBER, 0, -6, 30);
        s.disc(Fill.METAL, 0, -6, 14);
        s.shape(Fill.WIRE, -54, -36, -24, -36, -26, -20);
        s.shape(Fill.WIRE, 54, -36, 24, -36, 26, -20);
    }

    /** A valve in its pipe with the lever across: nothing comes. */
    static void shut(Scene s) {
        valve(s);
        s.box(Fill.METAL, -4, 8, 4, 16);
        s.shape(Fill.BLACK, -5, 16, 5, 16, 5, 42, -5, 42);
        s.line(Pen.STOP, 30, -8, 40, 8);
        s.line(Pen.STOP, 30, 8, 40, -8);
    }

    private static void valve(Scene s) {
        s.box(Fill.METAL, -58, -8, -16, 8);
        s.box(Fill.METAL, 16, -8, 58, 8);
        s.shape(Fill.PAPER, -16, -13, 16, 13, 16, -13, -16, 13);
    }

    static void cylinderShut(Scene s) {
        s.shape(
                Fill.METAL,
                -22,
                -42,
                22,
                -42,
                24,
                -36,
                24,
                4,
                16,
                14,
                6,
                18,
                6,
                24,
                -6,
                24,
                -6,
                18,
                -16,
                14,
                -24,
                4,
                -24,
                -36);
        s.box(Fill.BLACK, -14, 32, 14, 38);
        s.box(Fill.METAL, -5, 24, 5, 32);
        s.turn(0, 20, 24, 140, 40);
    }

    static void locked(Scene s) {
        valve(s);
        s.shape(Fill.BLACK, -5, 12, 5, 12, 5, 42, -5, 42);
        s.arc(Pen.OUTLINE, 8, 32, 10, 180, 0);
        s.box(Fill.BLACK, 2, 14, 28, 32);
        s.disc(Fill.PAPER, 16, 23, 3.5);
        s.line(Pen.OUTLINE, 28, 22, 36, 34);
        s.shape(Fill.PAPER, 36, 36, 36, 22, 58, 22, 58, 42, 36, 42);
        s.line(Pen.FINE, 41, 36, 54, 36);
        s.line(Pen.FINE, 41, 30, 54, 30);
    }

    /** A drain that is opened until nothing comes out any more. */
    static void letOff(Scene s) {
        s.box(Fill.METAL, -58, 4, 58, 20);
        s.box(Fill.METAL, -6, -10, 6, 4);
        s.shape(Fill.PAPER, -10, -10, 10, -26, -10, -26, 10, -10);
        s.arrow(-6, -28, -16, -40, false);
        s.arrow(0, -28, 0, -40, false);
        s.arrow(6, -28, 16, -40, false);
    }

    static void runDry(Scene s) {
        s.shape(Fill.METAL, -56, 20, -56, 34, 14, 34, 20, 28, 20, 8, 6, 8, 6, 20);
        s.drop(13, 2, 7);
        s.drop(13, -12, 5);
        s.shape(Fill.PAPER, -10, -14, -4, -42, 32, -42, 38, -14);
        s.line(Pen.FINE, -6, -30, 34, -30);
    }

    static void burnedOff(Scene s) {
        s.box(Fill.METAL, -58, -40, 58, -28);
        s.box(Fill.METAL, -16, -28, 16, -14);
        flame(s, 0, -14, 9, 20);
        s.arrow(44, 4, 30, -8, false);
    }

    static void flame(Scene s, double x, double y, double half, double high) {
        s.shape(
                Fill.PALE,
                x - half,
                y + 0.3 * high,
                x - 0.5 * half,
                y,
                x + 0.5 * half,
                y,
                x + half,
                y + 0.3 * high,
                x,
                y + high);
    }

    /** From the line through the recovery unit into its bottle. */
    static void recovered(Scene s) {
        s.box(Fill.METAL, -58, -6, -34, 6);
        s.box(Fill.PAPER, -22, -16, 10, 16);
        s.ring(Pen.OUTLINE, -6, 0, 9);
        s.arrow(-34, 0, -28, 0, false);
        s.shape(Fill.METAL, 28, -40, 54, -40, 54, 8, 46, 16, 36, 16, 28, 8);
        s.line(Pen.OUTLINE, 10, 8, 20, 26, 41, 26, 41, 16);
        s.arrow(41, 25, 41, 21, false);
    }

    static void zero(Scene s) {
        s.box(Fill.METAL, -5, -42, 5, -28);
        s.disc(Fill.PAPER, 0, 4, 34);
        for (int i = 0; i <= 6; i++) {
            double t = Math.toRadians(225 - 45.0 * i);
            double c = Math.cos(t);
            double sin = Math.sin(t);
            s.line(Pen.FINE, 28 * c, 4 + 28 * sin, 33 * c, 4 + 33 * sin);
        }
        double t = Math.toRadians(225);
        s.line(Pen.STOP, 0, 4, 26 * Math.cos(t), 4 + 26 * Math.sin(t));
        s.disc(Fill.BLACK, 0, 4, 3);
    }

    static void noFlame(Scene s) {
        flame(s, 0, -24, 16, 50);
        s.ring(Pen.STOP, 0, -2, 38);
        s.line(Pen.STOP, -27, -29, 27, 25);
    }
}
