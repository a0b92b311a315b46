package mellowflare.core.tube.form;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import mellowflare.core.geometry.BentPath;
import mellowflare.core.geometry.Vector;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Instrument;
import mellowflare.core.measure.Length;
import org.junit.jupiter.api.Test;

class FitChanceTest {
    private static final TubeScatter SCATTER = TubeScatter.load();

    private static TubeShape shape() {
        return TubeShape.of(
                new Measured.Points(List.of(
                        new Vector(0, 0, 0), new Vector(120, 0, 0), new Vector(120, 90, 0), new Vector(120, 90, 140))),
                Length.ofMm(20),
                Length.ofMm(8));
    }

    private static FitChance fit(Instrument with, boolean again) {
        TubeShape s = shape();
        return FitChance.of(
                s.path().orElseThrow(),
                new Measured.Points(s.corners()),
                with,
                again,
                Optional.empty(),
                Optional.empty(),
                SCATTER);
    }

    /** A second way: the tube itself is bent anew many times with scattered figures, and the far end's place is counted. */
    @Test
    void firstOrderAgreesWithBendingTheTubeManyTimes() {
        BentPath p = shape().path().orElseThrow();
        Vector end = last(p);
        Random r = new Random(11);
        double mark = SCATTER.of("mark", "tape");
        double bend = Math.toRadians(SCATTER.of("bend", "HAND"));
        double turn = Math.toRadians(SCATTER.of("turn", "line"));
        double reading = Instrument.TAPE.scatter().mm();
        double sum = 0;
        int n = 4000;
        for (int k = 0; k < n; k++) {
            List<BentPath.Bend> bends = new ArrayList<>();
            double carried = 0;
            for (int i = 0; i < p.bends().size(); i++) {
                BentPath.Bend b = p.bends().get(i);
                double slip = r.nextGaussian() * mark;
                double off = r.nextGaussian() * bend;
                bends.add(new BentPath.Bend(
                        b.straight() + carried + slip,
                        i == 0 ? 0 : b.rotation() + r.nextGaussian() * turn,
                        b.angle() + off,
                        b.radius()));
                // The next mark is fixed on the tube: what a bend takes more is missing after it.
                carried = -slip - b.radius() * off;
            }
            double cut = r.nextGaussian() * SCATTER.of("cut", "wheel")
                    + r.nextGaussian() * SCATTER.of("flare", "flare") * Math.sqrt(2);
            Vector miss = last(new BentPath(bends, p.last() + carried + cut))
                    .minus(end)
                    .plus(new Vector(r.nextGaussian(), r.nextGaussian(), r.nextGaussian()).times(reading));
            sum += miss.dot(miss);
        }
        double brute = Math.sqrt(sum / n);
        assertThat(fit(Instrument.TAPE, false).place().mm()).isCloseTo(brute, within(brute * 0.08));
    }

    private static Vector last(BentPath p) {
        List<Vector> c = p.corners();
        return c.get(c.size() - 1);
    }

    @Test
    void sharesAddUpAndTheLargestStandsFirst() {
        FitChance f = fit(Instrument.TAPE, false);
        assertThat(f.causes().stream().mapToDouble(FitChance.Cause::share).sum())
                .isCloseTo(1, within(1e-9));
        assertThat(f.largest().orElseThrow().share())
                .isEqualTo(f.causes().stream()
                        .mapToDouble(FitChance.Cause::share)
                        .max()
                        .orElseThrow());
        assertThat(f.causes()).allMatch(c -> !c.better().isBlank());
    }

    @Test
    void betterMeasuringBettersTheChance() {
        assertThat(fit(Instrument.CALIPER, false).chance())
                .isGreaterThanOrEqualTo(fit(Instrument.EYE, false).chance());
        assertThat(fit(Instrument.EYE, true).place())
                .isLessThan(fit(Instrument.EYE, false).place());
    }

    @Test
    void ofLegsEveryReadingCounts() {
        TubeShape s = shape();
        Measured legs = new Measured.Legs(
                List.of(
                        new Leg(Length.ofMm(120), Angle.ofDegrees(0), Angle.ofDegrees(90)),
                        new Leg(Length.ofMm(90), Angle.ofDegrees(90), Angle.ofDegrees(90)),
                        new Leg(Length.ofMm(140), Angle.ofDegrees(0), Angle.ofDegrees(0))),
                LegTo.CENTRE);
        FitChance f = FitChance.of(
                s.path().orElseThrow(), legs, Instrument.TAPE, false, Optional.empty(), Optional.empty(), SCATTER);
        assertThat(f.causes())
                .extracting(FitChance.Cause::what)
                .contains("leg 1 as measured", "bend 1 as measured", "turn 2 as measured");
        assertThat(f.place()).isGreaterThan(fit(Instrument.TAPE, false).place());
    }

    @Test
    void whatRoundingShiftsLowersTheChance() {
        TubeShape s = shape();
        Rounded far = new Rounded(s.path().orElseThrow(), Length.ofMm(6), Length.ZERO, Angle.ofDegrees(0));
        FitChance f = FitChance.of(
                s.path().orElseThrow(),
                new Measured.Points(s.corners()),
                Instrument.TAPE,
                false,
                Optional.empty(),
                Optional.of(far),
                SCATTER);
        assertThat(f.chance()).isLessThan(fit(Instrument.TAPE, false).chance());
    }
}
