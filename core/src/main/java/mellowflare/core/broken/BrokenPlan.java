package mellowflare.core.broken;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.bag.Unseen;
import mellowflare.core.broken.draw.LadderPlot;
import mellowflare.core.broken.order.BrokenStepWriter;
import mellowflare.core.broken.rules.BrokenRules;
import mellowflare.core.broken.work.BrokenCase;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Plan;
import mellowflare.core.line.StepPictures;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.picture.ExtractorPicture;
import mellowflare.core.procedure.Step;
import mellowflare.core.table.FigureTable;

/**
 * Everything that follows from a stuck or broken part.
 *
 * @param c the part worked out
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record BrokenPlan(BrokenCase c, List<Finding> findings, List<Step> steps) implements Plan {
    public BrokenPlan {
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the part out. Never refuses: what is missing comes out as findings that were not checked. */
    public static BrokenPlan of(BrokenCase c) {
        return new BrokenPlan(c, BrokenRules.check(c), new BrokenStepWriter(c).write());
    }

    @Override
    public Unseen unseen() {
        return c.unseen();
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        StepPictures.Figures f = StepPictures.of(step, c.units());
        return switch (f.row()) {
            case "hold" -> Optional.of(StepPictures.wrenches(Say.it("broken-plan.to-loosen")));
            case "tap" ->
                f.said("number")
                        .map(n -> ExtractorPicture.of(
                                Say.it(
                                        "broken-plan.extractor",
                                        "number",
                                        n,
                                        "size",
                                        f.text("size").orElse("")),
                                Say.it("broken-plan.way-out"),
                                Say.it("broken-plan.stump")));
            default -> Optional.empty();
        };
    }

    @Override
    public List<FigureTable> tables() {
        return BrokenTables.of(c);
    }

    @Override
    public String stillNeeded() {
        return Say.it("broken-plan.still-needed");
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
        boolean known = !c.attempts().isEmpty();
        return new BenchWords.Assembled(
                new BenchWords.Said(
                        Say.it("broken-plan.chance"),
                        known ? Optional.of(new Figure.OfShare(c.chance())) : Optional.empty(),
                        Say.it("broken-plan.house-guess")),
                new BenchWords.Said(
                        Say.it("broken-plan.minutes"),
                        known
                                ? Optional.of(Figure.of(LengthFormat.decimal(c.ladderMinutes(), 0, 0)))
                                : Optional.empty(),
                        Say.it("broken-plan.on-average")));
    }

    /** What runs in the line; empty while it is not said, and where the table has no such fluid. */
    @Override
    public Optional<Fluid> fluid() {
        return c.fluid().flatMap(f -> c.data().get(FluidTable.KEY).find(f.fluid()));
    }

    @Override
    public Drawing strip() {
        return LadderPlot.band(c);
    }
}
