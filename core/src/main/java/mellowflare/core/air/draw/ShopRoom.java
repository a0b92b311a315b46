package mellowflare.core.air.draw;

import java.util.List;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.layout.AirWalk;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.main.Shop;
import mellowflare.core.geometry.Fill;
import mellowflare.core.geometry.Pen;
import mellowflare.core.geometry.Point;
import mellowflare.core.geometry.Shape;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;
import mellowflare.core.run.walk.Walked;

/** The room, and what stands in it. */
final class ShopRoom {
    private static final double EDGE = 45;

    private final MainScene on;

    ShopRoom(MainScene on) {
        this.on = on;
    }

    static Vector floor(Vector v) {
        return new Vector(v.x(), v.y(), 0);
    }

    /** The corners of the floor, then those above them; none while the room was not measured. */
    static List<Vector> corners(Shop s) {
        if (s.length().isEmpty() || s.width().isEmpty()) {
            return List.of();
        }
        double l = s.length().get().mm();
        double w = s.width().get().mm();
        double h = s.height().map(Length::mm).orElse(0.0);
        return List.of(
                new Vector(0, 0, 0),
                new Vector(l, 0, 0),
                new Vector(l, w, 0),
                new Vector(0, w, 0),
                new Vector(0, 0, h),
                new Vector(l, 0, h),
                new Vector(l, w, h),
                new Vector(0, w, h));
    }

    /** The floor, and the walls behind. */
    void walls() {
        List<Vector> r = corners(on.c.main().shop());
        if (r.isEmpty()) {
            return;
        }
        List<Point> p = r.stream().map(on.view::at).toList();
        on.sheet.path(Pen.FINE, Fill.PAPER, true, p.subList(0, 4));
        if (on.c.main().shop().height().isPresent()) {
            for (int i = 0; i < 4; i++) {
                int j = (i + 1) % 4;
                // A wall whose top lies higher on paper than its opposite one's stands behind.
                if (p.get(i).y() + p.get(j).y()
                        > p.get((i + 2) % 4).y() + p.get((j + 2) % 4).y()) {
                    on.sheet.path(
                            Pen.HIDDEN, Fill.NONE, false, List.of(p.get(i), p.get(i + 4), p.get(j + 4), p.get(j)));
                }
            }
        }
    }

    void shadows() {
        for (Walked.Run r : on.c.walked().runs()) {
            if (r.level()) {
                on.sheet.line(Pen.HIDDEN, on.view.at(floor(on.at(r.from()))), on.view.at(floor(on.at(r.to()))));
            }
        }
    }

    void compressors() {
        for (String spot : on.c.walked().spots().keySet()) {
            boolean first = spot.equals(AirWalk.START);
            if (!first && on.c.walked().spots().get(spot).feed().isEmpty()) {
                continue;
            }
            Vector v = first ? on.at(spot) : floor(on.at(spot)).plus(new Vector(0, 0, 600));
            boolean known = on.c.feeds().containsKey(spot);
            Point p = on.view.at(floor(v));
            double w = Math.max(5, 420 * on.view.scale());
            double h = Math.max(7, Math.abs(on.view.at(v).y() - p.y()) * 0.9);
            Pen pen = known ? Pen.OUTLINE : Pen.SELECTED;
            on.sheet.rect(pen, known ? Fill.METAL : Fill.PAPER, p.x() - w, p.y(), p.x() + w, p.y() + h);
            on.sheet.add(new Shape.Disc(new Point(p.x(), p.y() + h), w * 0.55, pen, known ? Fill.METAL : Fill.PAPER));
            on.sheet.spot(Subject.COMPRESSOR, p.x() - w, p.y(), p.x() + w, p.y() + h + w);
            // At the edge of the paper the words stand inward.
            boolean left = p.x() < EDGE;
            boolean right = p.x() > MainScene.WIDE - EDGE;
            on.sheet.label(
                    new Point(left ? p.x() - w : right ? p.x() + w : p.x(), p.y() - 8),
                    on.c.feeds().containsKey(spot)
                            ? on.c.feeds().get(spot).name()
                            : Say.it("shop-room.compressor-not-chosen"),
                    "",
                    Shape.Role.OVER,
                    left ? Shape.Anchor.START : right ? Shape.Anchor.END : Shape.Anchor.MIDDLE);
        }
    }

    /** Further receivers, hung on the main where the walk has them: after the piece before them. */
    void tanks() {
        String at = AirWalk.START;
        for (Piece p : on.c.main().pieces()) {
            if (p instanceof Piece.Tank t && on.c.walked().spots().containsKey(at)) {
                Point o = on.paper(at);
                on.sheet.rect(Pen.OUTLINE, Fill.METAL, o.x() - 4, o.y() - 13, o.x() + 4, o.y() - 3);
                if (on.labelled) {
                    on.sheet.label(
                            o.plus(6, -12),
                            t.name(),
                            new Figure.OfLitres(t.volume().litres()).text(on.c.units()),
                            Shape.Role.NAME,
                            Shape.Anchor.START);
                }
            } else if (p instanceof Piece.From f) {
                at = f.to();
            } else if (p instanceof Piece.Pipe || p instanceof Piece.Hose) {
                at = p.name();
            }
        }
    }
}
