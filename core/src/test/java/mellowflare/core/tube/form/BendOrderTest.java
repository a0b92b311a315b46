package mellowflare.core.tube.form;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Optional;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Corners;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.stock.Bender;
import org.junit.jupiter.api.Test;

class BendOrderTest {
    private static Vector v(double x, double y, double z) {
        return new Vector(x, y, z);
    }

    private static Bender bender(double grip, double shoe, double most, Optional<Double> bench) {
        return new Bender(
                "test",
                "test bender",
                Bender.Kind.LEVER,
                Length.ofMm(10),
                Length.ofMm(20),
                Angle.ofDegrees(most),
                Length.ofMm(grip),
                Length.ofMm(shoe),
                Bender.Mark.START,
                bench.map(Length::ofMm),
                0.05,
                Source.house("test"));
    }

    private static BendOrder find(Bender b, Vector... corners) {
        BentPath p = ((Corners.Formed) Corners.path(List.of(corners), 20)).path();
        List<Angle> levers = p.bends().stream()
                .map(x -> Angle.ofDegrees(Math.toDegrees(x.angle()) / 0.98))
                .toList();
        return BendOrder.find(p, Length.ZERO, Length.ZERO, Length.ofMm(10), b, levers);
    }

    @Test
    void anEasyTubeIsBentFromAToB() {
        BendOrder o =
                find(bender(20, 15, 180, Optional.empty()), v(0, 0, 0), v(100, 0, 0), v(100, 100, 0), v(200, 100, 0));
        assertThat(o.possible()).isTrue();
        assertThat(o.plain()).isTrue();
    }

    /** 10 mm of straight before the first bend: too little to hold on the A side, but enough for the shoe, with the long side held. */
    @Test
    void aShortEndIsHeldAtTheOtherSide() {
        BendOrder o = find(bender(40, 8, 180, Optional.empty()), v(0, 0, 0), v(30, 0, 0), v(30, 150, 0));
        assertThat(o.possible()).isTrue();
        assertThat(o.turns()).containsExactly(new BendOrder.Turn(0, LineEnd.B));
    }

    /** Between the bends lie 25 mm, too little for grip or shoe on either side of both: whichever is made last has no room. */
    @Test
    void twoBendsTooCloseCannotBeMade() {
        BendOrder o =
                find(bender(40, 40, 180, Optional.empty()), v(0, 0, 0), v(100, 0, 0), v(100, 65, 0), v(200, 65, 0));
        assertThat(o.possible()).isFalse();
        assertThat(o.obstacles()).anyMatch(x -> x.bend() == 1 && x.what() == Obstacle.What.GRIP);
        assertThat(o.obstacles().get(0).missing().mm()).isEqualTo(15, org.assertj.core.api.Assertions.within(1e-6));
    }

    /** Enough for the shoe, not for the grip: the later bend must have the short straight ahead of it. */
    @Test
    void theOrderIsTurnedWhereGripNeedsMoreThanShoe() {
        BendOrder o =
                find(bender(40, 20, 180, Optional.empty()), v(0, 0, 0), v(100, 0, 0), v(100, 65, 0), v(200, 65, 0));
        assertThat(o.possible()).isTrue();
        assertThat(o.plain()).isFalse();
        // Checked apart: whichever bend is last, the straight of 25 mm lies on its shoe's side.
        BendOrder.Turn last = o.turns().get(1);
        assertThat(last.bend() == 0 ? last.grip() : last.grip().other()).isEqualTo(LineEnd.A);
    }

    @Test
    void moreThanTheBenderBends() {
        BendOrder o = find(bender(20, 15, 90, Optional.empty()), v(0, 0, 0), v(100, 0, 0), v(40, 80, 0));
        assertThat(o.obstacles()).extracting(Obstacle::what).containsExactly(Obstacle.What.TOO_FAR);
    }

    /** A long leg down and a long leg up: whichever bend is made last on a low bench, one of them dips into it. */
    @Test
    void aLegThatDipsIntoTheBenchIsSaid() {
        Vector[] z = {v(0, 0, -200), v(0, 0, 0), v(200, 0, 0), v(200, 200, 0)};
        assertThat(find(bender(20, 15, 180, Optional.empty()), z).possible()).isTrue();
        BendOrder low = find(bender(20, 15, 180, Optional.of(50.0)), z);
        // Bent the other way round, or held at the other side, a leg may point up instead.
        assertThat(low.possible()).isTrue();
        Vector[] both = {v(0, 0, -200), v(0, 0, 0), v(100, 0, 0), v(100, 100, 0), v(200, 100, 0), v(200, 100, 200)};
        BendOrder order = find(bender(20, 15, 180, Optional.of(50.0)), both);
        BendOrder free = find(bender(20, 15, 180, Optional.empty()), both);
        assertThat(free.plain()).isTrue();
        assertThat(order.turns()).hasSize(4);
        assertThat(order.plain() && order.possible()).isFalse();
    }

    @Test
    void aTubeWithoutBendsNeedsNoOrder() {
        BendOrder o = find(bender(20, 15, 180, Optional.empty()), v(0, 0, 0), v(100, 0, 0));
        assertThat(o.turns()).isEmpty();
        assertThat(o.possible()).isTrue();
    }

    /** A hairpin whose finished loop would swing through the tube when the last bend is made from A. */
    @Test
    void aLoopThatSwingsIntoItselfIsNotBentThatWay() {
        Vector[] spiral = {
            v(0, 0, 0), v(300, 0, 0), v(300, 200, 0), v(50, 200, 0), v(50, 60, 0), v(220, 60, 0), v(220, 130, 0)
        };
        BendOrder o = find(bender(20, 15, 180, Optional.empty()), spiral);
        assertThat(o.turns()).hasSize(5);
        assertThat(o.possible()).isTrue();
    }
}
