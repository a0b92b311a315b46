package mellowflare.core.pipe.assemble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Random;
import mellowflare.core.geometry.Vector;
import mellowflare.core.pipe.layout.Box;
import org.junit.jupiter.api.Test;

/** What a turning stretch meets, against turning it round in small steps. */
class SwingTest {
    private final Random random = new Random(11);

    private Vector anywhere(double within) {
        return new Vector(
                (random.nextDouble() - 0.5) * within,
                (random.nextDouble() - 0.5) * within,
                (random.nextDouble() - 0.5) * within);
    }

    private Capsule stretch(double within) {
        Vector from = anywhere(within);
        return new Capsule(from, from.plus(anywhere(400)), 5 + random.nextInt(30));
    }

    private static Vector turned(Vector p, Vector at, Vector axis, double angle) {
        Vector from = p.minus(at);
        return at.plus(from.times(Math.cos(angle)))
                .plus(axis.cross(from).times(Math.sin(angle)))
                .plus(axis.times(axis.dot(from) * (1 - Math.cos(angle))));
    }

    /** The least distance of the two centre lines while one goes round (mm), in steps of a degree and of a fortieth of each. */
    private static double least(Capsule turning, Capsule standing, Vector at, Vector axis) {
        double least = Double.MAX_VALUE;
        for (int degrees = 0; degrees < 360; degrees++) {
            Vector from = turned(turning.from(), at, axis, Math.toRadians(degrees));
            Vector to = turned(turning.to(), at, axis, Math.toRadians(degrees));
            for (int i = 0; i <= 40; i++) {
                Vector p = from.plus(to.minus(from).times(i / 40.0));
                for (int j = 0; j <= 40; j++) {
                    Vector q = standing.from()
                            .plus(standing.to().minus(standing.from()).times(j / 40.0));
                    least = Math.min(least, p.minus(q).length());
                }
            }
        }
        return least;
    }

    @Test
    void testItMeetsWhatComesNearerThanBothAreThick() {
        int met = 0;
        int missed = 0;
        for (int i = 0; i < 90; i++) {
            Vector at = anywhere(200);
            Vector axis = anywhere(1).unit();
            Capsule turning = stretch(500);
            Capsule standing = stretch(500);
            double room = least(turning, standing, at, axis) - turning.radius() - standing.radius();
            boolean meets = new Swing(at, axis).sweep(turning).meets(standing);
            // Between lies what its steps leave open: they never find it nearer than it comes.
            if (room > 9) {
                assertThat(meets).as("case " + i + ", " + room).isFalse();
                missed++;
            } else if (room < -1) {
                assertThat(meets).as("case " + i + ", " + room).isTrue();
                met++;
            }
        }
        assertThat(met).isGreaterThan(12);
        assertThat(missed).isGreaterThan(12);
    }

    /** A stretch square to the axis, by hand: it sweeps a disc of 100 with its own thickness. */
    @Test
    void testADiscReachesItsRadiusAndNoFurther() {
        Vector up = new Vector(0, 0, 1);
        Swing swing = new Swing(Vector.ZERO, up);
        Capsule arm = new Capsule(Vector.ZERO, new Vector(100, 0, 0), 10);
        assertThat(swing.reach(arm)).isCloseTo(110, within(1e-9));
        assertThat(swing.reach(List.of(arm, post(0, 130)))).isCloseTo(135, within(1e-9));
        Swing.Swept swept = swing.sweep(arm);
        // A post of 5 mm beside it: 100 + 10 + 5, and all but a millimetre may be taken.
        assertThat(swept.meets(post(-113.9, 0))).isTrue();
        assertThat(swept.meets(post(-114.1, 0))).isFalse();
        assertThat(swept.meets(post(0, 113.9))).isTrue();
        assertThat(swept.meets(over(13.9))).isTrue();
        assertThat(swept.meets(over(14.1))).isFalse();
        assertThat(swept.meets(over(-14.1))).isFalse();
        // An arm that does not reach the axis leaves its middle free.
        Swing.Swept ring = swing.sweep(new Capsule(new Vector(60, 0, 0), new Vector(100, 0, 0), 10));
        assertThat(ring.meets(post(45.9, 0))).isFalse();
        assertThat(ring.meets(post(46.1, 0))).isTrue();
        assertThat(swept.radius()).isCloseTo(110, within(1e-9));
        assertThat(swept.middle().length()).isCloseTo(0, within(1e-9));
    }

    private static Capsule post(double x, double y) {
        return new Capsule(new Vector(x, y, -50), new Vector(x, y, 50), 5);
    }

    private static Capsule over(double z) {
        return new Capsule(new Vector(-20, 30, z), new Vector(20, 30, z), 5);
    }

    /** A pipe of two metres that passes the arm's disc at 110 is met wherever along its length that is, and one that passes at 115 nowhere; so is a thin post far out. */
    @Test
    void testALongPipeIsMetWhereverItPasses() {
        Swing swing = new Swing(Vector.ZERO, new Vector(0, 0, 1));
        Swing.Swept swept = swing.sweep(new Capsule(Vector.ZERO, new Vector(100, 0, 0), 10));
        for (int on = 0; on < 2000; on += 37) {
            assertThat(swept.meets(passing(-110, on))).as("at " + on).isTrue();
            assertThat(swept.meets(passing(-115, on))).as("at " + on).isFalse();
        }
        Capsule far = new Capsule(Vector.ZERO, new Vector(900, 0, 0), 10);
        for (int degrees = 0; degrees < 360; degrees += 7) {
            double w = Math.toRadians(degrees);
            Vector at = new Vector(880 * Math.cos(w), 880 * Math.sin(w), -20);
            Box thin = new Box("post", at, at.plus(new Vector(6, 6, 40)));
            assertThat(swing.meets(far, List.of(thin))).as("at " + degrees).isPresent();
        }
    }

    private static Capsule passing(double x, double on) {
        return new Capsule(new Vector(x, -on, 0), new Vector(x, 2000 - on, 0), 5);
    }

    /** A wall that the arm passes at 110: it may come as near as a millimetre under that. */
    @Test
    void testAWallIsMetWhereTheArmComesToIt() {
        Swing swing = new Swing(Vector.ZERO, new Vector(0, 0, 1));
        Capsule arm = new Capsule(Vector.ZERO, new Vector(100, 0, 0), 10);
        assertThat(swing.meets(arm, List.of())).isEmpty();
        assertThat(swing.meets(arm, List.of(wall(109.1)))).isEmpty();
        assertThat(swing.meets(arm, List.of(wall(400), wall(108.9))).map(Box::name))
                .contains("wall 108.9");
    }

    private static Box wall(double x) {
        return new Box("wall " + x, new Vector(x, -500, -500), new Vector(x + 50, 500, 500));
    }

    @Test
    void testABondHoldsItsTwoBodiesAndOpensWhereNothingTurns() {
        for (Bond.Kind kind : Bond.Kind.values()) {
            Bond b = new Bond(3, 7, kind, Vector.ZERO, new Vector(0, 0, 1));
            assertThat(b.holds(3)).isTrue();
            assertThat(b.holds(7)).isTrue();
            assertThat(b.holds(5)).isFalse();
            assertThat(b.other(3)).isEqualTo(7);
            assertThat(b.other(7)).isEqualTo(3);
            assertThat(b.opens()).isEqualTo(kind != Bond.Kind.THREAD && kind != Bond.Kind.WELD);
        }
    }
}
