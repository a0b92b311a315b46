package mellowflare.core.gas.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.gas.layout.Piece;
import mellowflare.core.gas.stock.GasSystem;
import mellowflare.core.gas.work.GasCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;

/** Kinds of pipe where they may lie, and joints that nobody sees. */
final class PipeMayLie implements Rule<GasCase> {
    private static final RuleText GROUND = new RuleText(
            "gas.ground",
            Severity.STOP,
            "{system} may only lie in the ground outside; pipe {pipe} does not.",
            "{system} lies where it may.",
            "plastic softens and burns",
            "Change to metal where the line leaves the ground, with a riser made for it.",
            new Source("NFPA 54 7.1, 5.5.5", Confidence.SURE));

    private static final RuleText HIDDEN = new RuleText(
            "gas.hidden",
            Severity.WARN,
            "Joints of pipe {pipe} would lie in the ground or the wall, where nobody sees a leak.",
            "Joints in the ground or the wall are as the code allows.",
            "pipe called out as buried or hidden",
            "Run one length without a joint there, or use the joints and the sleeve that the local code allows.",
            new Source("NFPA 54 7.1.6, 7.3.2; local code", Confidence.SURE));

    @Override
    public List<Finding> check(GasCase c) {
        List<Finding> all = new ArrayList<>();
        List<Piece.Pipe> pipes = c.line().pieces().stream()
                .filter(Piece.Pipe.class::isInstance)
                .map(Piece.Pipe.class::cast)
                .toList();
        if (c.system().isPresent() && !pipes.isEmpty()) {
            GasSystem s = c.system().get();
            Optional<Piece.Pipe> out = s.place() == GasSystem.Place.GROUND
                    ? pipes.stream().filter(p -> p.lies() != Piece.Lies.BURIED).findFirst()
                    : Optional.empty();
            all.add(Finding.of(
                    out.isEmpty(),
                    GROUND,
                    Subject.GAS_LAYOUT,
                    Map.of(
                            "system", Figure.of(s.name()),
                            "pipe", Figure.of(out.map(Piece.Pipe::name).orElse("")))));
        }
        List<Piece.Pipe> unseen = pipes.stream()
                .filter(p -> p.lies() == Piece.Lies.BURIED || p.lies() == Piece.Lies.HIDDEN)
                .toList();
        if (!unseen.isEmpty()) {
            Optional<Boolean> allowed = c.line().site().buriedByCode();
            if (allowed.isEmpty()) {
                all.add(Finding.notChecked(HIDDEN, Subject.GAS_JOINTS, GasNeeds.HIDDEN));
            } else {
                unseen.forEach(p -> all.add(
                        Finding.of(allowed.get(), HIDDEN, Subject.GAS_JOINTS, Map.of("pipe", Figure.of(p.name())))));
            }
        }
        return all;
    }
}
