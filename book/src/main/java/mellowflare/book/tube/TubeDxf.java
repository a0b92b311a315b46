package mellowflare.book.tube;

import java.util.List;
import mellowflare.book.BookTrouble;
import mellowflare.book.exchange.Dxf;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Vector;
import mellowflare.core.tube.draw.BendTemplate;
import mellowflare.core.tube.line.TubeCase;

/** A tube as DXF (release 12, text, millimetres): its centre line in space, its corners, and its flat stretches true size beside it. */
public final class TubeDxf {
    private static final double PIECE = Math.toRadians(3);
    private static final double APART = 50;

    private TubeDxf() {}

    /**
     * @throws BookTrouble while the tube has no shape
     */
    public static String of(TubeCase c) throws BookTrouble {
        if (c.path().isEmpty()) {
            throw new BookTrouble(Say.it("tube-dxf.this-tube-has-no"));
        }
        BentPath path = c.path().get();
        Dxf dxf = new Dxf(List.of("CENTRE_LINE", "CORNERS", "TEMPLATE"));
        dxf.polyline("CENTRE_LINE", along(path));
        dxf.polyline("CORNERS", path.corners());
        double below = path.corners().stream().mapToDouble(Vector::y).min().orElse(0) - APART;
        for (Drawing d : BendTemplate.of(c)) {
            below -= d.box().height();
            flat(dxf, d, -d.box().left(), below - d.box().bottom());
            below -= APART;
        }
        return dxf.done();
    }

    private static List<Vector> along(BentPath path) {
        return path.curve(Vector.ZERO, new Vector(1, 0, 0), new Vector(0, 0, 1)).byTurn(PIECE).stream()
                .map(Pose::at)
                .toList();
    }

    private static void flat(Dxf dxf, Drawing d, double dx, double dy) {
        for (Shape s : d.shapes()) {
            s.paint(new Flat(dxf, dx, dy));
        }
    }

    /** A template is cut along its lines and read by its names; nothing else of a drawing belongs on the bench. */
    private record Flat(Dxf dxf, double dx, double dy) implements Shape.Painter<RuntimeException> {
        @Override
        public void path(Shape.Path p) {
            for (int i = 1; i < p.points().size(); i++) {
                dxf.line(
                        "TEMPLATE",
                        flat(p.points().get(i - 1), dx, dy),
                        flat(p.points().get(i), dx, dy));
            }
        }

        @Override
        public void label(Shape.Label l) {
            dxf.text("TEMPLATE", flat(l.at(), dx, dy), 3.5, l.text());
        }

        @Override
        public void disc(Shape.Disc d) {}

        @Override
        public void glow(Shape.Glow g) {}

        @Override
        public void dimension(Shape.Dimension d) {}

        @Override
        public void leader(Shape.Leader l) {}
    }

    private static Vector flat(Point p, double dx, double dy) {
        return new Vector(p.x() + dx, p.y() + dy, 0);
    }
}
