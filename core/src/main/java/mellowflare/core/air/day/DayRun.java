package mellowflare.core.air.day;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Compressor;
import mellowflare.core.air.demand.Scenario;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.flow.network.NetworkSolver;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;

/**
 * A working day second by second: tools run by their duty in bursts, compressors cut in and out, the receivers' pressure follows from what comes and goes. Bursts are drawn from a seed, so that the
 * same day comes again.
 *
 * @param samples in order of time
 * @param starts of the compressor that starts most often (in the day)
 * @param loaded share of the time in which that compressor runs, 0 to 1
 * @param lowest pressure of the receivers
 * @param shortSeconds how long each outlet lacked pressure while its tool ran (s); outlets that never did are left out
 * @param used free air that was used, leaks too (m3)
 * @param kilowattHours that the compressors took
 * @param hours that were run through
 */
public record DayRun(
        List<Sample> samples,
        int starts,
        double loaded,
        GaugePressure lowest,
        Map<String, Integer> shortSeconds,
        double used,
        double kilowattHours,
        double hours) {
    private static final int MOST_SAMPLES = 1200;
    private static final int MOST_CASES = 600;
    private static final int FELT_SECONDS = 3;

    public DayRun {
        samples = List.copyOf(samples);
        shortSeconds = Map.copyOf(shortSeconds);
    }

    /**
     * A moment: the least and the most of a short while.
     *
     * @param seconds since work began (s)
     * @param low receivers' least pressure in the while
     * @param high receivers' highest pressure in it
     * @param drawn air on the mean of the while
     * @param running compressors that run
     */
    public record Sample(double seconds, GaugePressure low, GaugePressure high, FreeAir drawn, int running) {}

    /**
     * Runs a day. Empty while there is no compressor or nothing can flow.
     *
     * @param seed of the bursts
     * @param progress told the share that is done
     * @param cancelled asked now and then; a cancelled run is empty
     */
    public static Optional<DayRun> of(AirCase c, long seed, DoubleConsumer progress, BooleanSupplier cancelled) {
        return c.flows() ? new Clock(c, seed).run(progress, cancelled) : Optional.empty();
    }

    /** How long an outlet lacked pressure while its tool ran. */
    public record Lack(String outlet, int seconds) {
        /** The time in minutes. */
        public double minutes() {
            return seconds / 60.0;
        }
    }

    /** Outlets that lacked pressure for a moment that is felt, the one that lacked it longest first. */
    public List<Lack> lacking() {
        return shortSeconds.entrySet().stream()
                .filter(e -> e.getValue() >= FELT_SECONDS)
                .map(e -> new Lack(e.getKey(), e.getValue()))
                .sorted(Comparator.comparingInt((Lack l) -> -l.seconds).thenComparing(Lack::outlet))
                .toList();
    }

    /** Starts of the busiest compressor in an hour, on the average of the day. */
    public double startsAnHour() {
        return starts / hours;
    }

    private static final class Person {
        private final List<Scenario.Choice> choices;
        private Scenario.Choice now;
        private boolean on;
        private double until;

        Person(List<Scenario.Choice> choices, Random random) {
            this.choices = choices;
            this.now = choices.get(0);
            this.until = random.nextDouble() * pause(now.tool());
        }

        private static double pause(AirTool t) {
            return t.burstSeconds() * (1 / t.duty() - 1);
        }

        void at(double second, Random random) {
            if (second < until) {
                return;
            }
            double spread = 0.5 + random.nextDouble();
            if (on) {
                on = false;
                until = second + Math.max(1, pause(now.tool()) * spread);
            } else {
                now = choices.get(random.nextInt(choices.size()));
                on = true;
                until = second + Math.max(1, now.tool().burstSeconds() * spread);
            }
        }
    }

    private static final class Clock {
        private final AirCase c;
        private final Random random;
        private final List<Person> people = new ArrayList<>();
        private final List<Compressor> compressors;
        private final Map<Map<String, AirTool>, Map<String, Double>> drops = new HashMap<>();
        private final double litres;
        private final double leak;
        private final double reserve;

        Clock(AirCase c, long seed) {
            this.c = c;
            this.random = new Random(seed);
            this.compressors = List.copyOf(c.feeds().values());
            this.litres = c.stored().litres();
            c.choices().values().forEach(x -> people.add(new Person(x, random)));
            this.leak = c.need().mean().litresPerMinute() * c.main().use().leak();
            this.reserve = 1 + c.main().use().growth();
        }

        Optional<DayRun> run(DoubleConsumer progress, BooleanSupplier cancelled) {
            int seconds = (int) Math.round(c.main().use().hoursADay() * 3600);
            int every = Math.max(1, seconds / MOST_SAMPLES);
            double pressure = compressors.stream()
                    .mapToDouble(x -> x.cutOut().bar())
                    .max()
                    .orElseThrow();
            double lowest = pressure;
            double used = 0;
            double energy = 0;
            boolean[] on = new boolean[compressors.size()];
            int[] starts = new int[on.length];
            int[] loaded = new int[on.length];
            double low = pressure;
            double high = pressure;
            double drawnSum = 0;
            Map<String, Integer> shortSeconds = new LinkedHashMap<>();
            List<Sample> samples = new ArrayList<>();
            for (int t = 0; t < seconds; t++) {
                Map<String, AirTool> running = new LinkedHashMap<>();
                double drawn = leak;
                for (Person p : people) {
                    p.at(t, random);
                    if (p.on) {
                        running.put(p.now.outlet(), p.now.tool());
                        drawn += p.now.tool().flow().in(AirReference.ISO1217).litresPerMinute() * reserve;
                    }
                }
                double made = 0;
                int count = 0;
                for (int i = 0; i < on.length; i++) {
                    Compressor x = compressors.get(i);
                    if (!on[i] && pressure <= x.cutIn().bar()) {
                        on[i] = true;
                        starts[i]++;
                    } else if (on[i] && pressure >= x.cutOut().bar()) {
                        on[i] = false;
                    }
                    if (on[i]) {
                        made += x.delivers().litresPerMinute();
                        energy += x.kilowatts() / 3600;
                        loaded[i]++;
                        count++;
                    }
                }
                // An empty receiver gives no more than what is made.
                double given = pressure <= 0.01 ? Math.min(drawn, made) : drawn;
                used += given / 60_000;
                pressure = Math.max(0, pressure + (made - given) / 60 / litres);
                lowest = Math.min(lowest, pressure);
                low = Math.min(low, pressure);
                high = Math.max(high, pressure);
                drawnSum += drawn;
                lacking(running, pressure, shortSeconds);
                if ((t + 1) % every == 0 || t == seconds - 1) {
                    int span = t % every + 1;
                    samples.add(new Sample(
                            t + 1.0,
                            GaugePressure.ofBar(low),
                            GaugePressure.ofBar(high),
                            FreeAir.ofLitresPerMinute(drawnSum / span),
                            count));
                    low = pressure;
                    high = pressure;
                    drawnSum = 0;
                    if (cancelled.getAsBoolean()) {
                        return Optional.empty();
                    }
                    progress.accept((t + 1.0) / seconds);
                }
            }
            int most = 0;
            for (int i = 1; i < starts.length; i++) {
                most = starts[i] > starts[most] ? i : most;
            }
            return Optional.of(new DayRun(
                    samples,
                    starts[most],
                    loaded[most] / (double) seconds,
                    GaugePressure.ofBar(lowest),
                    shortSeconds,
                    used,
                    energy,
                    seconds / 3600.0));
        }

        private void lacking(Map<String, AirTool> running, double pressure, Map<String, Integer> shortSeconds) {
            if (running.isEmpty()) {
                return;
            }
            Map<String, Double> lost = drops.size() > MOST_CASES && !drops.containsKey(running)
                    ? Map.of()
                    : drops.computeIfAbsent(running, this::lost);
            running.forEach((outlet, tool) -> {
                double at = pressure - c.main().plant().lost().bar() - lost.getOrDefault(outlet, 0.0);
                if (at < tool.need().bar()) {
                    shortSeconds.merge(outlet, 1, Integer::sum);
                }
            });
        }

        /** What is lost from the receivers to each running tool, worked out at the pressure of cutting in. */
        private Map<String, Double> lost(Map<String, AirTool> running) {
            NetworkFlow flow = NetworkSolver.solve(c.network(new Scenario(running)));
            double top = c.feeds().entrySet().stream()
                    .mapToDouble(f ->
                            flow.node(f.getKey()).map(n -> n.pressure().bar()).orElse(0.0))
                    .max()
                    .orElse(0);
            Map<String, Double> lost = new HashMap<>();
            running.keySet()
                    .forEach(o -> flow.node(AirCase.toolAt(o))
                            .ifPresent(n -> lost.put(o, top - n.pressure().bar())));
            return lost;
        }
    }
}
