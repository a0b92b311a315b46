package mellowflare.core.flow.hold;

import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.PressureDifference;
import mellowflare.core.measure.Temperature;
import mellowflare.core.measure.Volume;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.distribution.continuous.TDistribution;
import org.hipparchus.stat.regression.SimpleRegression;

/**
 * A line pumped up, shut off and watched. The mass of the air that is shut in is p V / (R T) with the absolute pressure, so that a night that grows cold is not taken for a leak; a straight line
 * through the masses gives the leak and how sure it is.
 *
 * @param readings in order of time, two at least
 * @param volume of what is shut in, above zero
 * @param surroundings pressure of the air around (barometer), for readings without their own
 * @param gaugeStep finest step of the gauge, above zero: a needle that does not move is no proof beyond it
 * @param allowed the largest leak that passes
 */
public record HoldTest(
        List<Reading> readings,
        Volume volume,
        AbsolutePressure surroundings,
        PressureDifference gaugeStep,
        FreeAir allowed) {
    /** Chance on either side of the band in which the leak lies (both together one in twenty). */
    private static final double EITHER_SIDE = 0.975;

    /** Nobody reads a gauge twice within a second. */
    public static final double LEAST_APART = 1;

    /** The readings alone never make it surer than this: what volume was shut in, and whether the air was even, they do not show. */
    public static final double SUREST = 0.999;

    public HoldTest {
        readings = List.copyOf(readings);
        if (readings.size() < 2) {
            throw new IllegalArgumentException("A hold test needs two readings at least");
        }
        for (int i = 1; i < readings.size(); i++) {
            if (readings.get(i).seconds < readings.get(i - 1).seconds + LEAST_APART) {
                throw new IllegalArgumentException(
                        "Reading " + (i + 1) + " is not a second later than the one before: put them in order of time");
            }
        }
        boolean some = readings.stream().anyMatch(r -> r.air.isPresent());
        if (some && readings.stream().anyMatch(r -> r.air.isEmpty())) {
            throw new IllegalArgumentException("Give the temperature with every reading, or with none");
        }
        if (!(volume.litres() > 0) || !(gaugeStep.bar() > 0)) {
            throw new IllegalArgumentException("Volume and step of the gauge are above zero");
        }
    }

    /**
     * One look at the gauge.
     *
     * @param seconds since any beginning (s)
     * @param gauge what it shows
     * @param air temperature of the air shut in; empty for all readings when it was not taken
     * @param barometer pressure of the air around, if it was read with the gauge
     */
    public record Reading(
            double seconds, GaugePressure gauge, Optional<Temperature> air, Optional<AbsolutePressure> barometer) {
        /** No test of tightness lasts longer than a hundred days. */
        public static final double LONGEST_SECONDS = 100 * 86_400.0;

        public Reading {
            if (!(Math.abs(seconds) <= LONGEST_SECONDS)) {
                throw new IllegalArgumentException("A reading is taken within a hundred days, in seconds");
            }
            if (barometer.isPresent()
                    && (barometer.get().bar() < 0.4 || barometer.get().bar() > 1.2)) {
                throw new IllegalArgumentException("A barometer shows 0.4 to 1.2 bar");
            }
        }

        /** A reading without its barometer. */
        public Reading(double seconds, GaugePressure gauge, Optional<Temperature> air) {
            this(seconds, gauge, air, Optional.empty());
        }

        /** The time in minutes. */
        public double minutes() {
            return seconds / 60;
        }
    }

    /** What the test says. */
    public enum Verdict {
        /** The leak is, as good as sure, not above what is allowed. */
        TIGHT,
        /** The leak is, as good as sure, above what is allowed. */
        LEAKS,
        /** Too short, too few readings or too coarse a gauge to tell. */
        NOT_SETTLED
    }

    /**
     * What came of it.
     *
     * @param litresPerMinute the leak (L/min of free air by ISO 1217); below zero where mass seems to grow
     * @param plusMinus half of the band in which it lies, 19 times in 20 (L/min)
     * @param atRest what a reading of pressure alone, without temperature and barometer, would have said (L/min)
     * @param drop from the first to the last reading of the gauge, put to the temperature and the barometer of the first
     * @param verdict what it says
     * @param confidence the chance that the leak lies on the side that the verdict says; for a test not settled, that it is tight
     */
    public record Result(
            double litresPerMinute,
            double plusMinus,
            double atRest,
            PressureDifference drop,
            Verdict verdict,
            double confidence) {
        /** Whether the air shut in seems to grow by more than the readings can be wrong. */
        public boolean grows() {
            return litresPerMinute + plusMinus < 0;
        }

        /** The leak as a flow; none where the mass seems to grow. */
        public FreeAir leak() {
            return FreeAir.ofLitresPerMinute(Math.max(0, litresPerMinute));
        }
    }

    /** Works the test out. */
    public Result result() {
        SimpleRegression masses = new SimpleRegression();
        SimpleRegression blind = new SimpleRegression();
        double first = kelvin(readings.get(0));
        double[] around = around();
        double spread = 0;
        double mean = readings.stream().mapToDouble(r -> r.minutes()).average().orElseThrow();
        for (int i = 0; i < readings.size(); i++) {
            Reading r = readings.get(i);
            double minutes = r.minutes();
            masses.addData(minutes, litres(r, around[i], kelvin(r)));
            blind.addData(minutes, litres(r, around[0], first));
            spread += (minutes - mean) * (minutes - mean);
        }
        double leak = -masses.getSlope();
        // A gauge that is read to its step errs by step / sqrt 12 each time, even where the readings lie on a line.
        double perBar = volume.litres() * 1e5 / (AirReference.R_DRY * first) / AirReference.ISO1217.density();
        double reading = gaugeStep.bar() / Math.sqrt(12) * perBar / Math.sqrt(spread);
        int free = readings.size() - 2;
        double seen = free > 0 ? masses.getSlopeStdErr() : 0;
        boolean scattered = seen > reading;
        double error = scattered ? seen : reading;
        double k = scattered
                ? new TDistribution(free).inverseCumulativeProbability(EITHER_SIDE)
                : new NormalDistribution().inverseCumulativeProbability(EITHER_SIDE);
        double z = (allowed.in(AirReference.ISO1217).litresPerMinute() - leak) / error;
        double tight = scattered
                ? new TDistribution(free).cumulativeProbability(z)
                : new NormalDistribution().cumulativeProbability(z);
        // Air does not grow: a leak clearly below zero says that something was not measured.
        boolean grows = leak + k * error < 0;
        Verdict verdict = grows
                ? Verdict.NOT_SETTLED
                : tight >= EITHER_SIDE ? Verdict.TIGHT : tight <= 1 - EITHER_SIDE ? Verdict.LEAKS : Verdict.NOT_SETTLED;
        Reading last = readings.get(readings.size() - 1);
        double atFirst = (last.gauge.bar() + around[around.length - 1]) * first / kelvin(last) - around[0];
        return new Result(
                leak,
                k * error,
                -blind.getSlope(),
                PressureDifference.ofBar(readings.get(0).gauge.bar() - atFirst),
                verdict,
                Math.min(SUREST, verdict == Verdict.LEAKS ? 1 - tight : tight));
    }

    /** Litres of free air shut in. */
    private double litres(Reading r, double around, double kelvin) {
        double pascal = (r.gauge.bar() + around) * 1e5;
        return pascal * volume.litres() / (AirReference.R_DRY * kelvin) / AirReference.ISO1217.density();
    }

    /** The barometer at each reading (bar): its own, between two that were read by time, outside of them the nearest. */
    private double[] around() {
        double[] all = new double[readings.size()];
        int before = -1;
        for (int i = 0; i <= readings.size(); i++) {
            if (i < readings.size() && readings.get(i).barometer.isEmpty()) {
                continue;
            }
            for (int k = before + 1; k <= Math.min(i, readings.size() - 1); k++) {
                all[k] = between(before, i, readings.get(k).seconds);
            }
            before = i;
        }
        return all;
    }

    private double between(int before, int after, double seconds) {
        boolean lower = before >= 0;
        boolean upper = after < readings.size();
        if (!lower && !upper) {
            return surroundings.bar();
        }
        double low = barometer(lower ? before : after);
        double high = barometer(upper ? after : before);
        double from = readings.get(lower ? before : after).seconds;
        double to = readings.get(upper ? after : before).seconds;
        return to > from ? low + (high - low) * (seconds - from) / (to - from) : low;
    }

    private double barometer(int reading) {
        return readings.get(reading).barometer.orElseThrow().bar();
    }

    private double kelvin(Reading r) {
        return r.air.or(() -> readings.get(0).air).map(Temperature::celsius).orElse(20.0) + 273.15;
    }
}
