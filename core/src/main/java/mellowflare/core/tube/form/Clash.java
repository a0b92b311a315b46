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

    private record Piece(Vector from, Vector to, Vector middle, double half, int at, int leg) {}

    /**
     * The narrowest place of a tube; empty with fewer than three bends' worth of legs, as neighbours cannot meet.
     *
     * @param path the tube
     * @param outside its outside diameter
     */
    public static Optional<Clash> narrowest(BentPath path, Length outside) {
        List<Piece> pieces = pieces(path);
        double least = Double.POSITIVE_INFINITY;
        Piece a = null;
        Piece b = null;
        for (int i = 0; i < pieces.size(); i++) {
            Piece p = pieces.get(i);
            for (int j = i + 1; j < pieces.size(); j++) {
                Piece q = pieces.get(j);
                if (q.at - p.at <= 2) {
                    continue;
                }
                double far = p.middle.minus(q.middle).length() - p.half - q.half;
                if (far >= least) {
                    continue;
                }
                double d = Apart.between(p.from, p.to, q.from, q.to);
                if (d < least) {
                    least = d;
                    a = p;
                    b = q;
                }
            }
        }
        return a == null ? Optional.empty() : Optional.of(new Clash(a.leg, b.leg, Length.ofMm(least - outside.mm())));
    }

    private static List<Piece> pieces(BentPath path) {
        Curve curve = path.curve(Vector.ZERO, new Vector(1, 0, 0), new Vector(0, 0, 1));
        List<Piece> pieces = new ArrayList<>();
        Pose at = curve.start();
        for (int i = 0; i < curve.pieces().size(); i++) {
            Curve.Piece p = curve.pieces().get(i);
            int steps = p instanceof Curve.Arc arc ? Math.max(1, (int) Math.ceil(arc.angle() / PIECE)) : 1;
            Vector from = at.at();
            for (int s = 1; s <= steps && p.length() > 0; s++) {
                Vector to = p.after(at, (double) s / steps).at();
                pieces.add(new Piece(
                        from, to, from.plus(to).times(0.5), to.minus(from).length() / 2, i, (i + 1) / 2));
                from = to;
            }
            at = p.after(at, 1);
        }
        return pieces;
    }
}
