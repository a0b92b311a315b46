package mellowflare.core.air.demand;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Method;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.reference.ReferenceData;

/**
 * What the compressor must deliver: the tools' flow by duty, times how many run together, times (1 + leak), times (1 + growth).
 *
 * @param tools how many tools count
 * @param mean their flow by duty
 * @param share taken as running together
 * @param needed what must be delivered
 * @param peak what is drawn at once when all that count run, with leaks and growth
 */
public record Need(int tools, FreeAir mean, double share, FreeAir needed, FreeAir peak) {
    /**
     * @param choices who may do what
     * @param use leaks and growth
     * @param method {@code hands}: each person at what uses most; {@code table}: every tool with the share of the table
     */
    public static Need of(Map<String, List<Scenario.Choice>> choices, Use use, Method method, ReferenceData data) {
        boolean hands = method.is("hands");
        double mean = 0;
        double peak = 0;
        int tools = 0;
        for (List<Scenario.Choice> one : choices.values()) {
            double most = 0;
            double highest = 0;
            for (Scenario.Choice c : one) {
                double m = c.tool().mean().in(AirReference.ISO1217).litresPerMinute();
                double f = c.tool().flow().in(AirReference.ISO1217).litresPerMinute();
                most = hands ? Math.max(most, m) : most + m;
                highest = Math.max(highest, f);
            }
            tools += hands ? 1 : one.size();
            mean += most;
            peak += highest;
        }
        double share = hands ? 1 : data.get(AirHouse.KEY).together(tools);
        return new Need(
                tools,
                FreeAir.ofLitresPerMinute(mean),
                share,
                FreeAir.ofLitresPerMinute(mean * share * use.reserve()),
                FreeAir.ofLitresPerMinute(peak * use.reserve()));
    }
}
