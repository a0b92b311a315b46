package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.connection.Which;
import mellowflare.core.fluid.FluidServed;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.measure.Length;
import mellowflare.core.parts.HoseEndPart;
import mellowflare.core.procedure.Precedence;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.procedure.StepWords;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.sealing.MakeUp;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;

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
        List<PartLine> parts) {
    /** The order of work of hose lines. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("hose steps", StepTable.class);

    /** What its rows may ask for. */
    public static final StepWords STEP_WORDS = StepWriter.WORDS;

    /** What must come before what in it. */
    public static final ReferenceKey<Precedence> ORDER = new ReferenceKey<>("order of hose steps", Precedence.class);

    private static final double TOO_LONG = 4.0 / 3;

    public HosePlan {
        joints = List.copyOf(joints);
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
        parts = List.copyOf(parts);
    }

    /** Works the line out. Never refuses: what is missing comes out as findings that were not checked. */
    public static HosePlan of(HoseCase c) {
        Map<Which, SealAdvice> seals = new EnumMap<>(Which.class);
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
            advice.ifPresent(a -> seals.put(side.which(), a));
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
        return new HosePlan(
                c,
                c.cut(),
                c.weakest(),
                joints,
                HoseRules.check(c),
                FluidServed.serves(c.service(), c.data()) ? new StepWriter(c, seals).write() : List.of(),
                PartsList.of(c));
    }

    public JointPlan joint(Which which) {
        return joints.get(which.ordinal());
    }

    public boolean stops() {
        return findings.stream().anyMatch(Finding::stops);
    }

    /** Of a hose bought whole the shortest that reaches without being a third too long; empty when none does. */
    public static Optional<Length> wholeLength(HoseCase c) {
        return c.hose()
                .flatMap(h -> c.finished()
                        .flatMap(f -> h.lengths().stream()
                                .filter(l -> l.mm() >= f.value().mm() - 0.5
                                        && l.mm() <= f.value().mm() * TOO_LONG)
                                .min(Comparator.naturalOrder())));
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
