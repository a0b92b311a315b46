package mellowflare.core.tube.form;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Corners;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;

/**
 * What was measured, turned into one centre line.
 *
 * @param corners of the centre line, as far as they are known, in the frame they were measured in; else with the first leg along +X and the first bend toward +Y
 * @param path straights and bends; empty while something is in the way
 * @param trouble what is in the way; empty with a path, and while nothing was measured
 * @param passed corners without a bend, counted from 0 over all corners
 * @param template developed length, where that alone was measured
 */
public record TubeShape(
        List<Vector> corners,
        Optional<BentPath> path,
        Optional<Trouble> trouble,
        List<Integer> passed,
        Optional<Length> template) {
    private static final TubeShape NONE =
            new TubeShape(List.of(), Optional.empty(), Optional.empty(), List.of(), Optional.empty());

    public TubeShape {
        corners = List.copyOf(corners);
        passed = List.copyOf(passed);
    }

    /**
     * What keeps corners from being a tube.
     *
     * @param what kind of trouble
     * @param corner where, counted from 0 over all corners; of a leg its first
     * @param missing by how much a leg is too short; zero for other troubles
     */
    public record Trouble(Corners.What what, int corner, Length missing) {
        /** The sentence for the fitter; corners count from 1. */
        public String says(UnitSystem units) {
            int c = corner + 1;
            return switch (what) {
                case TOO_FEW -> Say.it("tube-shape.a-tube-needs-two");
                case COINCIDENT -> Say.it("tube-shape.points-same-place-take", "c", c, "point", c + 1);
                case REVERSED -> Say.it("tube-shape.at-point-tube-would", "c", c);
                case OVERLAP ->
                    Say.it(
                            "tube-shape.between-points-bends-overlap",
                            "c",
                            c,
                            "point",
                            c + 1,
                            "missing",
                            LengthFormat.figure(missing, units));
            };
        }
    }

    /**
     * Turns what was measured into a centre line.
     *
     * @param measured as taken
     * @param radius of the former, on the centre line
     * @param outside of the tube, for legs that were not measured to the centre line
     */
    public static TubeShape of(Measured measured, Length radius, Length outside) {
        if (!measured.said()) {
            return NONE;
        }
        if (measured instanceof Measured.Points p) {
            return ofCorners(p.corners(), radius.mm());
        }
        if (measured instanceof Measured.Legs l) {
            return ofLegs(l, radius.mm(), outside.mm());
        }
        if (measured instanceof Measured.Rows r) {
            return ofRows(r, radius.mm());
        }
        return new TubeShape(
                List.of(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.of(((Measured.Template) measured).length()));
    }

    private static TubeShape ofCorners(List<Vector> corners, double radius) {
        Corners.Result result = Corners.path(corners, radius);
        if (result instanceof Corners.Formed f) {
            return new TubeShape(corners, Optional.of(f.path()), Optional.empty(), f.passed(), Optional.empty());
        }
        Corners.Trouble t = (Corners.Trouble) result;
        return new TubeShape(
                corners,
                Optional.empty(),
                Optional.of(new Trouble(t.what(), t.corner(), Length.ofMm(t.missing()))),
                List.of(),
                Optional.empty());
    }

    /** Legs to the outside of a corner are longer than those of the centre line by what the corner of the outside lies beyond. */
    private static TubeShape ofLegs(Measured.Legs l, double radius, double outside) {
        List<Vector> corners = new ArrayList<>(List.of(Vector.ZERO));
        Vector at = Vector.ZERO;
        Vector way = new Vector(1, 0, 0);
        Vector normal = new Vector(0, 0, 1);
        double before = 0;
        boolean bent = false;
        for (int i = 0; i < l.legs().size(); i++) {
            Leg leg = l.legs().get(i);
            boolean last = i + 1 == l.legs().size();
            double bend = last ? 0 : leg.bend().radians();
            double beyond = l.to().beyond(outside, bend);
            double length = leg.length().mm() - before - beyond;
            if (!(length > 0)) {
                corners.add(at);
                return new TubeShape(
                        corners,
                        Optional.empty(),
                        Optional.of(new Trouble(Corners.What.OVERLAP, i, Length.ofMm(-length))),
                        List.of(),
                        Optional.empty());
            }
            at = at.plus(way.times(length));
            corners.add(at);
            if (bend > 0) {
                normal = bent ? normal.turned(way, leg.turn().radians()) : normal;
                way = way.turned(normal, bend);
                bent = true;
            }
            before = beyond;
        }
        return ofCorners(corners, radius);
    }

    private static TubeShape ofRows(Measured.Rows r, double radius) {
        List<BentPath.Bend> bends = new ArrayList<>();
        double carried = 0;
        for (Row row : r.rows()) {
            carried += row.straight().mm();
            if (row.bend().degrees() > 0) {
                bends.add(new BentPath.Bend(
                        carried, row.rotation().radians(), row.bend().radians(), radius));
                carried = 0;
            }
        }
        BentPath path = new BentPath(bends, carried).fromFirstPlane();
        if (!(path.developed() > 0)) {
            return new TubeShape(
                    List.of(),
                    Optional.empty(),
                    Optional.of(new Trouble(Corners.What.TOO_FEW, 0, Length.ZERO)),
                    List.of(),
                    Optional.empty());
        }
        return new TubeShape(path.corners(), Optional.of(path), Optional.empty(), List.of(), Optional.empty());
    }

    /** Of the straight tube, by its path or its template. */
    public Optional<Length> developed() {
        return path.map(p -> Length.ofMm(p.developed())).or(() -> template);
    }

    /** Straights, rotations and bends for the bender. */
    public List<Row> rows() {
        return path.map(TubeShape::rows).orElse(List.of());
    }

    /** Straights, rotations and bends of a path, the last straight in a row of its own. */
    public static List<Row> rows(BentPath path) {
        List<Row> rows = new ArrayList<>();
        for (BentPath.Bend b : path.bends()) {
            rows.add(new Row(
                    Length.ofMm(b.straight()),
                    Angle.ofDegrees(Math.toDegrees(b.rotation())),
                    Angle.ofDegrees(Math.toDegrees(b.angle()))));
        }
        rows.add(new Row(Length.ofMm(path.last()), Angle.ofDegrees(0), Angle.ofDegrees(0)));
        return rows;
    }

    /** Straight distance between both ends; empty while no corner is known. */
    public Optional<Length> endToEnd() {
        return corners.size() < 2
                ? Optional.empty()
                : Optional.of(Length.ofMm(
                        corners.get(corners.size() - 1).minus(corners.get(0)).length()));
    }
}
