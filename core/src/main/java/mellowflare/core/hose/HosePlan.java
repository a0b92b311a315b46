package mellowflare.core.hose;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.connection.BossRing;
import mellowflare.core.connection.Seat;
import mellowflare.core.hose.rules.HoseRules;
import mellowflare.core.measure.LengthFormat;
import mellowflare.core.procedure.Step;
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
            Optional<SealAdvice> advice = side.port()
                    .flatMap(port -> side.seat()
                            .flatMap(seat ->
                                    c.data().get(Sealing.KEY).advise(port, seat, c.fluid(), c.practice(), c.data())));
            advice.ifPresent(a -> seals.put(side.which(), a));
            joints.add(new JointPlan(side, advice));
        }
        return new HosePlan(
                c, c.cut(), c.weakest(), joints, HoseRules.check(c), new StepWriter(c, seals).write(), partsOf(c));
    }

    public JointPlan joint(Which which) {
        return joints.get(which.ordinal());
    }

    public boolean stops() {
        return findings.stream().anyMatch(Finding::stops);
    }

    private static List<PartLine> partsOf(HoseCase c) {
        List<PartLine> parts = new ArrayList<>();
        c.hose()
                .ifPresent(h -> parts.add(new PartLine(
                        h.part(),
                        h.title(),
                        c.cut()
                                .filter(CutLength::possible)
                                .map(cut -> LengthFormat.both(cut.shop(c.units()), c.units()))
                                .orElse("length open"))));
        for (Side side : c.sides()) {
            side.part().ifPresent(p -> parts.add(new PartLine(p.part(), p.name(), "1 piece")));
            if (side.seat().filter(Seat.PORT_ORING::equals).isPresent()) {
                side.port()
                        .flatMap(p -> p.ring())
                        .map(BossRing::designation)
                        .ifPresent(r -> parts.add(new PartLine("ring " + r, "O-ring, 90 Shore A", "1 piece")));
            }
        }
        return parts;
    }
}
