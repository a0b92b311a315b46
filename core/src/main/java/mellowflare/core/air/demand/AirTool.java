package mellowflare.core.air.demand;

import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;
import mellowflare.core.measure.Length;
import mellowflare.core.reference.BrokenTable;
import mellowflare.core.reference.CsvTable;
import mellowflare.core.reference.Source;

/**
 * Something that uses air.
 *
 * @param id stable name
 * @param name as said
 * @param kind whether it uses air in bursts or as long as it runs
 * @param flow while it runs
 * @param need pressure at its own inlet while it runs
 * @param duty share of its working time in which it runs, 0 to 1
 * @param burstSeconds how long it runs at one pull (s)
 * @param hoseBore bore of its hose
 * @param source of its figures
 */
public record AirTool(
        String id,
        String name,
        Kind kind,
        FreeAir flow,
        GaugePressure need,
        double duty,
        double burstSeconds,
        Length hoseBore,
        Source source) {
    public AirTool {
        if (!(duty > 0 && duty <= 1) || !(burstSeconds > 0)) {
            throw new IllegalArgumentException("A duty lies above 0 and up to 1, a burst lasts some time");
        }
        if (!(flow.litresPerMinute() > 0) || !(hoseBore.mm() > 0) || need.bar() < 0) {
            throw new IllegalArgumentException("What a tool uses and its hose are above zero, its need is not below");
        }
    }

    /**
     * One row of {@code tools.csv}: flow in L/min by ISO 8778, need in bar gauge, burst in s, hose in mm.
     *
     * @throws BrokenTable if it is not in form
     */
    public static AirTool read(CsvTable.Row r) {
        return new AirTool(
                r.need("id"),
                r.said("name"),
                r.word("kind", Kind.class),
                new FreeAir(r.number("flow_l_min"), AirReference.ISO8778),
                GaugePressure.ofBar(r.number("need_bar")),
                r.number("duty"),
                r.number("burst_s"),
                r.length("hose_mm"),
                r.source());
    }

    /** How a tool uses air. */
    public enum Kind {
        IMPULSE(Say.it("air-tool.bursts")),
        CONTINUOUS(Say.it("air-tool.as-long-as-runs"));

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /** What it uses on the average of its working time. */
    public FreeAir mean() {
        return flow.times(duty);
    }

    /** A stand-in that uses all the time what this one uses on the average. */
    public AirTool averaged() {
        return new AirTool(id, name, kind, mean(), need, 1, burstSeconds, hoseBore, source);
    }

    /** Two on one outlet, by a splitter: what both use, at the higher of their pressures. */
    AirTool and(AirTool other) {
        return new AirTool(
                id + "+" + other.id,
                name + ", " + other.name,
                kind,
                new FreeAir(
                        flow.litresPerMinute() + other.flow.in(flow.reference()).litresPerMinute(), flow.reference()),
                need.compareTo(other.need) >= 0 ? need : other.need,
                Math.max(duty, other.duty),
                Math.max(burstSeconds, other.burstSeconds),
                hoseBore.compareTo(other.hoseBore) >= 0 ? hoseBore : other.hoseBore,
                source);
    }
}
