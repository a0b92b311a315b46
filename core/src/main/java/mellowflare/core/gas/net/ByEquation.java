package mellowflare.core.gas.net;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;

/** Pressures as the code's equation gives them: from the source on, less the drop of every pipe at its own length, height counted in. */
public final class ByEquation {
    private ByEquation() {}

    /**
     * @param flows that run, as Darcy's law has them; in a tree they do not hang on the law
     */
    public static Map<String, GaugePressure> pressures(GasNet net, GasFlows flows) {
        Map<String, List<GasFlows.InPipe>> at = new HashMap<>();
        for (GasFlows.InPipe p : flows.pipes()) {
            at.computeIfAbsent(p.pipe().from(), k -> new ArrayList<>()).add(p);
            at.computeIfAbsent(p.pipe().to(), k -> new ArrayList<>()).add(p);
        }
        Map<String, GaugePressure> pressures = new LinkedHashMap<>();
        List<String> next = new ArrayList<>();
        start(net.source(), net.feed(), pressures, next);
        net.regulators().forEach(r -> {
            if (flows.at(r.to()).isPresent()) {
                start(r.to(), flows.at(r.to()).get(), pressures, next);
            }
        });
        Set<String> used = new HashSet<>();
        for (int i = 0; i < next.size(); i++) {
            String here = next.get(i);
            for (GasFlows.InPipe p : at.getOrDefault(here, List.of())) {
                if (!used.add(p.pipe().name())) {
                    continue;
                }
                boolean along = p.pipe().from().equals(here);
                String other = along ? p.pipe().to() : p.pipe().from();
                Length rise = net.height(other).minus(net.height(here));
                double lost = SizingEquation.drop(
                                        Resistance.of(net.gas()),
                                        p.flow(),
                                        p.pipe().counts(),
                                        p.pipe().bore())
                                .bar()
                        * (along == p.forward() ? 1 : -1);
                double weighs = net.perMetre(net.feed()).bar() * rise.mm() / 1000;
                start(
                        other,
                        GaugePressure.ofBar(Math.max(-1, pressures.get(here).bar() - lost - weighs)),
                        pressures,
                        next);
            }
        }
        return pressures;
    }

    private static void start(String node, GaugePressure p, Map<String, GaugePressure> into, List<String> next) {
        if (into.putIfAbsent(node, p) == null) {
            next.add(node);
        }
    }
}
