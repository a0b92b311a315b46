package mellowflare.core.job;

import java.util.Optional;
import mellowflare.core.hose.CutLength;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.hose.HosePlan;
import mellowflare.core.hose.route.RoutePlan;
import mellowflare.core.procedure.Bench;
import mellowflare.core.procedure.Step;
import mellowflare.core.reference.ReferenceData;

/**
 * What follows from a job.
 *
 * @param job the job it follows from
 * @param plan the line worked out
 * @param bench the steps with what was done
 */
public record Evaluation(Job job, HosePlan plan, Bench bench) {

    /** Works a job out. Pure: the same job and data give the same result. */
    public static Evaluation of(Job job, ReferenceData data) {
        return of(job, data, Optional.empty());
    }

    /** Works a job out after a change: what costs much and has not changed, the way in space, is taken over from before. The result is the same. */
    public static Evaluation after(Evaluation before, Job job, ReferenceData data) {
        return of(job, data, before.plan().c().route());
    }

    private static Evaluation of(Job job, ReferenceData data, Optional<RoutePlan> known) {
        HosePlan plan = HosePlan.of(HoseCase.of(job.line(), job.practice(), job.units(), job.log(), data, known));
        Bench bench = new Bench(
                plan.steps(),
                job.log(),
                job.line().finished(),
                plan.cut().filter(CutLength::possible).map(c -> c.shop(job.units())),
                job.units());
        return new Evaluation(job, plan, bench);
    }

    /** Where the work was left: “step 4 of 17, Cut with the wheel”, “not begun”, or “made”. */
    public String leftOff() {
        if (job.log().entries().isEmpty()) {
            return "not begun";
        }
        Optional<Step> next = bench.next();
        return next.map(s -> "step " + (bench.steps().indexOf(s) + 1) + " of "
                        + bench.steps().size() + ": " + s.title())
                .orElse("made, all " + bench.steps().size() + " steps");
    }
}
