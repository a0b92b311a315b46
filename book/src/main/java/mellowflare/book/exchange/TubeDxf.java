package mellowflare.book.exchange;

import java.util.List;
import java.util.Locale;
import mellowflare.book.BookTrouble;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Vector;
import mellowflare.core.tube.TubeCase;
import mellowflare.core.tube.draw.BendTemplate;

/** A tube as DXF (release 12, text, millimetres): its centre line in space, its corners, and its flat stretches true size beside it. */
public final class TubeDxf {
    private static final double PIECE = Math.toRadians(3);
    private static final double APART = 50;
    private final StringBuilder out = new StringBuilder();

    private TubeDxf() {}

    /**
     * @throws BookTrouble while the tube has no shape
     */
    public static String of(TubeCase c) throws BookTrouble {
        if (c.path().isEmpty()) {
            throw new BookTrouble("This tube has no shape to draw yet: measure its way and name its bender.");
        }
        TubeDxf dxf = new TubeDxf();
        dxf.write(c, c.path().get());
        return dxf.out.toString();
    }

    private void write(TubeCase c, BentPath path) {
        pair(0, "SECTION").pair(2, "HEADER");
        pair(9, "$ACADVER").pair(1, "AC1009");
        pair(9, "$INSUNITS").pair(70, "4");
        pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "TABLES");
        pair(0, "TABLE").pair(2, "LAYER").pair(70, "3");
        for (String layer : List.of("CENTRE_LINE", "CORNERS", "TEMPLATE")) {
            pair(0, "LAYER").pair(2, layer).pair(70, "0").pair(62, "7").pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB").pair(0, "ENDSEC");
        pair(0, "SECTION").pair(2, "ENTITIES");
        polyline("CENTRE_LINE", along(path));
        polyline("CORNERS", path.corners());
        double below = path.corners().stream().mapToDouble(Vector::y).min().orElse(0) - APART;
        for (Drawing d : BendTemplate.of(c)) {
            below -= d.box().height();
            flat(d, -d.box().left(), below - d.box().bottom());
            below -= APART;
        }
        pair(0, "ENDSEC").pair(0, "EOF");
    }

    private static List<Vector> along(BentPath path) {
        return path.curve(Vector.ZERO, new Vector(1, 0, 0), new Vector(0, 0, 1)).byTurn(PIECE).stream()
                .map(Pose::at)
                .toList();
    }

    private void polyline(String layer, List<Vector> points) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").pair(70, "8").place(new Vector(0, 0, 0));
        for (Vector v : points) {
            pair(0, "VERTEX").pair(8, layer).pair(70, "32").place(v);
        }
        pair(0, "SEQEND").pair(8, layer);
    }

    private void flat(Drawing d, double dx, double dy) {
        for (Shape s : d.shapes()) {
            if (s instanceof Shape.Path p) {
                for (int i = 1; i < p.points().size(); i++) {
                    line(p.points().get(i - 1).plus(dx, dy), p.points().get(i).plus(dx, dy));
                }
            } else if (s instanceof Shape.Label l) {
                pair(0, "TEXT").pair(8, "TEMPLATE").place(new Vector(l.at().x() + dx, l.at().y() + dy, 0));
                pair(40, "3.5").pair(1, l.text().replace("°", "%%d"));
            }
        }
    }

    private void line(Point a, Point b) {
        pair(0, "LINE").pair(8, "TEMPLATE").place(new Vector(a.x(), a.y(), 0));
        pair(11, number(b.x())).pair(21, number(b.y())).pair(31, "0");
    }

    private TubeDxf place(Vector v) {
        return pair(10, number(v.x())).pair(20, number(v.y())).pair(30, number(v.z()));
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.6f", value);
    }

    private TubeDxf pair(int code, String value) {
        out.append(String.format(Locale.ROOT, "%3d", code))
                .append('\n')
                .append(value)
                .append('\n');
        return this;
    }
}
