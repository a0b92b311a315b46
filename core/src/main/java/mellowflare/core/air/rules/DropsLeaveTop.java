package mellowflare.core.air.rules;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.air.layout.Piece;
import mellowflare.core.air.work.AirCase;
import mellowflare.core.reference.Confidence;
import mellowflare.core.reference.Source;
import mellowflare.core.run.walk.TakeOff;

/** Drops from the top of the main, with leg and valve below the outlet. */
final class DropsLeaveTop implements Rule<AirCase> {
    private static final RuleText TOP = new RuleText(
            "air.drop-top",
            Severity.WARN,
            "Drop “{piece}” leaves the main at its {side}: water runs into it with the air.",
            "Every drop leaves the main at the top.",
            "side of the main",
            "Turn the tee up and bring the drop down in a swan neck.",
            new Source("trade practice: drops from the top of the main", Confidence.TYPICAL));

    private static final RuleText LEG = new RuleText(
            "air.drop-leg",
            Severity.NOTE,
            "Drop “{piece}” has no drip leg below its outlet.",
            "Every drop has a drip leg and a drain below its outlet.",
            "drops of the layout",
            "Fit a tee at the outlet, a hand's breadth of pipe below it, and a drain valve.",
            new Source("trade practice: tee, leg and valve under each outlet", Confidence.TYPICAL));

    @Override
    public List<Finding> check(AirCase c) {
        List<Piece.Drop> drops = c.main().pieces().stream()
                .filter(Piece.Drop.class::isInstance)
                .map(Piece.Drop.class::cast)
                .toList();
        if (drops.isEmpty()) {
            return List.of(
                    Finding.notChecked(TOP, Subject.WATER, AirNeeds.DROP),
                    Finding.notChecked(LEG, Subject.WATER, AirNeeds.DROP));
        }
        List<Finding> all = new ArrayList<>();
        for (Piece.Drop d : drops) {
            if (d.off() != TakeOff.TOP) {
                all.add(Finding.fail(
                        TOP,
                        Subject.WATER,
                        Map.of(
                                "piece",
                                Figure.of(d.name()),
                                Say.it("drops-leave-top.side"),
                                Figure.of(
                                        d.off() == TakeOff.SIDE
                                                ? Say.it("drops-leave-top.side")
                                                : Say.it("drops-leave-top.underside")))));
            }
            if (d.leg().isEmpty()) {
                all.add(Finding.fail(LEG, Subject.WATER, Map.of("piece", Figure.of(d.name()))));
            }
        }
        if (drops.stream().allMatch(d -> d.off() == TakeOff.TOP)) {
            all.add(Finding.pass(TOP, Subject.WATER, Map.of()));
        }
        if (drops.stream().allMatch(d -> d.leg().isPresent())) {
            all.add(Finding.pass(LEG, Subject.WATER, Map.of()));
        }
        return all;
    }
}
