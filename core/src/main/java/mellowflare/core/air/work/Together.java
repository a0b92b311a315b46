package mellowflare.core.air.work;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.DoubleConsumer;
import java.util.function.Function;
import mellowflare.core.air.demand.AirTool;
import mellowflare.core.air.demand.Scenario;
import mellowflare.core.flow.network.NetworkFlow;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.PressureDifference;

/**
 * The worst that can run together: the choices of all persons under which some tool has least to spare. More use lowers every pressure, so nobody is idle in the worst case.
 *
 * @param scenario what runs
 * @param flow how the air runs then
 * @param tight the outlet with least to spare; empty while nothing runs
 * @param margin what its tool has above its need, below zero where it lacks; zero while nothing runs
 * @param tried how many cases were looked at
 * @param cases how many there are
 */
public record Together(
        Scenario scenario,
        NetworkFlow flow,
        Optional<String> tight,
        PressureDifference margin,
        long tried,
        long cases) {

    /** Whether every case was looked at. */
    public boolean all() {
        return tried >= cases;
    }

    /** Pressure at a tool over its need in one flow; empty where the outlet is not reached. */
    static Optional<PressureDifference> margin(
            String outlet, AirTool tool, NetworkFlow flow, AbsolutePressure ambient) {
        return flow.node(MainNetwork.tool(outlet))
                .map(n -> PressureDifference.ofBar(
                        n.pressure().bar() - ambient.bar() - tool.need().bar()));
    }

    /** Looks cases over. */
    static final class Search {
        private final List<List<Scenario.Choice>> persons;
        private final Function<Scenario, NetworkFlow> solve;
        private final AbsolutePressure ambient;
        private final Map<Scenario, Together> known = new HashMap<>();
        private long tried;

        Search(
                Map<String, List<Scenario.Choice>> choices,
                Function<Scenario, NetworkFlow> solve,
                AbsolutePressure ambient) {
            this.persons = List.copyOf(choices.values());
            this.solve = solve;
            this.ambient = ambient;
        }

        long cases() {
            long n = 1;
            for (List<Scenario.Choice> p : persons) {
                n = Math.min(Long.MAX_VALUE / 1000, n * p.size());
            }
            return n;
        }

        /** Everybody at what uses most; then, one person after the other, what makes it worse, within so many cases. */
        Together quick(int most) {
            int[] at = new int[persons.size()];
            for (int p = 0; p < at.length; p++) {
                List<Scenario.Choice> c = persons.get(p);
                for (int i = 1; i < c.size(); i++) {
                    if (c.get(i).tool().flow().litresPerMinute()
                            > c.get(at[p]).tool().flow().litresPerMinute()) {
                        at[p] = i;
                    }
                }
            }
            Together best = look(at);
            boolean better = true;
            while (better && tried < most) {
                better = false;
                for (int p = 0; p < at.length && tried < most; p++) {
                    for (int i = 0; i < persons.get(p).size() && tried < most; i++) {
                        int was = at[p];
                        if (i == was) {
                            continue;
                        }
                        at[p] = i;
                        Together t = look(at);
                        if (worse(t, best)) {
                            best = t;
                            better = true;
                        } else {
                            at[p] = was;
                        }
                    }
                }
            }
            return counted(best);
        }

        /** Every case, or as many as are allowed. */
        Together every(long most, DoubleConsumer progress, BooleanSupplier cancelled) {
            Together best = quick(1);
            int[] at = new int[persons.size()];
            long n = Math.min(cases(), most);
            for (long c = 0; c < n && !cancelled.getAsBoolean(); c++) {
                long rest = c;
                for (int p = 0; p < at.length; p++) {
                    at[p] = (int) (rest % persons.get(p).size());
                    rest /= persons.get(p).size();
                }
                Together t = look(at);
                best = worse(t, best) ? t : best;
                progress.accept((c + 1.0) / n);
            }
            return n < cases() ? better(best, quick((int) Math.min(2000, tried + 200))) : counted(best);
        }

        private Together better(Together a, Together b) {
            return counted(worse(a, b) ? a : b);
        }

        private Together counted(Together t) {
            return new Together(t.scenario, t.flow, t.tight, t.margin, tried, cases());
        }

        private static boolean worse(Together t, Together than) {
            return t.margin.bar() < than.margin.bar() - 1e-9;
        }

        private Together look(int[] at) {
            List<Scenario.Choice> chosen = new ArrayList<>();
            for (int p = 0; p < at.length; p++) {
                chosen.add(persons.get(p).get(at[p]));
            }
            Scenario s = Scenario.of(chosen);
            Together before = known.get(s);
            if (before != null) {
                return before;
            }
            Together found = of(s, solve.apply(s));
            tried++;
            if (known.size() < 5000) {
                known.put(s, found);
            }
            return found;
        }

        private Together of(Scenario s, NetworkFlow flow) {
            Optional<String> tight = Optional.empty();
            double least = Double.POSITIVE_INFINITY;
            for (Map.Entry<String, AirTool> e : s.running().entrySet()) {
                Optional<PressureDifference> m = margin(e.getKey(), e.getValue(), flow, ambient);
                if (m.isPresent()
                        && (m.get().bar() < least
                                || m.get().bar() == least && e.getKey().compareTo(tight.orElse("")) < 0)) {
                    least = m.get().bar();
                    tight = Optional.of(e.getKey());
                }
            }
            return new Together(s, flow, tight, PressureDifference.ofBar(tight.isPresent() ? least : 0), 1, cases());
        }
    }
}
