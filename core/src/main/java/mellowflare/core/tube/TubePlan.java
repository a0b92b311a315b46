package mellowflare.core.tube;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.bag.Unseen;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.cutting.OnShelf;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.EndJoints;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Take;
import mellowflare.core.line.UnseenEnds;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.Length;
import mellowflare.core.procedure.Step;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.shelf.PartRole;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.TestJoint;
import mellowflare.core.tube.draw.TubeStrip;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.line.TubeSide;
import mellowflare.core.tube.order.TubeStepWriter;
import mellowflare.core.tube.rules.TubeRules;

/**
 * Everything that follows from a tube line.
 *
 * @param c the line with its parts looked up and its shape worked out
 * @param seals sealing advice of both joints, as far as they are settled
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record TubePlan(TubeCase c, Map<LineEnd, SealAdvice> seals, List<Finding> findings, List<Step> steps)
        implements Plan {

    public TubePlan {
        seals = Map.copyOf(seals);
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the line out. Never refuses: what is missing comes out as findings that were not checked. */
    public static TubePlan of(TubeCase c) {
        Map<LineEnd, SealAdvice> seals = seals(c);
        return new TubePlan(c, seals, TubeRules.check(c), steps(c, seals));
    }

    /** The order of work alone: much less work than the findings. */
    static List<Step> steps(TubeCase c) {
        return steps(c, seals(c));
    }

    private static List<Step> steps(TubeCase c, Map<LineEnd, SealAdvice> seals) {
        return FluidServed.serves(c.service(), c.data()) ? new TubeStepWriter(c, seals).write() : List.of();
    }

    private static Map<LineEnd, SealAdvice> seals(TubeCase c) {
        Map<LineEnd, SealAdvice> seals = new EnumMap<>(LineEnd.class);
        for (TubeSide s : c.sides()) {
            s.seat()
                    .flatMap(seat -> c.data()
                            .get(Sealing.KEY)
                            .advise(s.part().orElseThrow(), seat, c.fluid(), c.practice(), c.data()))
                    .ifPresent(a -> seals.put(s.which(), a));
        }
        return seals;
    }

    public Optional<SealAdvice> seal(LineEnd which) {
        return Optional.ofNullable(seals.get(which));
    }

    @Override
    public List<Take> takes() {
        return Take.shelved(TubeParts.of(c).stream().map(TubeParts::take).toList(), c.setting());
    }

    /** Off the lengths and coils that the shop has counted; no table has stock lengths of tube. */
    @Override
    public List<Cuts> cuts() {
        return TubeParts.of(c).stream()
                .filter(p -> p.role() == PartRole.CUT && p.need() > 0)
                .flatMap(p -> c.setting().shelf().held(p.name()).stream().map(held -> cut(p, held.pieces())))
                .toList();
    }

    private static Cuts cut(TubeParts tube, List<Length> there) {
        return new Cuts(
                tube.name(),
                tube.name(),
                OnShelf.one(Say.it("tube-plan.tube"), Length.ofMm(tube.need() * 1000), there));
    }

    @Override
    public List<TestJoint> testJoints() {
        return c.sides().stream()
                .flatMap(s -> EndJoints.of(s.which(), 0, false).stream())
                .toList();
    }

    /** Ports that were looked at and not settled. */
    @Override
    public Unseen unseen() {
        return UnseenEnds.of(c.setting(), end -> List.of());
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        return TubePictures.of(c, step);
    }

    @Override
    public List<FigureTable> tables() {
        return TubeTables.of(c);
    }

    /** The bends in the order in which they are made; no rows while none is known. */
    public FigureTable order(LineEnd from) {
        return TubeTables.order(c, from);
    }

    @Override
    public String stillNeeded() {
        return Say.it("tube-plan.measure-tube-choose-its");
    }

    @Override
    public Optional<CalledFigure> measured() {
        return c.figure();
    }

    @Override
    public Optional<CutFigure> cutFigure() {
        return c.cut().map(x -> new CutFigure(x.exact(), x.shop(c.units())));
    }

    @Override
    public BenchWords benchWords() {
        return new BenchWords.OnePiece(
                Say.it("tube-plan.cut-tube-at"),
                cutFigure().map(CutFigure::marked),
                Say.it("tube-plan.end-end"),
                c.shape().template().isPresent() ? Say.it("tube-plan.template") : Say.it("tube-plan.end-end-by-itself"),
                "");
    }

    @Override
    public Optional<Fluid> fluid() {
        return c.fluid();
    }

    @Override
    public Drawing strip() {
        return TubeStrip.band(c, findings);
    }

    /** The large strip with its lengths. */
    public Drawing largeStrip() {
        return TubeStrip.page(c, findings);
    }
}
