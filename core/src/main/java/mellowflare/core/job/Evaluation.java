package mellowflare.core.job;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.air.AirCase;
import mellowflare.core.air.AirPlan;
import mellowflare.core.air.Together;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.hose.CutLength;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.LineEnd;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.Bench;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.ReferenceData;
import mellowflare.core.tube.TubeCase;
import mellowflare.core.tube.TubePlan;
import mellowflare.core.tube.TubePort;

/**
 * What follows from a job.
 *
 * @param job the job it follows from
 * @param plan the line worked out as hose; of a tube line its ports and service
 * @param tube the line worked out as tube, for a tube line
 * @param air the main worked out, for a workshop main
 * @param bench the steps with what was done
 */
public record Evaluation(Job job, HosePlan plan, Optional<TubePlan> tube, Optional<AirPlan> air, Bench bench) {
    private static final String COMPRESSED_AIR = "compressed-air";

    public Evaluation {
        if (job.isTube() != tube.isPresent() || job.isAir() != air.isPresent()) {
            throw new IllegalArgumentException("Exactly a tube line is worked out as tube, and a main as a main");
        }
    }

    /** Works a job out. Pure: the same job and data give the same result. */
    public static Evaluation of(Job job, ReferenceData data) {
        return of(job, data, HosePlan.of(hose(job, data, Optional.empty())));
    }

    /** Works a job out after a change: what costs much and has not changed is taken over from before. The result is the same. */
    public static Evaluation after(Evaluation before, Job job, ReferenceData data) {
        Job was = before.job;
        boolean same = was.line().equals(job.line())
                && was.practice().equals(job.practice())
                && was.units() == job.units()
                && was.log(LineKind.HOSE).equals(job.log(LineKind.HOSE))
                && before.plan.c().data() == data;
        return of(
                job,
                data,
                same ? before.plan : HosePlan.of(hose(job, data, before.plan.c().route())));
    }

    private static HoseCase hose(Job job, ReferenceData data, Optional<RoutePlan> known) {
        return HoseCase.of(job.line(), job.practice(), job.units(), job.log(LineKind.HOSE), data, known);
    }

    private static Evaluation of(Job job, ReferenceData data, HosePlan plan) {
        Optional<TubePlan> tube = job.isTube()
                ? Optional.of(TubePlan.of(TubeCase.of(
                        job.tube(),
                        port(Which.A, job, data),
                        port(Which.B, job, data),
                        job.line().service(),
                        job.practice(),
                        job.units(),
                        job.log(),
                        data)))
                : Optional.empty();
        Optional<AirPlan> air = job.isAir()
                ? Optional.of(AirPlan.of(AirCase.of(job.air(), job.practice(), job.units(), job.log(), data)))
                : Optional.empty();
        return new Evaluation(job, plan, tube, air, bench(job, plan, tube, air));
    }

    /** This evaluation with the worst of a main that a longer search found. */
    public Evaluation with(Together longer) {
        Optional<AirPlan> more = air.map(a -> AirPlan.of(a.c().with(longer)));
        return new Evaluation(job, plan, tube, more, bench(job, plan, tube, more));
    }

    private static Bench bench(Job job, HosePlan plan, Optional<TubePlan> tube, Optional<AirPlan> air) {
        if (air.isPresent()) {
            return new Bench(air.get().steps(), job.log(), Optional.empty(), Optional.empty(), job.units());
        }
        return new Bench(
                tube.map(TubePlan::steps).orElse(plan.steps()),
                job.log(),
                tube.isPresent() ? tube.get().c().figure() : job.line().finished(),
                tube.isPresent()
                        ? tube.get().c().cut().map(c -> c.shop(job.units()))
                        : plan.cut().filter(CutLength::possible).map(c -> c.shop(job.units())),
                job.units());
    }

    private static TubePort port(Which which, Job job, ReferenceData data) {
        LineEnd end = job.line().end(which);
        return new TubePort(which, end.place(), end.port().flatMap(data.get(EndTable.KEY)::find), end.metal());
    }

    public ReferenceData data() {
        return plan.c().data();
    }

    /** What runs in the line; in a main always compressed air, whatever the job was as a hose. */
    public Optional<Fluid> fluid() {
        return job.isAir()
                ? data().get(FluidTable.KEY).find(COMPRESSED_AIR)
                : plan.c().fluid();
    }

    /** Every finding on the line as what it is, worst first. */
    public List<Finding> findings() {
        return air.map(AirPlan::findings)
                .orElseGet(() -> tube.map(TubePlan::findings).orElse(plan.findings()));
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

    /** How many findings forbid the line as it is planned. */
    public long stops() {
        return findings().stream().filter(Finding::stops).count();
    }

    /** Where the work was left: “step 4 of 17, Cut with the wheel”, “not begun”, or “made”. */
    public String leftOff() {
        if (job.log().entries().isEmpty() || bench.steps().isEmpty()) {
            return "not begun";
        }
        Optional<Step> next = bench.next();
        return next.map(s -> "step " + (bench.steps().indexOf(s) + 1) + " of "
                        + bench.steps().size() + ": " + s.title())
                .orElse("made, all " + bench.steps().size() + " steps");
    }
}
