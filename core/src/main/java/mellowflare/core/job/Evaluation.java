package mellowflare.core.job;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.bag.Packed;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Kind;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Taking;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.Read;
import mellowflare.core.procedure.Bench;
import mellowflare.core.procedure.MakeLog;
import mellowflare.core.procedure.SkippedSteps;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.shelf.Used;
import mellowflare.core.testing.Tested;

/**
 * What follows from a job.
 *
 * @param job the job it follows from
 * @param plan the line worked out as what it is
 * @param bench the steps with what was done
 * @param data the tables it was worked out with
 */
public record Evaluation(Job job, Plan plan, Bench bench, ReferenceData data) {
    public Evaluation {
        if (!job.kind().planType().isInstance(plan)) {
            throw new IllegalArgumentException("A line is worked out as what it is");
        }
    }

    /** The same as that of all its components, the cheapest asked first: every change of the window compares two of them. */
    @Override
    public boolean equals(Object other) {
        return this == other
                || other instanceof Evaluation e
                        && data.equals(e.data)
                        && job.equals(e.job)
                        && plan.equals(e.plan)
                        && bench.equals(e.bench);
    }

    @Override
    public int hashCode() {
        return job.hashCode();
    }

    /** Works a job out. Pure: the same job and data give the same result. */
    public static Evaluation of(Job job, ReferenceData data) {
        return of(job, data, Optional.empty());
    }

    /** Works a job out after a change: what costs much and has not changed is taken over from before. The result is the same. */
    public static Evaluation after(Evaluation before, Job job, ReferenceData data) {
        return of(job, data, Optional.of(before.plan));
    }

    private static Evaluation of(Job job, ReferenceData data, Optional<Plan> before) {
        return of(job, job.plan(job.kind(), data, before), data);
    }

    private static Evaluation of(Job job, Plan plan, ReferenceData data) {
        return new Evaluation(
                job,
                plan,
                new Bench(
                        plan.steps(),
                        job.log(),
                        plan.measured(),
                        plan.cutFigure().map(CutFigure::marked),
                        job.units()),
                data);
    }

    /** This evaluation with what a longer search found out about the same line. */
    public Evaluation with(Plan longer) {
        return of(job, longer, data);
    }

    /** The plan of a line of that kind; empty where the line is of another. */
    public <P extends Plan> Optional<P> plan(Kind<?, P> of) {
        return job.is(of) ? Optional.of(of.planType().cast(plan)) : Optional.empty();
    }

    /** What runs in the line. */
    public Optional<Fluid> fluid() {
        return plan.fluid();
    }

    /** Every finding on the line as what it is, on how it was made and on its tests, worst first. */
    public List<Finding> findings() {
        return job.taken().isEmpty() ? lineFindings() : ranked(lineFindings(), tested().findings());
    }

    /** The same without those of its tests, which stand with the tests. */
    public List<Finding> lineFindings() {
        List<Finding> skipped = SkippedSteps.check(job.log(), steps());
        return skipped.isEmpty() ? plan.findings() : ranked(plan.findings(), skipped);
    }

    private static List<Finding> ranked(List<Finding> some, List<Finding> more) {
        List<Finding> all = new ArrayList<>(some);
        all.addAll(more);
        all.sort(Comparator.comparingInt(Finding::rank));
        return List.copyOf(all);
    }

    /** The tests that the order of work asks for, with what was taken. */
    public Tested tested() {
        return Tested.of(
                steps().stream().flatMap(s -> s.tests().stream()).toList(),
                job.taken(),
                plan.testJoints(),
                plan.keptTests());
    }

    /** The order of work. */
    public List<Step> steps() {
        return bench.steps();
    }

    /** The figure behind the cut, with who measured it. */
    public Optional<CalledFigure> figure() {
        return bench.figure();
    }

    /** The cut as marked on the job; empty while it is not known, and for what is bought whole. */
    public Optional<Length> cut() {
        return bench.cut();
    }

    /** The bag to pack for what nobody has seen. */
    public Packed packed() {
        return Packed.of(plan.unseen(), job.bag());
    }

    /** How many findings forbid the line as it is planned. */
    public long stops() {
        return findings().stream().filter(Finding::stops).count();
    }

    /** What ticking the step that is due takes from the shelf, or has got for the job; a search where it is cut from bars. */
    public List<Used> takesNext() {
        return bench.next().map(s -> Taking.at(s, plan, data)).orElse(List.of());
    }

    /**
     * Ticks the step that is due; what it takes is written down with it.
     *
     * @param by who did it
     * @param at when
     * @param figures typed figures by field id
     * @return the log after it, or why it may not be ticked
     */
    public Read<MakeLog> tick(String by, Instant at, Map<String, String> figures) {
        Read<MakeLog> ticked = bench.tick(bench.next().map(Step::id).orElse(""), by, at, figures);
        return ticked.value().map(log -> Read.of(log.lastUsed(takesNext()))).orElse(ticked);
    }

    /** Where the work was left. */
    public LeftOff leftOff() {
        if (job.log().entries().isEmpty() || bench.steps().isEmpty()) {
            return LeftOff.NOT_STARTED;
        }
        List<Step> steps = bench.steps();
        return bench.next()
                .map(s -> new LeftOff(steps.indexOf(s) + 1, steps.size(), s.title()))
                .orElse(LeftOff.finished(steps.size()));
    }
}
