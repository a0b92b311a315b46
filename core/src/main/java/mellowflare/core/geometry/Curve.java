package mellowflare.core.geometry;

import java.util.ArrayList;
import java.util.List;

/**
 * A curve of straights and arcs, each going on where and whither the one before ended.
 *
 * @param start where it begins
 * @param pieces in order, never empty
 */
public record Curve(Pose start, List<Piece> pieces) {
    public Curve {
        pieces = List.copyOf(pieces);
        if (pieces.isEmpty()) {
            throw new IllegalArgumentException("A curve has pieces");
        }
    }

    /** A straight or an arc. */
    public sealed interface Piece {
        /** Along it (mm). */
        double length();

        /** Where it leads from a pose, after a share of its length from 0 to 1. */
        Pose after(Pose from, double share);
    }

    /**
     * Straight on.
     *
     * @param length (mm), not below zero
     */
    public record Straight(double length) implements Piece {
        @Override
        public Pose after(Pose from, double share) {
            return from.ahead(length * share);
        }
    }

    /**
     * An arc.
     *
     * @param axis unit axis about which it turns, by the right-hand rule
     * @param radius (mm)
     * @param angle (radians), 0 to 2 pi
     */
    public record Arc(Vector axis, double radius, double angle) implements Piece {
        @Override
        public double length() {
            return radius * angle;
        }

        @Override
        public Pose after(Pose from, double share) {
            Vector toCentre = axis.cross(from.toward()).times(radius);
            Vector centre = from.at().plus(toCentre);
            double turn = angle * share;
            return new Pose(
                    centre.plus(toCentre.times(-1).turned(axis, turn)),
                    from.toward().turned(axis, turn));
        }
    }

    /** Of all pieces (mm). */
    public double length() {
        return pieces.stream().mapToDouble(Piece::length).sum();
    }

    /** Of all arcs (radians). */
    public double turning() {
        return pieces.stream()
                .mapToDouble(p -> p instanceof Arc a ? a.angle() : 0)
                .sum();
    }

    /** The smallest radius of its arcs (mm); infinite for a straight. */
    public double tightest() {
        return pieces.stream()
                .mapToDouble(p -> p instanceof Arc a && a.angle() > 1e-9 ? a.radius() : Double.POSITIVE_INFINITY)
                .min()
                .orElse(Double.POSITIVE_INFINITY);
    }

    public Pose end() {
        Pose at = start;
        for (Piece p : pieces) {
            at = p.after(at, 1);
        }
        return at;
    }

    /** Places along it, no further apart than a step (mm). */
    public List<Pose> along(double step) {
        List<Pose> poses = new ArrayList<>(List.of(start));
        Pose at = start;
        for (Piece p : pieces) {
            int steps = Math.max(1, (int) Math.ceil(p.length() / step));
            if (p.length() > 0) {
                for (int i = 1; i <= steps; i++) {
                    poses.add(p.after(at, (double) i / steps));
                }
            }
            at = p.after(at, 1);
        }
        return List.copyOf(poses);
    }

    /** Places along it: straights by their ends, arcs in steps of a turn (radians) at most. */
    public List<Pose> byTurn(double turn) {
        List<Pose> poses = new ArrayList<>(List.of(start));
        Pose at = start;
        for (Piece p : pieces) {
            int steps = p instanceof Arc a ? Math.max(1, (int) Math.ceil(a.angle() / turn)) : 1;
            for (int i = 1; i <= steps && p.length() > 0; i++) {
                poses.add(p.after(at, (double) i / steps));
            }
            at = p.after(at, 1);
        }
        return List.copyOf(poses);
    }

    /** A direction square to the start, carried along without twist to the end. */
    public Vector carried(Vector across) {
        Vector v = across;
        for (Piece p : pieces) {
            if (p instanceof Arc a) {
                v = v.turned(a.axis(), a.angle());
            }
        }
        return v;
    }

    /** This curve and then another that begins where it ends. */
    public Curve then(Curve next) {
        List<Piece> all = new ArrayList<>(pieces);
        all.addAll(next.pieces());
        return new Curve(start, all);
    }
}
