package mellowflare.core.tube;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Finding;
import mellowflare.core.connection.End;
import mellowflare.core.connection.Seat;
import mellowflare.core.connection.Which;
import mellowflare.core.procedure.Step;
import mellowflare.core.procedure.StepTable;
import mellowflare.core.reference.ReferenceKey;
import mellowflare.core.sealing.SealAdvice;
import mellowflare.core.sealing.Sealing;
import mellowflare.core.tube.end.EndTraits;
import mellowflare.core.tube.rules.TubeRules;

/**
 * Everything that follows from a tube line.
 *
 * @param c the line with its parts looked up and its shape worked out
 * @param seals sealing advice of both joints, as far as they are settled
 * @param findings every rule's finding, worst first
 * @param steps the order of work
 */
public record TubePlan(TubeCase c, Map<Which, SealAdvice> seals, List<Finding> findings, List<Step> steps) {
    /** The order of work of tube lines. */
    public static final ReferenceKey<StepTable> STEPS = new ReferenceKey<>("tube steps", StepTable.class);

    public TubePlan {
        seals = Map.copyOf(seals);
        findings = List.copyOf(findings);
        steps = List.copyOf(steps);
    }

    /** Works the line out. Never refuses: what is missing comes out as findings that were not checked. */
    public static TubePlan of(TubeCase c) {
        Map<Which, SealAdvice> seals = new EnumMap<>(Which.class);
        for (TubeSide s : c.sides()) {
            seat(s).flatMap(seat -> c.data()
                            .get(Sealing.KEY)
                            .advise(s.part().orElseThrow(), seat, c.fluid(), c.practice(), c.data()))
                    .ifPresent(a -> seals.put(s.which(), a));
        }
        return new TubePlan(c, seals, TubeRules.check(c), new TubeStepWriter(c, seals).write());
    }

    /** Where a joint seals: of the seats that its end may have the one that the tube's end makes. */
    private static Optional<Seat> seat(TubeSide s) {
        Optional<End> part = s.part();
        if (part.isEmpty() || s.traits().isEmpty()) {
            return Optional.empty();
        }
        EndTraits t = s.traits().get();
        List<Seat> seats = part.get().seats();
        List<Seat> fit = new ArrayList<>(seats);
        fit.removeIf(x -> t.flared() && !x.isCone());
        return fit.stream().findFirst().or(() -> Optional.of(part.get().usualSeat()));
    }

    public Optional<SealAdvice> seal(Which which) {
        return Optional.ofNullable(seals.get(which));
    }

    /** What a rule says of this line; empty while it has nothing to say. */
    public Optional<String> says(String rule) {
        return findings.stream()
                .filter(f -> f.rule().id().equals(rule))
                .findFirst()
                .map(f -> f.says(c.units()));
    }

    public boolean stops() {
        return findings.stream().anyMatch(Finding::stops);
    }
}
