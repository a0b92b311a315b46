package mellowflare.core.tube.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.reference.Source;
import mellowflare.core.tube.line.TubeCase;
import mellowflare.core.tube.stock.Benders;
import mellowflare.core.tube.stock.Clamps;

/** How many clamps the line wants. */
final class HeldInPlace implements Rule<TubeCase> {
    private static final RuleText TEXT = new RuleText(
            "tube.clamps",
            Severity.NOTE,
            "The clamp table does not go up to tube of {outside}.",
            "Clamp it at least every {spacing}: {count} for this line, none on a bend or a nut.",
            "clamp spacing by outside diameter",
            "Ask the maker of the clamps.",
            Source.house("clamp spacing"));

    @Override
    public List<Finding> check(TubeCase c) {
        if (c.tube().isEmpty() || c.shape().developed().isEmpty()) {
            return List.of(
                    Finding.notChecked(TEXT, Subject.TUBE, c.tube().isEmpty() ? TubeNeeds.TUBE : TubeNeeds.SHAPE));
        }
        Optional<Clamps> clamps = c.data()
                .get(Benders.KEY)
                .clamps(c.tube().get().outside(), c.shape().developed().get());
        int count = clamps.map(Clamps::count).orElse(0);
        return List.of(Finding.of(
                clamps.isPresent(),
                TEXT,
                Subject.TUBE,
                Map.of(
                        "outside", Figure.of(c.tube().get().outside()),
                        "spacing",
                                clamps.map(k -> Figure.of(k.spacing())).orElse(Figure.of(Say.it("held-in-place.none"))),
                        "count",
                                Figure.of(
                                        count == 0
                                                ? Say.it("held-in-place.none-between-ends")
                                                : count == 1
                                                        ? Say.it("held-in-place.one")
                                                        : Integer.toString(count)))));
    }
}
