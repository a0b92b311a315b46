package mellowflare.core.flow.fault;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.PressureDifference;

/**
 * What pressures say of a network.
 *
 * @param suspects what may be wrong, the likeliest first; those under one in two hundred are left out
 * @param asPlanned chance that nothing is, 0 to 1
 * @param unknown chance of something that is not one choke or one leak
 * @param next place whose pressure would tell most; empty where none would tell much
 * @param hidden pipes in which next to nothing runs: whether they are choked these readings cannot tell
 */
public record FaultFound(
        List<Suspect> suspects, double asPlanned, double unknown, Optional<String> next, List<String> hidden) {
    /** Suspects are listed until they hold this share together. */
    private static final double SHARE = 0.9;

    public FaultFound {
        suspects = List.copyOf(suspects);
        hidden = List.copyOf(hidden);
    }

    /**
     * One thing that may be wrong.
     *
     * @param fault as it fits the readings best
     * @param share chance of it, 0 to 1
     * @param lost pressure that is lost at it beyond what the plan loses; zero for a leak
     * @param left bore that would be left there, were it a plate with a hole; empty for a leak
     */
    public record Suspect(Fault fault, double share, PressureDifference lost, Optional<Length> left) {}

    /** The likeliest suspects, as many as it takes to hold nine tenths of the chance that one of them is it. */
    public List<Suspect> likely() {
        double all = suspects.stream().mapToDouble(Suspect::share).sum();
        List<Suspect> likely = new ArrayList<>();
        double sum = 0;
        for (Suspect s : suspects) {
            if (sum < SHARE * all) {
                likely.add(s);
                sum += s.share();
            }
        }
        return likely;
    }

    /** Chance that a pipe is choked, over all pipes. */
    public double choked() {
        return suspects.stream()
                .filter(s -> s.fault() instanceof Fault.Choked)
                .mapToDouble(Suspect::share)
                .sum();
    }

    /** Chance that a place leaks, over all places. */
    public double leaks() {
        return suspects.stream()
                .filter(s -> s.fault() instanceof Fault.Leaking)
                .mapToDouble(Suspect::share)
                .sum();
    }
}
