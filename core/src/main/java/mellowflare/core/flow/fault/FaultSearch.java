package mellowflare.core.flow.fault;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleFunction;
import mellowflare.core.infer.Bayes;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.MassFlow;
import mellowflare.core.measure.PressureDifference;

/**
 * Finds what is wrong with a network from pressures that were read in it while known flows ran. Every pipe may be choked, every place may leak, each as much as fits the readings best; how well it fits then, and over how much of
 * what it might have been (Laplace's approximation of the evidence), weighs against the others, against nothing being wrong, and against something else. One fault at a time.
 */
public final class FaultSearch {
    /** Before any reading (house figures): nothing is wrong, something else is; the rest is shared by all pipes and all places. */
    private static final double PLANNED = 0.2;

    private static final double ELSE = 0.05;
    private static final double CHOKES = 0.4;

    /** What stands in a pipe takes 1 to a million velocity heads: a valve a little shut to a filter that is full. */
    private static final double LEAST_K = 1;

    private static final double MOST_K = 1e6;
    /** A leak is this share of all that is fed, up to all of it. */
    private static final double LEAST_LEAK = 0.005;

    private static final int GRID = 9;
    private static final int ROUNDS = 22;
    private static final double GOLDEN = (Math.sqrt(5) - 1) / 2;
    private static final double SHOWN = 0.005;
    /** A reading that tells less than this is not worth the walk (bits). */
    private static final double TELLS = 0.2;
    /** What moves no place by so many times the scatter of a reading is no fault that gauges can tell. */
    private static final double TOLD = 2;

    private static final int HALVINGS = 8;
    /** A range that is shorter still counts as so long (of a logarithm). */
    private static final double SHORT = 0.1;

    private final Probed net;
    private final List<Reading> readings;
    private final double scatter;
    private final BooleanSupplier cancelled;
    private final Map<String, GaugePressure> planned;
    private final List<Fit> fits = new ArrayList<>();
    private final List<String> hidden = new ArrayList<>();

    private FaultSearch(Probed net, List<Reading> readings, BooleanSupplier cancelled) {
        this.net = net;
        this.readings = readings;
        this.scatter = net.scatter().bar();
        this.cancelled = cancelled;
        this.planned = net.pressures(Optional.empty());
    }

    /** A fault at one place as it fits best. */
    private record Fit(Fault fault, double weight, Map<String, GaugePressure> pressures) {}

    /**
     * What is still missing before a search says anything: a sentence; empty where nothing is.
     *
     * @param readings one for a place at most
     */
    public static Optional<String> missing(Probed net, List<Reading> readings) {
        List<String> read = readings.stream().map(Reading::place).toList();
        for (String fed : net.fed()) {
            if (!read.contains(fed)) {
                return Optional.of(Say.it("fault-search.read-at", "place", fed));
            }
        }
        return read.stream().anyMatch(p -> !net.fed().contains(p))
                ? Optional.empty()
                : Optional.of(Say.it("fault-search.one-more"));
    }

    /**
     * Searches.
     *
     * @param net the network as it runs
     * @param readings of one time, one for a place, those that are fed among them
     * @param cancelled asked now and then; once true what was found so far is given
     * @throws IllegalArgumentException if something is missing, or a place is none of the network's
     */
    public static FaultFound of(Probed net, List<Reading> readings, BooleanSupplier cancelled) {
        missing(net, readings).ifPresent(says -> {
            throw new IllegalArgumentException(says);
        });
        Map<String, GaugePressure> fed = new HashMap<>();
        List<Reading> others = new ArrayList<>();
        for (Reading r : readings) {
            if (!net.places().contains(r.place())) {
                throw new IllegalArgumentException("No place of the network is called " + r.place());
            }
            if (net.fed().contains(r.place())) {
                fed.put(r.place(), r.pressure());
            } else {
                others.add(r);
            }
        }
        return new FaultSearch(net.at(fed), others, cancelled).search();
    }

    private FaultFound search() {
        List<Probed.Stretch> stretches = net.stretches();
        for (Probed.Stretch s : stretches) {
            if (cancelled.getAsBoolean()) {
                break;
            }
            if (!fit(CHOKES / stretches.size(), LEAST_K, MOST_K, k -> new Fault.Choked(s.name(), k))) {
                hidden.add(s.name());
            }
        }
        List<String> places =
                net.places().stream().filter(p -> !net.fed().contains(p)).toList();
        double most = net.mostLeak().kgPerSecond();
        for (String p : places) {
            if (cancelled.getAsBoolean() || !(most > 0)) {
                break;
            }
            fit(
                    (1 - PLANNED - ELSE - CHOKES) / places.size(),
                    LEAST_LEAK * most,
                    most,
                    q -> new Fault.Leaking(p, MassFlow.ofKgPerSecond(q)));
        }
        return weighed();
    }

    private boolean told(DoubleFunction<Fault> fault, double logarithm) {
        Map<String, GaugePressure> other = pressures(fault, logarithm);
        return planned.entrySet().stream()
                .anyMatch(e -> Math.abs(at(other, e.getKey()) - e.getValue().bar()) > TOLD * scatter);
    }

    /** The pressure at a place (bar); where nothing comes any more there is none. */
    private static double at(Map<String, GaugePressure> pressures, String place) {
        GaugePressure p = pressures.get(place);
        return p == null ? 0 : p.bar();
    }

    private double misfit(Map<String, GaugePressure> pressures) {
        double sum = 0;
        for (Reading r : readings) {
            double off = (at(pressures, r.place()) - r.pressure().bar()) / scatter;
            sum += off * off;
        }
        return sum;
    }

    /** Fits one fault: over a grid of its logarithm first, then by golden section. Whether gauges can tell it at all: however large it is, it may move none. */
    private boolean fit(double prior, double least, double most, DoubleFunction<Fault> fault) {
        double high = Math.log(most);
        if (!told(fault, high)) {
            return false;
        }
        double low = smallest(fault, Math.log(least), high);
        double step = (high - low) / (GRID - 1);
        int best = 0;
        double lowest = Double.MAX_VALUE;
        for (int i = 0; i < GRID; i++) {
            double m = misfit(pressures(fault, low + i * step));
            if (m < lowest) {
                lowest = m;
                best = i;
            }
        }
        double x = golden(fault, Math.max(low, low + (best - 1) * step), Math.min(high, low + (best + 1) * step));
        Map<String, GaugePressure> at = pressures(fault, x);
        double width = width(fault, x, at);
        double evidence =
                Math.exp(-misfit(at) / 2) * Math.min(1, Math.sqrt(2 * Math.PI) * width / Math.max(high - low, SHORT));
        fits.add(new Fit(fault.apply(Math.exp(x)), prior * evidence, at));
        return true;
    }

    /** The smallest fault that gauges can tell: its logarithm, by halving. */
    private double smallest(DoubleFunction<Fault> fault, double least, double most) {
        double low = least;
        double high = most;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (told(fault, middle)) {
                high = middle;
            } else {
                low = middle;
            }
        }
        return low;
    }

    private Map<String, GaugePressure> pressures(DoubleFunction<Fault> fault, double logarithm) {
        return net.pressures(Optional.of(fault.apply(Math.exp(logarithm))));
    }

    private double golden(DoubleFunction<Fault> fault, double from, double to) {
        double a = from;
        double b = to;
        double c = b - GOLDEN * (b - a);
        double d = a + GOLDEN * (b - a);
        double atC = misfit(pressures(fault, c));
        double atD = misfit(pressures(fault, d));
        for (int i = 0; i < ROUNDS; i++) {
            if (atC <= atD) {
                b = d;
                d = c;
                atD = atC;
                c = b - GOLDEN * (b - a);
                atC = misfit(pressures(fault, c));
            } else {
                a = c;
                c = d;
                atC = atD;
                d = a + GOLDEN * (b - a);
                atD = misfit(pressures(fault, d));
            }
        }
        return (a + b) / 2;
    }

    /** Over how much of its logarithm a fault fits about as well: one standard deviation, from how fast the readings move with it. */
    private double width(DoubleFunction<Fault> fault, double x, Map<String, GaugePressure> at) {
        double by = 0.02;
        Map<String, GaugePressure> more = pressures(fault, x + by);
        double sum = 0;
        for (Reading r : readings) {
            double slope = (at(more, r.place()) - at(at, r.place())) / by / scatter;
            sum += slope * slope;
        }
        return sum > 0 ? 1 / Math.sqrt(sum) : Double.MAX_VALUE;
    }

    private FaultFound weighed() {
        double[] weights = new double[fits.size() + 2];
        for (int i = 0; i < fits.size(); i++) {
            weights[i] = fits.get(i).weight;
        }
        weights[fits.size()] = PLANNED * Math.exp(-misfit(planned) / 2);
        weights[fits.size() + 1] = ELSE * anything();
        double[] shares = Bayes.shares(weights);
        List<FaultFound.Suspect> suspects = new ArrayList<>();
        for (int i = 0; i < fits.size(); i++) {
            if (shares[i] >= SHOWN) {
                suspects.add(suspect(fits.get(i), shares[i]));
            }
        }
        suspects.sort(Comparator.comparingDouble(FaultFound.Suspect::share).reversed());
        return new FaultFound(suspects, shares[fits.size()], shares[fits.size() + 1], next(shares), hidden);
    }

    /** How likely the readings are when any pressure up to the highest is as likely as any other, against one that is hit exactly. */
    private double anything() {
        double highest =
                planned.values().stream().mapToDouble(GaugePressure::bar).max().orElse(1);
        double all = 1;
        for (int i = 0; i < readings.size(); i++) {
            all *= Math.min(1, scatter * Math.sqrt(2 * Math.PI) / Math.max(highest, scatter));
        }
        return all;
    }

    private FaultFound.Suspect suspect(Fit fit, double share) {
        if (!(fit.fault instanceof Fault.Choked choked)) {
            return new FaultFound.Suspect(fit.fault, share, PressureDifference.ofBar(0), Optional.empty());
        }
        Probed.Stretch s = net.stretches().stream()
                .filter(x -> x.name().equals(choked.at()))
                .findFirst()
                .orElseThrow();
        double more = drop(fit.pressures, s) - drop(planned, s);
        return new FaultFound.Suspect(
                choked,
                share,
                PressureDifference.ofBar(Math.max(0, more)),
                Optional.of(s.bore().times(Math.sqrt(free(choked.k())))));
    }

    private static double drop(Map<String, GaugePressure> pressures, Probed.Stretch s) {
        return Math.abs(at(pressures, s.from()) - at(pressures, s.to()));
    }

    /**
     * The share of the bore that is left where a sharp-edged plate takes so many velocity heads: K = (1 / (c b) - 1)^2 with the contraction c = 0.63 + 0.37 b^3 (Borda and Carnot with Weisbach's
     * contraction).
     */
    static double free(double k) {
        double low = 1e-6;
        double high = 1;
        for (int i = 0; i < 60; i++) {
            double b = (low + high) / 2;
            double c = 0.63 + 0.37 * b * b * b;
            double takes = Math.pow(1 / (c * b) - 1, 2);
            if (takes > k) {
                low = b;
            } else {
                high = b;
            }
        }
        return (low + high) / 2;
    }

    /** The place whose pressure the likely faults differ over most. */
    private Optional<String> next(double[] shares) {
        Optional<String> best = Optional.empty();
        double most = TELLS;
        for (String place : net.places()) {
            if (net.fed().contains(place)
                    || readings.stream().anyMatch(r -> r.place().equals(place))) {
                continue;
            }
            double bits = Math.log(1 + spread(place, shares) / (scatter * scatter)) / Math.log(2) / 2;
            if (bits > most) {
                most = bits;
                best = Optional.of(place);
            }
        }
        return best;
    }

    private double spread(String place, double[] shares) {
        double mean = 0;
        double square = 0;
        double sum = 0;
        for (int i = 0; i <= fits.size(); i++) {
            double p = at(i < fits.size() ? fits.get(i).pressures : planned, place);
            mean += shares[i] * p;
            square += shares[i] * p * p;
            sum += shares[i];
        }
        return sum > 0 ? Math.max(0, square / sum - mean * mean / sum / sum) : 0;
    }
}
