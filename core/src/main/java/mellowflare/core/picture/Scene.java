package mellowflare.core.picture;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;

/** One of a few small drawings beside each other, drawn about its own middle: 60 to either side, 44 up and down. */
public final class Scene {
    public static final double HALF_WIDTH = 60;
    public static final double HALF_HEIGHT = 44;
    private static final int PARTS = 28;
    private static final double HEAD = 5;

    private final Drawing.Sheet sheet;
    private final double right;
    private final boolean seen;

    /**
     * @param right how far its middle lies to the right of the sheet's
     * @param seen whether it shows what the look asks for
     */
    public Scene(Drawing.Sheet sheet, double right, boolean seen) {
        this.sheet = sheet;
        this.right = right;
        this.seen = seen;
    }

    public boolean seen() {
        return seen;
    }

    /** Either figure: the first where the sign is seen. */
    public double either(double ifSeen, double ifNot) {
        return seen ? ifSeen : ifNot;
    }

    private Point at(double x, double y) {
        return new Point(right + x, y);
    }

    /** Points as x, y, x, y. */
    private List<Point> points(double... xy) {
        List<Point> all = new ArrayList<>();
        for (int i = 0; i + 1 < xy.length; i += 2) {
            all.add(at(xy[i], xy[i + 1]));
        }
        return all;
    }

    public void line(Pen pen, double... xy) {
        sheet.path(pen, Fill.NONE, false, points(xy));
    }

    public void shape(Fill fill, double... xy) {
        sheet.path(Pen.OUTLINE, fill, true, points(xy));
    }

    public void box(Fill fill, double left, double bottom, double toRight, double top) {
        sheet.rect(Pen.OUTLINE, fill, right + left, bottom, right + toRight, top);
    }

    public void disc(Fill fill, double x, double y, double radius) {
        sheet.add(new Shape.Disc(at(x, y), radius, Pen.OUTLINE, fill));
    }

    public void ring(Pen pen, double x, double y, double radius) {
        sheet.add(new Shape.Disc(at(x, y), radius, pen, Fill.NONE));
    }

    public void oval(Fill fill, double x, double y, double wide, double high) {
        double[] xy = new double[2 * PARTS];
        for (int i = 0; i < PARTS; i++) {
            double t = 2 * Math.PI * i / PARTS;
            xy[2 * i] = x + wide * Math.cos(t);
            xy[2 * i + 1] = y + high * Math.sin(t);
        }
        shape(fill, xy);
    }

    /** Degrees from the right, counter-clockwise. */
    public void arc(Pen pen, double x, double y, double radius, double from, double to) {
        double[] xy = new double[2 * PARTS + 2];
        for (int i = 0; i <= PARTS; i++) {
            double t = Math.toRadians(from + (to - from) * i / PARTS);
            xy[2 * i] = x + radius * Math.cos(t);
            xy[2 * i + 1] = y + radius * Math.sin(t);
        }
        line(pen, xy);
    }

    /** An arrow; with two heads where something goes to and fro. */
    public void arrow(double fromX, double fromY, double toX, double toY, boolean both) {
        line(Pen.SELECTED, fromX, fromY, toX, toY);
        head(fromX, fromY, toX, toY);
        if (both) {
            head(toX, toY, fromX, fromY);
        }
    }

    private void head(double fromX, double fromY, double toX, double toY) {
        double length = Math.max(1e-9, Math.hypot(toX - fromX, toY - fromY));
        double ux = (toX - fromX) / length;
        double uy = (toY - fromY) / length;
        sheet.path(
                Pen.SELECTED,
                Fill.BLACK,
                true,
                points(
                        toX + HEAD * ux,
                        toY + HEAD * uy,
                        toX - HEAD * 0.5 * uy,
                        toY + HEAD * 0.5 * ux,
                        toX + HEAD * 0.5 * uy,
                        toY - HEAD * 0.5 * ux));
    }

    /** A turn about a point, counter-clockwise where {@code to} lies above {@code from}. */
    public void turn(double x, double y, double radius, double from, double to) {
        arc(Pen.SELECTED, x, y, radius, from, to);
        double t = Math.toRadians(to);
        double way = Math.signum(to - from);
        double tipX = x + radius * Math.cos(t);
        double tipY = y + radius * Math.sin(t);
        head(tipX + way * Math.sin(t), tipY - way * Math.cos(t), tipX, tipY);
    }

    /** A drop of fluid that hangs from a point. */
    public void drop(double x, double y, double size) {
        sheet.path(
                Pen.STOP,
                Fill.NONE,
                true,
                points(x, y, x + 0.6 * size, y - size, x, y - 1.6 * size, x - 0.6 * size, y - size));
    }

    /** What the eye must go to. */
    public void here(double x, double y, double radius) {
        if (seen) {
            ring(Pen.STOP, x, y, radius);
        }
    }

    /** The crests of an outside thread from left to right, above and below. */
    public void thread(double left, double toRight, double half) {
        double step = 5;
        int crests = (int) Math.floor((toRight - left) / step);
        for (int side : new int[] {1, -1}) {
            double[] xy = new double[4 * crests + 2];
            for (int i = 0; i < crests; i++) {
                xy[4 * i] = left + i * step;
                xy[4 * i + 1] = side * half;
                xy[4 * i + 2] = left + (i + 0.5) * step;
                xy[4 * i + 3] = side * (half + 2.6);
            }
            xy[4 * crests] = left + crests * step;
            xy[4 * crests + 1] = side * half;
            line(Pen.THREAD, xy);
        }
    }

    /** The same drawn on both sides of the axis. */
    public void halves(Fill fill, double... above) {
        shape(fill, above);
        double[] below = Arrays.copyOf(above, above.length);
        for (int i = 1; i < below.length; i += 2) {
            below[i] = -below[i];
        }
        shape(fill, below);
    }
}
