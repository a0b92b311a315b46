package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldFindings;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.AbsolutePressure;
import mellowflare.core.measure.AirReference;
import mellowflare.core.measure.FreeAir;
import mellowflare.core.measure.GaugePressure;

/** Gas shut in and watched: its mass, by pressure, temperature and barometer. */
final class HoldProof {
    /** Error of the leak against time, readings coming evenly: their spread grows with the cube of the time. */
    private static final double GROWTH = 2 / 3.0;

    private HoldProof() {}

    static Proving.Proof of(TestAsk ask, TestRecord record) {
        Optional<HoldTest> test = test(ask, record);
        if (test.isEmpty()) {
            return Proving.Proof.none(asks(record));
        }
        List<Finding> findings = new ArrayList<>();
        Proving.target(ask, record).ifPresent(t -> {
            GaugePressure first = record.readings().get(0).gauge();
            findings.add(TestRules.reached(first.compareTo(t) >= 0, t, first));
        });
        HoldTest.Result r = test.get().result();
        findings.addAll(HoldFindings.of(test.get(), r, Optional.empty()));
        boolean longEnough = record.lasted() >= ask.duty().seconds();
        findings.add(TestRules.longEnough(longEnough, ask, record));
        HoldTest.Verdict verdict =
                r.verdict() == HoldTest.Verdict.TIGHT && !longEnough ? HoldTest.Verdict.NOT_SETTLED : r.verdict();
        return new Proving.Proof(
                verdict,
                Optional.of(r.confidence()),
                Optional.of(r),
                toGo(ask, record, test.get(), r, verdict),
                true,
                findings);
    }

    private static List<Finding> asks(TestRecord record) {
        List<Finding> asks = new ArrayList<>();
        if (record.readings().size() > 1 && record.volume().isEmpty()) {
            asks.add(TestRules.asks(TestRules.Asked.VOLUME));
        }
        if (record.readings().size() > 1 && record.gauge().step().isEmpty()) {
            asks.add(TestRules.asks(TestRules.Asked.STEP));
        }
        return asks;
    }

    /** The test as far as its figures are there. */
    static Optional<HoldTest> test(TestAsk ask, TestRecord record) {
        if (record.readings().size() < 2
                || record.volume().isEmpty()
                || record.gauge().step().isEmpty()) {
            return Optional.empty();
        }
        return Optional.of(new HoldTest(
                record.readings(),
                record.volume().get(),
                record.barometer().orElse(AbsolutePressure.SEA_LEVEL),
                record.gauge().step().get(),
                allowed(ask, record)));
    }

    static FreeAir allowed(TestAsk ask, TestRecord record) {
        return record.allowed().or(() -> ask.duty().allowed()).orElseThrow();
    }

    /** The leak staying as it is and readings coming as they do, when the band no longer holds what is allowed. */
    private static Optional<Double> toGo(
            TestAsk ask, TestRecord record, HoldTest test, HoldTest.Result r, HoldTest.Verdict verdict) {
        if (verdict != HoldTest.Verdict.NOT_SETTLED || r.grows()) {
            return Optional.empty();
        }
        double lasted = record.lasted();
        double needed = ask.duty().seconds() - lasted;
        double away =
                Math.abs(test.allowed().in(AirReference.ISO1217).litresPerMinute() - Math.max(0, r.litresPerMinute()));
        if (r.verdict() == HoldTest.Verdict.NOT_SETTLED) {
            if (away < r.plusMinus() / 10) {
                return Optional.empty();
            }
            needed = Math.max(needed, lasted * (Math.pow(r.plusMinus() / away, GROWTH) - 1));
        }
        return Optional.of(Math.max(1, needed));
    }
}
