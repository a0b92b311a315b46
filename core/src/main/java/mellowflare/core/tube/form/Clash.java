package mellowflare.core.tube.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.Apart;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Curve;
import mellowflare.core.geometry.Pose;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Length;

/**
 * The narrowest place between two legs of a finished tube that are not neighbours.
 *
 * @param one leg, counted from 0
 * @param other leg, counted from 0
 * @param clear between the outsides; below zero where they would run through each other
 */
public record Clash(int one, int other, Length clear) {
    /** Arcs are taken as straight pieces of this turn at most (radians). */
    private static final double PIECE = Math.toRadians(15);

    private record Piece(Vector from, Vector to, int leg) {}

    /** A straight or an arc with the ball that holds it: far balls need no closer look. */
    private record Part(List<Piece> pieces, Vector middle, double reach) {
        static Part of(List<Piece> pieces) {
            Vector middle =
                    pieces.get(0).from.plus(pieces.get(pieces.size() - 1).to).times(0.5);
            double reach = 0;
            for (Piece p : pieces) {
                reach = Math.max(
                        reach,
                        Math.max(
                                p.from.minus(middle).length(),
                                p.to.minus(middle).length()));
            }
            return new Part(pieces, middle, reach);
        }
    }

    /**
     * The narrowest place of a tube; empty with fewer than three bends' worth of legs, as neighbours cannot meet.
     *
     * @param path the tube
     * @param outside its outside diameter
     */
    public static Optional<Clash> narrowest(BentPath path, Length outside) {
        List<Optional<Part>> parts = parts(path);
        double least = Double.POSITIVE_INFINITY;
        Piece a = null;
        Piece b = null;
        for (int i = 0; i < parts.size(); i++) {
            for (int j = i + 3; j < parts.size(); j++) {
                if (parts.get(i).isEmpty() || parts.get(j).isEmpty()) {
                    continue;
                }
                Part p = parts.get(i).get();
                Part q = parts.get(j).get();
                if (p.middle.minus(q.middle).length() - p.reach - q.reach >= least) {
                    continue;
                }
                for (Piece x : p.pieces) {
                    for (Piece y : q.pieces) {
                        double d = Apart.between(x.from, x.to, y.from, y.to);
                        if (d < least) {
                            least = d;
                            a = x;
                            b = y;
                        }
                    }
                }
            }
        }
        return a == null ? Optional.empty() : Optional.of(new Clash(a.leg, b.leg, Length.ofMm(least - outside.mm())));
    }

    /** Straights and arcs in turn, a straight of no length left empty so that neighbours stay neighbours. */
    private static List<Optional<Part>> parts(BentPath path) {
        Curve curve = path.curve(Vector.ZERO, new Vector(1, 0, 0), new Vector(0, 0, 1));
        List<Optional<Part>> parts = new ArrayList<>();
        Pose at = curve.start();
        for (int i = 0; i < curve.pieces().size(); i++) {
            Curve.Piece p = curve.pieces().get(i);
            int steps = p instanceof Curve.Arc arc ? Math.max(1, (int) Math.ceil(arc.angle() / PIECE)) : 1;
            List<Piece> pieces = new ArrayList<>(steps);
            Vector from = at.at();
            for (int s = 1; s <= steps && p.length() > 0; s++) {
                Vector to = p.after(at, (double) s / steps).at();
                pieces.add(new Piece(from, to, (i + 1) / 2));
                from = to;
            }
            parts.add(pieces.isEmpty() ? Optional.empty() : Optional.of(Part.of(pieces)));
            at = p.after(at, 1);
        }
        return parts;
    }
}
