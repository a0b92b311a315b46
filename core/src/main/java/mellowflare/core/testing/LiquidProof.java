package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.GaugePressure;
import org.hipparchus.distribution.continuous.NormalDistribution;

/** Liquid brought up to a pressure and kept there: the readings themselves must show the pressure for the time, one after the other. */
final class LiquidProof {
    /** Readings that lie further apart than this share of the least time do not show what was between them. */
    private static final double GAP = 0.5;

    private LiquidProof() {}

    static Proving.Proof of(TestAsk ask, TestRecord record, Looked looked) {
        List<Finding> findings = new ArrayList<>();
        if (!record.medium().liquid()) {
            findings.add(TestRules.neverGas(ask, record));
        }
        Optional<GaugePressure> target = Proving.target(ask, record);
        if (record.readings().size() < 2 || target.isEmpty()) {
            if (target.isEmpty()) {
                findings.add(TestRules.asks(TestRules.Asked.TARGET));
            }
            return Proving.Proof.none(findings);
        }
        Kept kept = Kept.of(record, target.get(), ask.duty().seconds());
        findings.add(TestRules.reached(kept.highest().compareTo(target.get()) >= 0, target.get(), kept.highest()));
        boolean held = kept.longest() >= ask.duty().seconds();
        if (kept.highest().compareTo(target.get()) >= 0) {
            findings.add(TestRules.kept(held, ask, target.get(), kept.longest()));
        }
        ask.duty()
                .longest()
                .ifPresent(
                        most -> findings.add(TestRules.notTooLong(kept.longest() <= most, ask, kept.longest(), most)));
        boolean leaks = !looked.leaking().isEmpty();
        findings.addAll(TestRules.looked(looked));
        HoldTest.Verdict verdict = leaks
                ? HoldTest.Verdict.LEAKS
                : held && looked.all() && record.medium().liquid()
                        ? HoldTest.Verdict.TIGHT
                        : HoldTest.Verdict.NOT_SETTLED;
        Optional<Double> toGo = held || kept.now() <= 0
                ? Optional.empty()
                : Optional.of(Math.max(1, ask.duty().seconds() - kept.now()));
        return new Proving.Proof(
                verdict,
                leaks ? Optional.empty() : kept.confidence(record, target.get()),
                Optional.empty(),
                toGo,
                true,
                findings);
    }

    /**
     * How long the pressure was kept.
     *
     * @param highest reading
     * @param longest stretch of readings at the target or above it, one after the other (s)
     * @param now the stretch that goes on at the last reading (s)
     * @param lowest reading in the longest stretch (bar)
     */
    record Kept(GaugePressure highest, double longest, double now, double lowest) {
        static Kept of(TestRecord record, GaugePressure target, double seconds) {
            double longest = 0;
            double lowest = Double.NaN;
            double from = Double.NaN;
            double low = Double.NaN;
            double before = Double.NaN;
            GaugePressure highest = record.readings().get(0).gauge();
            for (HoldTest.Reading r : record.readings()) {
                boolean up = r.gauge().compareTo(target) >= 0;
                boolean together = !Double.isNaN(from) && r.seconds() - before <= Math.max(1, seconds * GAP);
                if (!up) {
                    from = Double.NaN;
                } else if (together) {
                    low = Math.min(low, r.gauge().bar());
                } else {
                    from = r.seconds();
                    low = r.gauge().bar();
                }
                before = r.seconds();
                if (up && r.seconds() - from >= longest) {
                    longest = r.seconds() - from;
                    lowest = low;
                }
                highest = r.gauge().compareTo(highest) > 0 ? r.gauge() : highest;
            }
            return new Kept(highest, longest, Double.isNaN(from) ? 0 : before - from, lowest);
        }

        /** A gauge that is read to its step errs by step / sqrt 12: the chance that the lowest reading was not below the target by a step. */
        Optional<Double> confidence(TestRecord record, GaugePressure target) {
            return record.gauge()
                    .step()
                    .filter(s -> !Double.isNaN(lowest))
                    .map(s -> Math.min(
                            HoldTest.SUREST,
                            new NormalDistribution()
                                    .cumulativeProbability(
                                            (lowest - target.bar() + s.bar()) / (s.bar() / Math.sqrt(12)))));
        }
    }
}
