package mellowflare.core.tube.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Corners;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.tube.stock.Bender;
import org.junit.jupiter.api.Test;

class FormTest {
    private static final Length R20 = Length.ofMm(20);
    private static final Length OD10 = Length.ofMm(10);

    private static Vector v(double x, double y, double z) {
        return new Vector(x, y, z);
    }

    private static TubeShape points(Vector... corners) {
        return TubeShape.of(new Measured.Points(List.of(corners)), R20, OD10);
    }

    private static Leg leg(double mm, double turn, double bend) {
        return new Leg(Length.ofMm(mm), Angle.ofDegrees(turn), Angle.ofDegrees(bend));
    }

    /** Legs 100, 80, 60 with right angles, radius 20, by hand: starts 80 and 151.416 - 40 + ... */
    @Test
    void marksByHand() {
        TubeShape s = points(v(0, 0, 0), v(100, 0, 0), v(100, 80, 0), v(160, 80, 0));
        List<BendMark> marks = BendMark.of(s.path().orElseThrow(), Length.ZERO);
        double arc = 20 * Math.PI / 2;
        double gain = 40 - arc;
        assertThat(marks.get(0).start().mm()).isCloseTo(80, within(1e-9));
        assertThat(marks.get(0).middle().mm()).isCloseTo(80 + arc / 2, within(1e-9));
        assertThat(marks.get(0).leg().mm()).isCloseTo(100, within(1e-9));
        assertThat(marks.get(1).start().mm()).isCloseTo(80 + arc + 40, within(1e-9));
        assertThat(marks.get(1).leg().mm()).isCloseTo(180 - gain, within(1e-9));
        assertThat(s.developed().orElseThrow().mm()).isCloseTo(240 - 2 * gain, within(1e-9));
        assertThat(marks.get(1).at(Bender.Mark.LEG)).isEqualTo(marks.get(1).leg());
        assertThat(marks.get(1).at(Bender.Mark.START)).isEqualTo(marks.get(1).start());
        assertThat(marks.get(1).at(Bender.Mark.MIDDLE)).isEqualTo(marks.get(1).middle());
    }

    @Test
    void marksFromBothEndsMeetInTheTube() {
        BentPath p = points(v(0, 0, 0), v(100, 0, 0), v(100, 80, 0), v(160, 80, 50))
                .path()
                .orElseThrow();
        Length ahead = Length.ofMm(3);
        Length behind = Length.ofMm(2);
        List<BendMark> a = BendMark.of(p, ahead);
        List<BendMark> b = BendMark.of(p.reversed(), behind);
        double whole = p.developed() + 5;
        for (int i = 0; i < a.size(); i++) {
            BendMark other = b.get(a.size() - 1 - i);
            assertThat(a.get(i).middle().mm() + other.middle().mm()).isCloseTo(whole, within(1e-9));
            assertThat(other.angle().degrees()).isCloseTo(a.get(i).angle().degrees(), within(1e-9));
        }
    }

    @Test
    void rotationsAreCountedRoundALineDrawnAlongTheTube() {
        BentPath p = points(v(0, 0, 0), v(100, 0, 0), v(100, 80, 0), v(100, 80, 80), v(180, 80, 80))
                .path()
                .orElseThrow();
        List<BendMark> marks = BendMark.of(p, Length.ZERO);
        double sum = 0;
        for (int i = 0; i < marks.size(); i++) {
            sum += i == 0 ? 0 : Math.toDegrees(p.bends().get(i).rotation());
            assertThat(Math.IEEEremainder(marks.get(i).ambient().degrees() - sum, 360))
                    .isCloseTo(0, within(1e-9));
        }
    }

    @Test
    void pointsLegsAndRowsOfOneTubeAgree() {
        TubeShape byPoints = points(v(0, 0, 0), v(100, 0, 0), v(100, 80, 0), v(100, 80, 70));
        List<Row> rows = byPoints.rows();
        TubeShape byRows = TubeShape.of(new Measured.Rows(rows), R20, OD10);
        TubeShape byLegs = TubeShape.of(
                new Measured.Legs(
                        List.of(leg(100, 0, 90), leg(80, rows.get(1).rotation().degrees(), 90), leg(70, 0, 0)),
                        LegTo.CENTRE),
                R20,
                OD10);
        for (TubeShape other : List.of(byRows, byLegs)) {
            assertThat(other.developed().orElseThrow().mm())
                    .isCloseTo(byPoints.developed().orElseThrow().mm(), within(1e-9));
            assertThat(other.endToEnd().orElseThrow().mm())
                    .isCloseTo(byPoints.endToEnd().orElseThrow().mm(), within(1e-9));
        }
        assertThat(rows.get(rows.size() - 1).bend().degrees()).isZero();
    }

    /** To the outside of a right angle a leg of 10 mm tube is 5 mm longer at each bent end, to the inside 5 shorter. */
    @Test
    void legsToTheOutsideAreLonger() {
        Measured centre = new Measured.Legs(List.of(leg(100, 0, 90), leg(80, 0, 90), leg(60, 0, 0)), LegTo.CENTRE);
        Measured outside = new Measured.Legs(List.of(leg(105, 0, 90), leg(90, 0, 90), leg(65, 0, 0)), LegTo.OUTSIDE);
        Measured inside = new Measured.Legs(List.of(leg(95, 0, 90), leg(70, 0, 90), leg(55, 0, 0)), LegTo.INSIDE);
        double wanted =
                TubeShape.of(centre, R20, OD10).developed().orElseThrow().mm();
        assertThat(TubeShape.of(outside, R20, OD10).developed().orElseThrow().mm())
                .isCloseTo(wanted, within(1e-9));
        assertThat(TubeShape.of(inside, R20, OD10).developed().orElseThrow().mm())
                .isCloseTo(wanted, within(1e-9));
    }

    @Test
    void troubleIsSaidWithTheFittersNumbers() {
        TubeShape overlap = points(v(0, 0, 0), v(100, 0, 0), v(100, 30, 0), v(200, 30, 0));
        assertThat(overlap.path()).isEmpty();
        assertThat(overlap.corners()).hasSize(4);
        assertThat(overlap.trouble().orElseThrow().says(UnitSystem.METRIC))
                .isEqualTo("Between points 2 and 3 the bends overlap by 10 mm: use a smaller radius, or move a point.");
        assertThat(points(v(0, 0, 0), v(0, 0, 0)).trouble().orElseThrow().says(UnitSystem.METRIC))
                .contains("Points 1 and 2 are in the same place");
        assertThat(points(v(0, 0, 0), v(50, 0, 0), v(0, 0, 0))
                        .trouble()
                        .orElseThrow()
                        .says(UnitSystem.METRIC))
                .contains("point 2")
                .contains("back on itself");
        assertThat(points(v(0, 0, 0)).trouble().orElseThrow().says(UnitSystem.METRIC))
                .contains("two points");
        TubeShape short1 =
                TubeShape.of(new Measured.Legs(List.of(leg(4, 0, 90), leg(80, 0, 0)), LegTo.OUTSIDE), R20, OD10);
        assertThat(short1.trouble().orElseThrow().what()).isEqualTo(Corners.What.OVERLAP);
        assertThat(TubeShape.of(Measured.NOTHING, R20, OD10).trouble()).isEmpty();
    }

    @Test
    void aTemplateGivesItsLengthAndNoShape() {
        TubeShape t = TubeShape.of(new Measured.Template(Length.ofMm(640)), R20, OD10);
        assertThat(t.developed()).contains(Length.ofMm(640));
        assertThat(t.path()).isEmpty();
        assertThat(t.rows()).isEmpty();
        assertThat(t.endToEnd()).isEmpty();
    }

    @Test
    void springBackFromNoneOneAndTwoTrials() {
        Angle right = Angle.ofDegrees(90);
        assertThat(SpringBack.NONE.commanded(right, 0.96).degrees()).isCloseTo(93.75, within(1e-9));
        SpringBack.Trial one = new SpringBack.Trial(Angle.ofDegrees(90), Angle.ofDegrees(87));
        SpringBack by1 = new SpringBack(Optional.of(one), Optional.empty());
        assertThat(by1.commanded(right, 0.5).degrees()).isCloseTo(90 * 90 / 87.0, within(1e-9));
        SpringBack.Trial two = new SpringBack.Trial(Angle.ofDegrees(45), Angle.ofDegrees(43));
        SpringBack by2 = new SpringBack(Optional.of(one), Optional.of(two));
        // Through (90, 87) and (45, 43): slope 44/45.
        assertThat(by2.commanded(Angle.ofDegrees(87), 1).degrees()).isCloseTo(90, within(1e-9));
        assertThat(by2.commanded(Angle.ofDegrees(43), 1).degrees()).isCloseTo(45, within(1e-9));
        assertThat(by2.commanded(Angle.ofDegrees(65), 1).degrees()).isCloseTo(45 + 22 * 45 / 44.0, within(1e-9));
        assertThatThrownBy(() -> new SpringBack.Trial(right, Angle.ofDegrees(95)));
        assertThatThrownBy(() -> new SpringBack(Optional.empty(), Optional.of(one)));
        assertThatThrownBy(() -> new SpringBack(Optional.of(one), Optional.of(one)))
                .hasMessageContaining("10 degrees apart");
    }

    @Test
    void aTubeThatComesBackOnItselfIsFound() {
        // A square loop that returns to cross its own first leg 4 mm above it.
        BentPath p = points(v(0, 0, 0), v(200, 0, 0), v(200, 100, 0), v(100, 100, 0), v(100, 20.5, 4), v(100, -80, 4))
                .path()
                .orElseThrow();
        Clash c = Clash.narrowest(p, OD10).orElseThrow();
        assertThat(c.one()).isZero();
        assertThat(c.clear().mm()).isNegative();
        BentPath clear = points(v(0, 0, 0), v(200, 0, 0), v(200, 100, 0), v(100, 100, 0), v(100, 45, 0))
                .path()
                .orElseThrow();
        assertThat(Clash.narrowest(clear, OD10).orElseThrow().clear().mm()).isCloseTo(35, within(1e-6));
        assertThat(Clash.narrowest(
                        points(v(0, 0, 0), v(200, 0, 0), v(200, 100, 0)).path().orElseThrow(), OD10))
                .isEmpty();
    }

    @Test
    void roundingMovesTheFarEndByWhatItMoves() {
        BentPath whole = points(v(0, 0, 0), v(100, 0, 0), v(100, 80, 0)).path().orElseThrow();
        Rounded r = Rounded.of(whole, Length.ZERO, UnitSystem.METRIC);
        // The bend starts at 80 exactly and the end at 171.416 is rounded to 171.
        assertThat(r.along().mm()).isCloseTo(-(whole.developed() - 171), within(1e-9));
        assertThat(r.across().mm()).isCloseTo(0, within(1e-9));
        BentPath odd = points(v(0, 0, 0), v(100.4, 0, 0), v(100.4 + 50, 86.6, 0))
                .path()
                .orElseThrow();
        Rounded o = Rounded.of(odd, Length.ZERO, UnitSystem.METRIC);
        assertThat(o.off().mm()).isPositive().isLessThan(2);
        assertThat(Rounded.of(odd, Length.ZERO, UnitSystem.INCH).off().mm())
                .isPositive()
                .isLessThan(4);
    }

    @Test
    void bendsInOnePlaneLieOnOneTemplate() {
        BentPath flat = points(v(0, 0, 0), v(100, 0, 0), v(160, 60, 0), v(260, 60, 0))
                .path()
                .orElseThrow();
        List<FlatStretch> one = FlatStretch.of(flat);
        assertThat(one).hasSize(1);
        // The template ends where the tube ends.
        var end = one.get(0).centre().get(one.get(0).centre().size() - 1);
        assertThat(end.x()).isCloseTo(260, within(1e-6));
        assertThat(end.y()).isCloseTo(60, within(1e-6));
        BentPath turned = points(v(0, 0, 0), v(100, 0, 0), v(100, 80, 0), v(100, 80, 90))
                .path()
                .orElseThrow();
        List<FlatStretch> two = FlatStretch.of(turned);
        assertThat(two).hasSize(2);
        assertThat(Math.abs(two.get(1).turn().degrees())).isCloseTo(90, within(1e-9));
        double drawn = two.stream().mapToDouble(FormTest::length).sum();
        assertThat(drawn).isCloseTo(turned.developed(), within(0.2));
        assertThat(two.get(1).from().mm()).isCloseTo(length(two.get(0)), within(0.1));
        BentPath straight = points(v(0, 0, 0), v(100, 0, 0)).path().orElseThrow();
        assertThat(FlatStretch.of(straight)).hasSize(1);
        assertThat(length(FlatStretch.of(straight).get(0))).isCloseTo(100, within(1e-9));
    }

    private static double length(FlatStretch s) {
        double sum = 0;
        for (int i = 1; i < s.centre().size(); i++) {
            sum += Math.hypot(
                    s.centre().get(i).x() - s.centre().get(i - 1).x(),
                    s.centre().get(i).y() - s.centre().get(i - 1).y());
        }
        return sum;
    }

    @Test
    void whatNobodyCouldHandleIsRefused() {
        assertThatThrownBy(() -> points(v(0, 0, 0), v(2e8, 0, 0))).hasMessageContaining("within 100 km");
        assertThatThrownBy(() -> points(v(0, 0, 0), v(Double.NaN, 0, 0))).hasMessageContaining("within 100 km");
        Row far = new Row(Length.ofMm(200_001), Angle.ofDegrees(0), Angle.ofDegrees(0));
        assertThatThrownBy(() -> new Measured.Rows(List.of(far))).hasMessageContaining("200 m");
        Leg leg = new Leg(Length.ofMm(200_001), Angle.ofDegrees(0), Angle.ofDegrees(0));
        assertThatThrownBy(() -> new Measured.Legs(List.of(leg), LegTo.CENTRE)).hasMessageContaining("200 m");
        assertThatThrownBy(() -> new Measured.Template(Length.ZERO)).hasMessageContaining("longer than nothing");
    }
}
