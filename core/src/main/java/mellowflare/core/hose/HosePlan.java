package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.bag.BagPart;
import mellowflare.core.bag.Unseen;
import mellowflare.core.connection.EndTable;
import mellowflare.core.connection.LineEnd;
import mellowflare.core.cutting.OnShelf;
import mellowflare.core.fluid.Fluid;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.geometry.Drawing;
import mellowflare.core.hose.draw.HoseStrip;
import mellowflare.core.hose.line.CutLength;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.hose.line.Weakest;
import mellowflare.core.hose.order.HoseStepWriter;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.line.BenchWords;
import mellowflare.core.line.CutFigure;
import mellowflare.core.line.Cuts;
import mellowflare.core.line.EndJoints;
import mellowflare.core.line.Plan;
import mellowflare.core.line.Take;
import mellowflare.core.line.UnseenEnds;
import mellowflare.core.measure.CalledFigure;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.procedure.Step;
import mellowflare.core.sealing.MakeUp;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.table.FigureTable;
import mellowflare.core.testing.TestJoint;

/**
 * Everything that follows from a hose line.
 *
 * @param c the line with its parts looked up
 * @param cut the cut, once it can be known
 * @param weakest the part that rules the line
 * @param joints sealing of both joints
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 * @param parts what to take from the shelf
 */
public record HosePlan(
        HoseCase c,
        Optional<CutLength> cut,
        Optional<Weakest> weakest,
        List<JointPlan> joints,
        List<Finding> findings,
        List<Step> steps,
        List<PartLine> parts)
        implements Plan {
    public HosePlan {
        joints = List.copyOf(joints);
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
        parts = List.copyOf(parts);
    }

    /** Works the line out. Never refuses: what is missing comes out as findings that were not checked. */
    public static HosePlan of(HoseCase c) {
        List<JointPlan> joints = joints(c);
        return new HosePlan(c, c.cut(), c.weakest(), joints, HoseRules.check(c), steps(c, joints), PartsList.of(c));
    }

    /** The order of work alone; none while the fluid is one that this program does not serve. */
    public static List<Step> steps(HoseCase c) {
        return steps(c, joints(c));
    }

    private static List<Step> steps(HoseCase c, List<JointPlan> joints) {
        Map<LineEnd, SealAdvice> seals = new EnumMap<>(LineEnd.class);
        joints.forEach(j -> j.advice().ifPresent(a -> seals.put(j.side().which(), a)));
        return FluidServed.serves(c.service(), c.data()) ? new HoseStepWriter(c, seals).write() : List.of();
    }

    private static List<JointPlan> joints(HoseCase c) {
        List<JointPlan> joints = new ArrayList<>();
        for (Side side : c.sides()) {
            Optional<SealAdvice> advice = side.presented()
                    .flatMap(port -> side.seat()
                            .flatMap(seat -> c.data()
                                    .get(Sealing.KEY)
                                    .advise(
                                            port,
                                            seat,
                                            c.fluid(),
                                            MakeUp.Material.weaker(
                                                    side.presentedMetal(),
                                                    side.part().flatMap(HoseEndPart::metal)),
                                            c.practice(),
                                            c.data())));
            joints.add(new JointPlan(
                    side,
                    advice,
                    side.adapters().stream()
                            .map(f -> new JointPlan.AdapterJoint(
                                    f,
                                    f.seat()
                                            .flatMap(seat -> c.data()
                                                    .get(Sealing.KEY)
                                                    .advise(f.on(), seat, c.fluid(), c.practice(), c.data()))))
                            .toList()));
        }
        return joints;
    }

    public JointPlan joint(LineEnd which) {
        return joints.get(which.ordinal());
    }

    /** Ports that were looked at and not settled, with the ends of the catalogue that go on each. */
    @Override
    public List<Take> takes() {
        return PartsList.takes(c).stream().filter(t -> t.need() > 0).toList();
    }

    /** Off the hose that lies on the shelf; what it lacks is bought by the metre. */
    @Override
    public List<Cuts> cuts() {
        return c.hose().filter(h -> !h.whole()).stream()
                .flatMap(h -> c.cut().filter(CutLength::possible).stream()
                        .map(cut -> new Cuts(
                                h.part(),
                                h.title(),
                                OnShelf.one(
                                        Say.it("hose-plan.hose"),
                                        cut.shop(c.units()),
                                        c.setting().shelf().pieces(h.part())))))
                .toList();
    }

    @Override
    public List<TestJoint> testJoints() {
        return c.sides().stream()
                .flatMap(s -> EndJoints.of(s.which(), s.adapters().size(), true).stream())
                .toList();
    }

    @Override
    public Unseen unseen() {
        return UnseenEnds.of(
                c.setting(),
                end -> c
                        .data()
                        .get(Catalogue.KEY)
                        .endsFor(end, c.hose(), c.data().get(EndTable.KEY))
                        .stream()
                        .map(p -> new BagPart(p.part(), p.name(), Optional.of(p.price()), false, p.source()))
                        .toList());
    }

    @Override
    public Optional<Drawing> ownPicture(Step step) {
        return HosePictures.of(c, step);
    }

    @Override
    public List<FigureTable> tables() {
        return HoseTables.of(this);
    }

    @Override
    public String stillNeeded() {
        return Say.it("hose-plan.choose-fluid-that-this");
    }

    @Override
    public Optional<CalledFigure> measured() {
        return c.finished();
    }

    @Override
    public Optional<CutFigure> cutFigure() {
        return cut.filter(CutLength::possible).map(x -> new CutFigure(x.exact(), x.shop(c.units())));
    }

    @Override
    public BenchWords benchWords() {
        return new BenchWords.OnePiece(
                c.whole() ? Say.it("hose-plan.take-hose") : Say.it("hose-plan.cut-hose-at"),
                c.whole() ? c.wholeLength() : cutFigure().map(CutFigure::marked),
                Say.it("hose-plan.overall"),
                Say.it("hose-plan.finished-length"),
                cut.filter(CutLength::possible)
                        .map(x -> Say.it(
                                "hose-plan.overall-length", "tolerance", LengthFormat.figure(x.tolerance(), c.units())))
                        .orElse(""));
    }

    @Override
    public Optional<Fluid> fluid() {
        return c.fluid();
    }

    @Override
    public Drawing strip() {
        return HoseStrip.band(c, findings);
    }

    /** The large strip with its lengths. */
    public Drawing largeStrip() {
        return HoseStrip.page(c, findings);
    }

    /** What all parts cost, in the catalogue's money; parts without a price are left out. */
    public double partsCost() {
        return parts.stream().mapToDouble(PartLine::cost).sum();
    }

    /** What lacks on the shelf. */
    public List<PartLine> missingParts() {
        return parts.stream().filter(p -> p.lacks() > 0).toList();
    }

    /** Making it, having it crimped, or calling someone out. */
    public List<Ways.Way> ways() {
        return Ways.of(c, steps.size(), partsCost());
    }
}
