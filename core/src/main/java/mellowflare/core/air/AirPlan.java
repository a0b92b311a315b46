package mellowflare.core.air;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import mellowflare.core.advice.Finding;
import mellowflare.core.air.cut.CutWork;
import mellowflare.core.air.draw.AirStrip;
import mellowflare.core.air.order.AirStepWriter;
import mellowflare.core.air.rules.AirRules;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.air.work.Together;
import mellowflare.core.cutting.CutTask;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Probing;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.procedure.Step;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.KeptTests;
import mellowflare.core.testing.TestJoint;

/**
 * Everything that follows from a workshop main.
 *
 * @param c the main worked out
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record AirPlan(AirCase c, List<Finding> findings, List<Step> steps) implements Plan {
    private static final String COMPRESSED_AIR = "compressed-air";

    public AirPlan {
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the main out. Never refuses: what is missing comes out as findings that were not checked. */
    public static AirPlan of(AirCase c) {
        return new AirPlan(c, AirRules.check(c), new AirStepWriter(c).write());
    }

    /** This plan with the worst that a longer search found. */
    public AirPlan with(Together longer) {
        return of(c.withTogether(longer));
    }

    @Override
    public List<Take> takes() {
        return Take.shelved(
                c.work().stream()
                        .flatMap(w -> w.parts().stream())
                        .map(p -> Take.named(
                                p.name(),
                                p.metres() ? PartRole.CUT : PartRole.FITTING,
                                p.count(),
                                p.metres(),
                                Optional.of(p.each()).filter(e -> e > 0)))
                        .toList(),
                c.setting());
    }

    @Override
    public List<Cuts> cuts() {
        return c.work()
                .flatMap(w -> c.system()
                        .map(s -> w.tasks(c.main(), s).entrySet().stream()
                                .map(e -> cut(CutWork.stock(s, e.getKey()), e.getValue()))
                                .toList()))
                .orElse(List.of());
    }

    private static Cuts cut(String stock, CutTask task) {
        return new Cuts(stock, stock, task);
    }

    @Override
    public List<TestJoint> testJoints() {
        return c.walked().runs().stream()
                .map(r -> new TestJoint(
                        "run/" + r.name(), Say.it("air-plan.joints-of", "from", r.from(), "run", r.name())))
                .toList();
    }

    @Override
    public Optional<Probing> probing() {
        return c.feeds().isEmpty() || c.sized().stream().noneMatch(s -> s.bore().isPresent())
                ? Optional.empty()
                : Optional.of(new AirProbing(c));
    }

    @Override
    public KeptTests keptTests() {
        return new KeptTests(true, c.heldTest(), false, Set.of());
    }

    @Override
    public List<FigureTable> tables() {
        return AirTables.of(c);
    }

    @Override
    public Optional<FigureTable> table(FigureTable.What what) {
        return AirTables.of(c, what);
    }

    /** Without its bars: they take a search. */
    @Override
    public List<String> figuresOf(String part) {
        return AirTables.about(c, part);
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        return AirPictures.of(c, step);
    }

    @Override
    public String stillNeeded() {
        return Say.it("air-plan.walk-main-air-say");
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
        return new BenchWords.ManyPieces(
                c.work()
                        .map(w -> w.stretches().stream()
                                .mapToInt(x -> x.pieces().size())
                                .sum()),
                c.pipeLength());
    }

    /** Compressed air, whatever the job says of other lines. */
    @Override
    public Optional<Fluid> fluid() {
        return c.data().get(FluidTable.KEY).find(COMPRESSED_AIR);
    }

    @Override
    public Drawing strip() {
        return AirStrip.band(c, findings);
    }
}
