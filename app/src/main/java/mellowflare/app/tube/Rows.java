package mellowflare.app.tube;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.app.entry.FieldState;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.CoordinateText;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.QuantityText;
import mellowflare.core.measure.Read;
import mellowflare.core.measure.Refusal;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.form.Leg;
import mellowflare.core.tube.form.LegTo;
import mellowflare.core.tube.form.Measured;
import mellowflare.core.tube.form.Row;
import mellowflare.core.tube.form.TubeShape;

/** What three cells of a row mean: a point (mm), or a length (mm), a turn and a bend (degrees). */
final class Rows {
    private Rows() {}

    /**
     * An empty cell that reads what its column means.
     *
     * @param column 0 to 2
     */
    static FieldState<Double> cell(By by, int column) {
        if (by == By.POINTS) {
            return new FieldState<>(CoordinateText::read, (v, u) -> "");
        }
        if (column == 0) {
            boolean leg = by == By.LEGS;
            return new FieldState<>(
                    (t, u) -> CoordinateText.read(t, u)
                            .then(v -> v < 0 || leg && v == 0
                                    ? Read.refuse(
                                            Refusal.OUT_OF_RANGE,
                                            leg
                                                    ? Say.it("rows.a-leg-longer-than")
                                                    : Say.it("rows.a-straight-not-below"))
                                    : Read.of(v)),
                    (v, u) -> "");
        }
        boolean bend = column == 2;
        return new FieldState<>(
                (t, u) -> QuantityText.angle(t, Optional.of("deg"), bend ? 0 : -360, bend ? 179.9 : 360)
                        .then(a -> Read.of(a.degrees())),
                (v, u) -> "");
    }

    /** What rows of three values come to; empty where they have a gap. */
    static Optional<Measured> read(By by, LegTo to, List<List<Double>> rows) {
        return switch (by) {
            case POINTS ->
                Optional.of(new Measured.Points(rows.stream()
                        .map(r -> new Vector(r.get(0), r.get(1), r.get(2)))
                        .toList()));
            case ROWS ->
                Optional.of(new Measured.Rows(rows.stream()
                        .map(r -> new Row(Length.ofMm(r.get(0)), Angle.ofDegrees(r.get(1)), Angle.ofDegrees(r.get(2))))
                        .toList()));
            case LEGS ->
                rows.stream().anyMatch(r -> r.get(0) <= 0)
                        ? Optional.empty()
                        : Optional.of(new Measured.Legs(
                                rows.stream()
                                        .map(r -> new Leg(
                                                Length.ofMm(r.get(0)),
                                                Angle.ofDegrees(r.get(1)),
                                                Angle.ofDegrees(r.get(2))))
                                        .toList(),
                                to));
            case TEMPLATE -> Optional.empty();
        };
    }

    /** A shape as it would be measured the other way; nothing where it has none. */
    static Measured of(TubeShape shape, By by) {
        return switch (by) {
            case TEMPLATE ->
                shape.developed()
                        .filter(d -> d.compareTo(Measured.LONGEST) <= 0)
                        .<Measured>map(Measured.Template::new)
                        .orElse(Measured.NOTHING);
            case POINTS -> new Measured.Points(shape.corners());
            case ROWS -> shape.path().isPresent() ? new Measured.Rows(shape.rows()) : Measured.NOTHING;
            case LEGS -> shape.path().map(Rows::legs).orElse(Measured.NOTHING);
        };
    }

    private static Measured legs(BentPath p) {
        List<Leg> legs = new ArrayList<>();
        List<Double> lengths = p.legs();
        for (int i = 0; i < lengths.size(); i++) {
            boolean last = i == p.bends().size();
            legs.add(new Leg(
                    Length.ofMm(lengths.get(i)),
                    Angle.ofDegrees(last ? 0 : Math.toDegrees(p.bends().get(i).rotation())),
                    Angle.ofDegrees(last ? 0 : Math.toDegrees(p.bends().get(i).angle()))));
        }
        return new Measured.Legs(legs, LegTo.CENTRE);
    }

    /** The rows of what was measured, three values each; none of a template. */
    static List<List<Double>> values(Measured m) {
        if (m instanceof Measured.Points p) {
            return p.corners().stream().map(v -> List.of(v.x(), v.y(), v.z())).toList();
        }
        if (m instanceof Measured.Rows r) {
            return r.rows().stream()
                    .map(x -> List.of(
                            x.straight().mm(), x.rotation().degrees(), x.bend().degrees()))
                    .toList();
        }
        if (m instanceof Measured.Legs l) {
            return l.legs().stream()
                    .map(x -> List.of(
                            x.length().mm(), x.turn().degrees(), x.bend().degrees()))
                    .toList();
        }
        return List.of();
    }

    /** A row's values as they are typed. */
    static List<String> texts(Measured m, List<Double> row, UnitSystem units) {
        boolean point = m instanceof Measured.Points;
        return List.of(
                CoordinateText.text(row.get(0), units),
                point ? CoordinateText.text(row.get(1), units) : LengthFormat.decimal(row.get(1), 2, 0),
                point ? CoordinateText.text(row.get(2), units) : LengthFormat.decimal(row.get(2), 2, 0));
    }
}
