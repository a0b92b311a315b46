package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldTest;
import org.hipparchus.distribution.continuous.NormalDistribution;
import org.hipparchus.stat.regression.SimpleRegression;

/** A vacuum shut off from its pump: a leak goes on at the same pace, water that boils off slows down. */
final class VacuumProof {
    /** A rise that goes on at less than this share of its first pace slows down. */
    private static final double SLOWS = 0.5;

    private static final int ENOUGH_FOR_PACES = 6;

    private VacuumProof() {}

    static Proving.Proof of(TestAsk ask, TestRecord record) {
        List<VacuumReading> all = record.vacuum();
        if (all.size() < 2) {
            return Proving.Proof.none(List.of());
        }
        List<Finding> findings = new ArrayList<>();
        Duty duty = ask.duty();
        double first = all.get(0).pressure().pascal();
        double last = all.get(all.size() - 1).pressure().pascal();
        double level = duty.level().orElseThrow().pascal();
        double limit = duty.rise().orElseThrow().pascal();
        boolean deep = first <= level;
        findings.add(TestRules.level(deep, first, level));
        double lasted = record.lasted();
        boolean longEnough = lasted >= duty.seconds();
        findings.add(TestRules.longEnough(longEnough, ask, record));
        double rise = (last - first) * Math.min(1, duty.seconds() / lasted);
        boolean slows = slows(all);
        boolean holds = rise <= limit;
        HoldTest.Verdict verdict = HoldTest.Verdict.NOT_SETTLED;
        if (deep && longEnough) {
            if (holds) {
                verdict = HoldTest.Verdict.TIGHT;
            } else if (!slows) {
                verdict = HoldTest.Verdict.LEAKS;
            }
            findings.add(
                    !holds && slows ? TestRules.boils(rise, limit, duty) : TestRules.rises(holds, rise, limit, duty));
        }
        Optional<Double> sure = record.gauge()
                .step()
                .map(s -> new NormalDistribution()
                        .cumulativeProbability(Math.abs(limit - rise) / (s.bar() * 1e5 * Math.sqrt(2.0 / 12))))
                .map(p -> Math.min(HoldTest.SUREST, p));
        return new Proving.Proof(
                verdict,
                sure,
                Optional.empty(),
                longEnough ? Optional.empty() : Optional.of(duty.seconds() - lasted),
                true,
                findings);
    }

    private static boolean slows(List<VacuumReading> all) {
        if (all.size() < ENOUGH_FOR_PACES) {
            return false;
        }
        double early = pace(all.subList(0, all.size() / 2));
        return early > 0 && pace(all.subList(all.size() / 2, all.size())) < SLOWS * early;
    }

    /** Rise (Pa/s) by a straight line. */
    private static double pace(List<VacuumReading> some) {
        SimpleRegression line = new SimpleRegression();
        some.forEach(r -> line.addData(r.seconds(), r.pressure().pascal()));
        return line.getSlope();
    }
}
