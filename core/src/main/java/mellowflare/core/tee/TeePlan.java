package mellowflare.core.tee;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.Step;
import mellowflare.core.table.FigureTable;
import mellowflare.core.tee.draw.TeeDrawing;
import mellowflare.core.tee.order.TeeStepWriter;
import mellowflare.core.tee.rules.TeeRules;
import mellowflare.core.tee.stock.TeeFluid;
import mellowflare.core.tee.stock.TeeMethod;
import mellowflare.core.tee.work.TeeCase;
import mellowflare.core.testing.TestJoint;

/**
 * Everything that follows from a tee-in.
 *
 * @param c the tee-in worked out
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record TeePlan(TeeCase c, List<Finding> findings, List<Step> steps) implements Plan {
    public TeePlan {
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the tee-in out. Never refuses: what is missing comes out as findings that were not checked. */
    public static TeePlan of(TeeCase c) {
        return new TeePlan(c, TeeRules.check(c), new TeeStepWriter(c).write());
    }

    @Override
    public List<Take> takes() {
        return TeeTakes.of(c);
    }

    @Override
    public List<TestJoint> testJoints() {
        return List.of(
                new TestJoint("up", Say.it("tee-plan.joint-up")),
                new TestJoint("down", Say.it("tee-plan.joint-down")),
                new TestJoint("branch", Say.it("tee-plan.joint-branch")));
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        return TeePictures.of(c, step);
    }

    @Override
    public List<FigureTable> tables() {
        return TeeTables.of(c, takes());
    }

    @Override
    public String stillNeeded() {
        return Say.it("tee-plan.still-needed");
    }

    @Override
    public Optional<CalledFigure> measured() {
        return Optional.empty();
    }

    @Override
    public Optional<CutFigure> cutFigure() {
        return Optional.empty();
    }

    @Override
    public BenchWords benchWords() {
        return new BenchWords.Assembled(
                new BenchWords.Said(
                        Say.it("tee-plan.cut-out"),
                        c.cutOut().filter(x -> x > 0).map(x -> Figure.of(Length.ofMm(x))),
                        c.method().map(TeeMethod::name).orElse("")),
                new BenchWords.Said(
                        Say.it("tee-plan.piece"),
                        c.piece().map(Figure::of),
                        c.piece().map(p -> Say.it("tee-plan.with-union")).orElse("")));
    }

    /** What the tube carries; empty while it is not said, and where the table has no such fluid. */
    @Override
    public Optional<Fluid> fluid() {
        return c.line().fluid().map(TeePlan::id).flatMap(c.data().get(FluidTable.KEY)::find);
    }

    private static String id(TeeFluid fluid) {
        return switch (fluid) {
            case GAS -> "lpg";
            case FUEL -> "diesel";
            case WATER -> "water";
            case REFRIGERANT -> "r410a";
            case AIR -> "compressed-air";
        };
    }

    @Override
    public Drawing strip() {
        return TeeDrawing.band(c, findings);
    }
}
