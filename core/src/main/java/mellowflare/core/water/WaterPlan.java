package mellowflare.core.water;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.bag.Unseen;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.measure.UnitSystem;
import mellowflare.core.procedure.Step;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.TestJoint;
import mellowflare.core.water.choose.NippleFit;
import mellowflare.core.water.choose.WaterSet;
import mellowflare.core.water.draw.WaterDrawing;
import mellowflare.core.water.order.WaterStepWriter;
import mellowflare.core.water.rules.WaterRules;
import mellowflare.core.water.work.WaterCase;

/**
 * Everything that follows from a water point.
 *
 * @param c the point worked out
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record WaterPlan(WaterCase c, List<Finding> findings, List<Step> steps) implements Plan {
    private static final String DRINKING_WATER = "potable-water";

    public WaterPlan {
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the point out. Never refuses: what is missing comes out as findings that were not checked. */
    public static WaterPlan of(WaterCase c) {
        return new WaterPlan(c, WaterRules.check(c), new WaterStepWriter(c).write());
    }

    @Override
    public List<Take> takes() {
        return Take.shelved(
                Stream.concat(
                                c.set().stream().flatMap(s -> s.bought().stream()),
                                c.nippleWanted().flatMap(NippleFit::stock).stream()
                                        .map(n -> Say.it(
                                                "water-plan.nipple",
                                                "size",
                                                c.nippleSize(),
                                                "length",
                                                LengthFormat.shop(n.length(), UnitSystem.INCH))))
                        .map(p -> Take.named(p, PartRole.FITTING, 1, false, Optional.empty()))
                        .toList(),
                c.setting());
    }

    @Override
    public List<TestJoint> testJoints() {
        return c.set().stream()
                .flatMap(s -> IntStream.range(0, s.joints().size())
                        .mapToObj(i ->
                                new TestJoint("joint/" + i, s.joints().get(i).at())))
                .toList();
    }

    @Override
    public Unseen unseen() {
        return c.unseen();
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        return WaterPictures.of(c, step);
    }

    @Override
    public List<FigureTable> tables() {
        return WaterTables.of(c);
    }

    /** Every set of parts that was weighed, a row each, in the order of {@link WaterCase#sets()}. */
    public FigureTable sets() {
        return WaterTables.sets(c);
    }

    @Override
    public String stillNeeded() {
        return Say.it("water-plan.still-needed");
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
                        Say.it("water-plan.parts"),
                        c.set().map(s -> Figure.of(Integer.toString(s.parts().size()))),
                        c.set().map(s -> s.method().name()).orElse("")),
                new BenchWords.Said(
                        Say.it("water-plan.connector"),
                        c.set().flatMap(WaterSet::connector).map(Figure::of),
                        c.set().map(s -> s.link().name()).orElse("")));
    }

    /** Drinking water, whatever the job says of other lines. */
    @Override
    public Optional<Fluid> fluid() {
        return c.data().get(FluidTable.KEY).find(DRINKING_WATER);
    }

    @Override
    public Drawing strip() {
        return WaterDrawing.band(c, findings);
    }
}
