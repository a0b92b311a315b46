package mellowflare.core.testing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.flow.hold.HoldTest;
import mellowflare.core.measure.GaugePressure;

/** What a test proves: a verdict with the reasons for it. Nothing passes without figures. */
public final class Proving {
    private final TestAsk ask;
    private final TestRecord record;
    private final List<TestJoint> joints;

    /**
     * @param ask what was asked
     * @param record as taken
     * @param joints of the line, for a test that looks at them
     * @throws IllegalArgumentException if the record belongs to another test
     */
    public Proving(TestAsk ask, TestRecord record, List<TestJoint> joints) {
        if (!ask.key().equals(record.ask())) {
            throw new IllegalArgumentException("The record belongs to " + record.ask() + ", not to " + ask.key());
        }
        this.ask = ask;
        this.record = record;
        this.joints = List.copyOf(joints);
    }

    /** What came of it. */
    public Outcome outcome() {
        Proof proof = switch (ask.duty().kind()) {
            case HOLD -> HoldProof.of(ask, record);
            case PROOF -> LiquidProof.of(ask, record, looked());
            case VACUUM -> VacuumProof.of(ask, record);
            case SOAP, TISSUE, FUNCTION -> LookProof.of(ask, record, looked());
        };
        List<Finding> all = new ArrayList<>(proof.findings());
        boolean figures = proof.figures();
        if (!figures) {
            all.add(TestRules.noFigures(ask));
        }
        all.addAll(TestRules.ofAny(ask, record, target()));
        boolean counts = figures && all.stream().noneMatch(TestRules::spoils);
        HoldTest.Verdict verdict =
                proof.verdict() == HoldTest.Verdict.TIGHT && !counts ? HoldTest.Verdict.NOT_SETTLED : proof.verdict();
        if (verdict == HoldTest.Verdict.LEAKS) {
            all.add(TestRules.leaks(ask));
        }
        all.sort(Comparator.comparingInt(Finding::rank));
        boolean settled = verdict != HoldTest.Verdict.NOT_SETTLED;
        return new Outcome(verdict, settled ? proof.confidence() : Optional.empty(), proof.leak(), proof.toGo(), all);
    }

    /** The pressure that has to be reached: the asker's, or where he named none the tester's. */
    private Optional<GaugePressure> target() {
        return target(ask, record);
    }

    static Optional<GaugePressure> target(TestAsk ask, TestRecord record) {
        return ask.target().or(record::target);
    }

    private Looked looked() {
        return Looked.of(ask, record, joints);
    }

    /**
     * What one way of testing makes of its figures.
     *
     * @param figures whether the figures are there without which nothing passes
     */
    record Proof(
            HoldTest.Verdict verdict,
            Optional<Double> confidence,
            Optional<HoldTest.Result> leak,
            Optional<Double> toGo,
            boolean figures,
            List<Finding> findings) {
        static Proof none(List<Finding> findings) {
            return new Proof(
                    HoldTest.Verdict.NOT_SETTLED,
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    false,
                    findings);
        }
    }
}
