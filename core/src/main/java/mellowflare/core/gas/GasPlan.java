package mellowflare.core.gas;

import java.util.List;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidTable;
import mellowflare.core.gas.draw.GasStrip;
import mellowflare.core.gas.fuel.FuelGas;
import mellowflare.core.gas.order.GasStepWriter;
import mellowflare.core.gas.rules.GasRules;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Probing;
import mellowflare.core.line.Take;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.procedure.Step;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.KeptTests;
import mellowflare.core.testing.TestJoint;

/**
 * Everything that follows from a gas line.
 *
 * @param c the line worked out
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record GasPlan(GasCase c, List<Finding> findings, List<Step> steps) implements Plan {
    public GasPlan {
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the line out. Never refuses: what is missing comes out as findings that were not checked. */
    public static GasPlan of(GasCase c) {
        return new GasPlan(c, GasRules.check(c), new GasStepWriter(c).write());
    }

    @Override
    public List<Take> takes() {
        return GasTakes.of(c);
    }

    @Override
    public List<TestJoint> testJoints() {
        return c.soapList().stream().map(j -> new TestJoint(j.id(), j.what())).toList();
    }

    @Override
    public Optional<Probing> probing() {
        return c.net().map(GasProbing::new);
    }

    @Override
    public KeptTests keptTests() {
        return new KeptTests(true, c.heldTest(), true, c.line().test().soaped());
    }

    @Override
    public List<FigureTable> tables() {
        return GasTables.of(c, takes());
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        return GasPictures.of(c, step);
    }

    @Override
    public String stillNeeded() {
        return Say.it("gas-plan.still-needed");
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
                Optional.of(c.walk().walked().runs().size()).filter(n -> n > 0), c.pipeLength());
    }

    /** The gas of the line, whatever the job says of other lines. */
    @Override
    public Optional<Fluid> fluid() {
        return c.gas()
                .map(FuelGas::sinks)
                .flatMap(sinks -> c.data().get(FluidTable.KEY).find(sinks ? "lpg" : "natural-gas"));
    }

    @Override
    public Drawing strip() {
        return GasStrip.band(c, findings);
    }
}
