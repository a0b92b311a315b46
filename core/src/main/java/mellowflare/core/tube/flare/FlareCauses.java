package mellowflare.core.tube.flare;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import mellowflare.core.infer.Bayes;
import mellowflare.core.measure.Angle;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Normal;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.tube.end.FlareBand;

/**
 * Which setting made a bad flare: every known cause is tried at the flare bench, and what it would give is compared with what was seen. Causes come from {@code causes.csv}; what
 * each does to a flare is worked out.
 */
public final class FlareCauses {
    public static final ReferenceKey<FlareCauses> KEY = new ReferenceKey<>("causes of bad flares", FlareCauses.class);
    /** Chance that a fault that is there is seen, and that one is seen that is not there (house figures). */
    private static final double SEEN = 0.85;

    private static final double SEEN_WRONGLY = 0.08;
    /** One standard deviation of a diameter measured with a caliper on a flare (mm). */
    private static final double CALIPER_MM = 0.12;

    /** A stick-out further than this from the middle was set wrong (mm). */
    private static final double WRONG_MM = 0.25;

    private final List<FlareCause> causes;

    private FlareCauses(List<FlareCause> causes) {
        this.causes = causes;
    }

    public static FlareCauses load() {
        return new FlareCauses(CsvTable.beside(FlareCauses.class, "causes.csv")
                .map(
                        r -> new FlareCause(
                                r.need("id"),
                                r.said("name"),
                                r.number("prior"),
                                r.said("look"),
                                r.said("redo"),
                                r.source()),
                        FlareCause::id));
    }

    public List<FlareCause> all() {
        return causes;
    }

    /**
     * A cause with how likely it is.
     *
     * @param cause which
     * @param share of all causes, 0 to 1
     * @param gives the flare that it would give, at the strength that fits best
     * @param setting the setting of that flare
     */
    public record Suspect(FlareCause cause, double share, FlareMade gives, FlareSetting setting) {}

    private record Trial(FlareBench bench, FlareSetting setting) {}

    /**
     * Ranks the causes of a bad flare.
     *
     * @param bench tube, kind and tool
     * @param meant the setting that was meant
     * @param band what the diameter must be
     * @param threadBore the thread it must pass
     * @param seen faults that were seen
     * @param measured the diameter as measured, if it was
     * @return likeliest first; empty when nothing was seen and nothing measured
     */
    public List<Suspect> rank(
            FlareBench bench,
            FlareSetting meant,
            Optional<FlareBand> band,
            Optional<Length> threadBore,
            Set<FlareFault> seen,
            Optional<Length> measured) {
        if (seen.isEmpty() && measured.isEmpty()) {
            return List.of();
        }
        List<Suspect> raw = new ArrayList<>();
        for (FlareCause cause : causes) {
            double sum = 0;
            double best = -1;
            FlareMade gives = null;
            FlareSetting at = meant;
            List<Trial> trials = trials(cause.id(), bench, meant, band);
            for (Trial t : trials) {
                FlareMade made = t.bench.make(t.setting, band, threadBore);
                double fits = fits(made, seen, measured);
                sum += fits;
                if (fits > best) {
                    best = fits;
                    gives = made;
                    at = t.setting;
                }
            }
            raw.add(new Suspect(cause, cause.prior() * sum / trials.size(), gives, at));
        }
        double[] shares = Bayes.shares(raw.stream().mapToDouble(Suspect::share).toArray());
        return IntStream.range(0, raw.size())
                .mapToObj(i -> new Suspect(raw.get(i).cause, shares[i], raw.get(i).gives, raw.get(i).setting))
                .sorted(Comparator.comparingDouble(Suspect::share).reversed())
                .toList();
    }

    private static double fits(FlareMade made, Set<FlareFault> seen, Optional<Length> measured) {
        double fits = 1;
        for (FlareFault f : FlareFault.values()) {
            double chance = made.faults().contains(f) ? SEEN : SEEN_WRONGLY;
            fits *= seen.contains(f) ? chance : 1 - chance;
        }
        return measured.isEmpty()
                ? fits
                : fits * Normal.density(measured.get().mm(), made.diameter().mm(), CALIPER_MM);
    }

    /** A cause at several strengths. */
    private static List<Trial> trials(String id, FlareBench bench, FlareSetting meant, Optional<FlareBand> band) {
        return switch (id) {
            case "stick-long" ->
                asSet(
                        each(bench, meant, x -> s -> s.withStickOut(plus(s.stickOut(), x)), 0.3, 0.6, 1, 1.5),
                        bench,
                        meant,
                        band,
                        1);
            case "stick-short" ->
                each(bench, meant, x -> s -> s.withStickOut(plus(s.stickOut(), -x)), 0.3, 0.6, 0.9, 1.2);
            case "slipped" -> List.of(new Trial(bench, meant.withSlips(true)));
            case "off-centre" -> each(bench, meant, x -> s -> s.withOffCentre(Length.ofMm(x)), 0.15, 0.3, 0.5);
            case "crooked" -> each(bench, meant, x -> s -> s.withCrooked(Length.ofMm(x)), 0.4, 0.8, 1.2);
            case "burr" -> each(bench, meant, x -> s -> s.withReamed(false), 0);
            case "hard" ->
                List.of(new Trial(bench.withHardness(0.5), meant), new Trial(bench.withHardness(0.2), meant));
            case "worn" -> each(bench, meant, x -> s -> s.withWear(x), 0.65, 0.8, 1);
            case "dry" -> each(bench, meant, x -> s -> s.withOiled(false).withWear(x), 0.1, 0.3);
            case "reclamped" -> each(bench, meant, x -> s -> s.withShift(Length.ofMm(x)), 0.2, 0.5, 1);
            case "not-closed" -> each(bench, meant, x -> s -> s.withClosing(x), 0.7, 0.8, 0.9);
            case "overclosed" -> each(bench, meant, x -> s -> s.withClosing(x), 1.12, 1.2, 1.3);
            case "wrong-cone" -> each(bench, meant, x -> s -> s.withConeError(Angle.ofDegrees(x)), -8, 8);
            default -> throw new IllegalStateException("causes.csv holds a cause the bench cannot try: " + id);
        };
    }

    /** A setting that was wrong as it was set stands among the trials itself. */
    private static List<Trial> asSet(
            List<Trial> trials, FlareBench bench, FlareSetting meant, Optional<FlareBand> band, int way) {
        boolean wrong = band.flatMap(b -> bench.stickOutFor(b.middle()))
                .filter(m -> way * (meant.stickOut().mm() - m.mm()) > WRONG_MM)
                .isPresent();
        return wrong ? List.of(new Trial(bench, meant)) : trials;
    }

    private static List<Trial> each(
            FlareBench bench,
            FlareSetting meant,
            Function<Double, UnaryOperator<FlareSetting>> change,
            double... strengths) {
        List<Trial> trials = new ArrayList<>();
        for (double x : strengths) {
            trials.add(new Trial(bench, change.apply(x).apply(meant)));
        }
        return trials;
    }

    private static Length plus(Length l, double mm) {
        return Length.ofMm(Math.max(0, l.mm() + mm));
    }
}
