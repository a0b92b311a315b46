package mellowflare.core.tube.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

/** What each figure does to the far end, reckoned by hand on tubes simple enough for it. */
class FitChanceByHandTest {
    private static final TubeScatter SCATTER = TubeScatter.load();
    private static final double MARK = SCATTER.of("mark", "tape");
    private static final double BEND = Math.toRadians(SCATTER.of("bend", "HAND"));
    private static final double TURN = Math.toRadians(SCATTER.of("turn", "line"));
    private static final double CUT = SCATTER.of("cut", "wheel");
    private static final double FLARE = SCATTER.of("flare", "flare");
    private static final double READ = Instrument.TAPE.scatter().mm();
    private static final double RADIUS = 20;

    private static Measured points(double... xyz) {
        Vector[] all = new Vector[xyz.length / 3];
        for (int i = 0; i < all.length; i++) {
            all[i] = new Vector(xyz[3 * i], xyz[3 * i + 1], xyz[3 * i + 2]);
        }
        return new Measured.Points(List.of(all));
    }

    private static FitChance fit(Measured m, boolean again, Optional<Rounded> shift) {
        BentPath path =
                TubeShape.of(m, Length.ofMm(RADIUS), Length.ofMm(8)).path().orElseThrow();
        return FitChance.of(path, m, Instrument.TAPE, again, Optional.empty(), shift, SCATTER);
    }

    private static double share(FitChance f, String cause) {
        return f.causes().stream()
                .filter(c -> c.what().equals(cause))
                .findFirst()
                .orElseThrow()
                .share();
    }

    private static double squares(double... sds) {
        double sum = 0;
        for (double s : sds) {
            sum += s * s;
        }
        return sum;
    }

    private static final Measured STRAIGHT = points(0, 0, 0, 300, 0, 0);
    private static final Measured ELBOW = points(0, 0, 0, 100, 0, 0, 100, 150, 0);
    private static final Measured IN_SPACE = points(0, 0, 0, 100, 0, 0, 100, 150, 0, 100, 150, 80);

    /** A straight tube scatters by its reading in three directions, and by cut and both flares along it; it turns nowhere. */
    @Test
    void testAStraightTube() {
        FitChance f = fit(STRAIGHT, false, Optional.empty());
        double all = squares(READ, READ, READ, CUT, FLARE, FLARE);
        assertThat(f.place().mm()).isCloseTo(Math.sqrt(all), within(1e-9));
        assertThat(f.direction().degrees()).isZero();
        assertThat(share(f, "cutting")).isCloseTo(squares(CUT) / all, within(1e-9));
        assertThat(share(f, "flaring")).isCloseTo(squares(FLARE, FLARE) / all, within(1e-9));
        assertThat(f.causes()).allMatch(c -> c.share() > 0);
        assertThat(f.causes()).hasSize(5);
    }

    /** A second reading that agrees halves the square of the reading. */
    @Test
    void testASecondReadingHalvesTheSquare() {
        FitChance f = fit(STRAIGHT, true, Optional.empty());
        assertThat(f.place().mm())
                .isCloseTo(Math.sqrt(squares(READ, READ, READ) / 2 + squares(CUT, FLARE, FLARE)), within(1e-9));
    }

    /** One bend: a mark off moves the end along the difference of both legs (root two); an angle off turns what follows about the end of the bend, 150 - 20 mm away. */
    @Test
    void testOneBend() {
        FitChance f = fit(ELBOW, false, Optional.empty());
        double mark = squares(MARK, MARK);
        double bend = squares((150 - RADIUS) * BEND);
        double all = squares(READ, READ, READ, CUT, FLARE, FLARE) + mark + bend;
        assertThat(f.place().mm()).isCloseTo(Math.sqrt(all), within(1e-9));
        assertThat(share(f, "mark of bend 1")).isCloseTo(mark / all, within(1e-9));
        assertThat(share(f, "angle of bend 1")).isCloseTo(bend / all, within(1e-9));
        assertThat(f.direction().degrees()).isCloseTo(Math.toDegrees(BEND), within(1e-9));
    }

    /** Two bends square to each other: the first turns what lies after it, 150 - 20 along and 80 up; turning between them swings the last leg of 80 round the middle one. */
    @Test
    void testTwoBendsInSpace() {
        FitChance f = fit(IN_SPACE, false, Optional.empty());
        double bend1 = squares((150 - RADIUS) * BEND);
        double bend2 = squares((80 - RADIUS) * BEND);
        double turn = squares(80 * TURN);
        double marks = 2 * squares(MARK, MARK);
        double all = squares(READ, READ, READ, CUT, FLARE, FLARE) + marks + bend1 + bend2 + turn;
        assertThat(f.place().mm()).isCloseTo(Math.sqrt(all), within(1e-9));
        assertThat(share(f, "rotation before bend 2")).isCloseTo(turn / all, within(1e-9));
        assertThat(share(f, "angle of bend 1")).isCloseTo(bend1 / all, within(1e-9));
        assertThat(share(f, "angle of bend 2")).isCloseTo(bend2 / all, within(1e-9));
        // The first bend turns about the upright, along which the last leg lies: only the second bend and the rotation
        // tilt it.
        assertThat(f.direction().degrees()).isCloseTo(Math.toDegrees(Math.sqrt(squares(BEND, TURN))), within(1e-9));
    }

    /** Of legs every figure counts: each leg along itself, each bend and each turn about its corner. */
    @Test
    void testLegsAsMeasured() {
        Measured legs = new Measured.Legs(
                List.of(
                        new Leg(Length.ofMm(100), Angle.ofDegrees(0), Angle.ofDegrees(90)),
                        new Leg(Length.ofMm(150), Angle.ofDegrees(90), Angle.ofDegrees(90)),
                        new Leg(Length.ofMm(80), Angle.ofDegrees(0), Angle.ofDegrees(0))),
                LegTo.CENTRE);
        FitChance f = fit(legs, false, Optional.empty());
        double angle = Math.toRadians(SCATTER.of("measure-angle", "gauge"));
        double twist = Math.toRadians(SCATTER.of("measure-turn", "gauge"));
        double measured = squares(READ, READ, READ) + squares(150 * angle, 80 * angle, 80 * twist);
        double made = squares(CUT, FLARE, FLARE)
                + 2 * squares(MARK, MARK)
                + squares((150 - RADIUS) * BEND, (80 - RADIUS) * BEND, 80 * TURN);
        assertThat(f.place().mm()).isCloseTo(Math.sqrt(measured + made), within(1e-9));
        assertThat(share(f, "leg 2 as measured")).isCloseTo(squares(READ) / (measured + made), within(1e-9));
        assertThat(share(f, "bend 1 as measured")).isCloseTo(squares(150 * angle) / (measured + made), within(1e-9));
        assertThat(share(f, "turn 2 as measured")).isCloseTo(squares(80 * twist) / (measured + made), within(1e-9));
    }

    /** The chance of a straight tube, drawn a second way: three independent figures and a sphere of what the nuts take up. */
    @Test
    void testTheChanceIsThatOfThreeFiguresInASphere() {
        double allowed = SCATTER.of("allowed", "position");
        for (double shift : new double[] {0, 2.5, 4}) {
            Rounded off = new Rounded(
                    TubeShape.of(STRAIGHT, Length.ofMm(RADIUS), Length.ofMm(8))
                            .path()
                            .orElseThrow(),
                    Length.ofMm(shift),
                    Length.ZERO,
                    Angle.ofDegrees(0));
            Random r = new Random(77);
            int in = 0;
            int n = 40_000;
            double along = Math.sqrt(squares(READ, CUT, FLARE, FLARE));
            for (int i = 0; i < n; i++) {
                double x = r.nextGaussian() * along + shift;
                double y = r.nextGaussian() * READ;
                double z = r.nextGaussian() * READ;
                in += x * x + y * y + z * z <= allowed * allowed ? 1 : 0;
            }
            assertThat(fit(STRAIGHT, false, Optional.of(off)).chance())
                    .as("shifted by " + shift)
                    .isCloseTo((double) in / n, within(0.04));
        }
    }

    /** A bend by hand scatters by 2.5 degrees, as much as the nuts take up: two of three are within it. */
    @Test
    void testTheDirectionCountsToo() {
        FitChance f = fit(points(0, 0, 0, 30, 0, 0, 30, 25, 0), false, Optional.empty());
        assertThat(f.chance()).isCloseTo(0.683, within(0.05));
    }
}
