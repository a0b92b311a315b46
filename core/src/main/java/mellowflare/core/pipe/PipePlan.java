package mellowflare.core.pipe;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.pipe.cut.PieceCut;
import mellowflare.core.pipe.draw.PipeStrip;
import mellowflare.core.pipe.line.PipeBars;
import mellowflare.core.pipe.line.PipeCase;
import mellowflare.core.pipe.line.PipePart;
import mellowflare.core.pipe.order.PipeStepWriter;
import mellowflare.core.pipe.rules.PipeRules;
import mellowflare.core.procedure.Step;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.TestJoint;

/**
 * Everything that follows from a line of rigid pipe.
 *
 * @param c the line worked out
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record PipePlan(PipeCase c, List<Finding> findings, List<Step> steps) implements Plan {
    public PipePlan {
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the line out. Never refuses: what is missing comes out as findings that were not checked. */
    public static PipePlan of(PipeCase c) {
        return new PipePlan(c, PipeRules.check(c), steps(c));
    }

    private static List<Step> steps(PipeCase c) {
        return FluidServed.serves(c.service(), c.data()) ? new PipeStepWriter(c).write() : List.of();
    }

    /** The offset with its figures, or the run as it lies, beside the steps that measure, cut and put together. */
    @Override
    public List<Take> takes() {
        return Take.shelved(
                c.partsList().stream()
                        .map(p -> Take.named(
                                p.name(),
                                p.metres() ? PartRole.CUT : PartRole.FITTING,
                                p.count(),
                                p.metres(),
                                p.each()))
                        .toList(),
                c.setting());
    }

    @Override
    public List<Cuts> cuts() {
        return PipeBars.tasks(List.of(PipeBars.Marked.alone(c))).entrySet().stream()
                .map(e -> new Cuts(
                        PipePart.pipe(e.getKey().pipe(), e.getKey().size()),
                        e.getKey().words(),
                        e.getValue()))
                .toList();
    }

    @Override
    public List<TestJoint> testJoints() {
        return c.pieces().stream()
                .map(p -> new TestJoint("piece/" + p.name(), Say.it("pipe-plan.both-ends", "piece", p.name())))
                .toList();
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        return PipePictures.of(c, step);
    }

    @Override
    public List<FigureTable> tables() {
        return PipeTables.of(c);
    }

    /** The cut of a piece, without its bars: they take a search. */
    @Override
    public List<String> figuresOf(String part) {
        return c.pieces().stream()
                .filter(p -> p.name().equals(part))
                .flatMap(p -> p.shop().stream()
                        .map(shop -> Say.it(
                                "pipe-plan.piece",
                                "name",
                                p.name(),
                                "size",
                                p.size(),
                                "shop",
                                LengthFormat.shop(shop, c.units()),
                                "exact",
                                p.exact()
                                        .map(e -> LengthFormat.figure(e, c.units()))
                                        .orElse("none"))))
                .toList();
    }

    @Override
    public String stillNeeded() {
        return c.isOffset() ? Say.it("pipe-plan.measure-the-offset") : Say.it("pipe-plan.call-out-the-run");
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
        return new BenchWords.ManyPieces(Optional.of(c.pieces().size()).filter(n -> n > 0), length());
    }

    /** All its pipe together, as it is marked. */
    public Length length() {
        return Length.ofMm(c.pieces().stream()
                .flatMap(p -> p.shop().stream())
                .mapToDouble(l -> Math.max(0, l.mm()))
                .sum());
    }

    /** The pieces, as far as they are known. */
    public List<PieceCut> pieces() {
        return c.pieces();
    }

    @Override
    public Optional<Fluid> fluid() {
        return c.fluid();
    }

    @Override
    public Drawing strip() {
        return PipeStrip.band(c, findings);
    }
}
