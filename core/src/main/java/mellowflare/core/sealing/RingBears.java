package mellowflare.core.sealing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.connection.Seat;
import mellowflare.core.material.Compatibility;
import mellowflare.core.reference.Source;

/** The ring of a joint must bear the fluid: the stock compound of port and face rings is NBR. */
final class RingBears implements Rule<JointCase> {
    private static final List<Seat> STOCK_RING = List.of(Seat.PORT_ORING, Seat.FACE_ORING);
    private static final RuleText TEXT = new RuleText(
            "joint.ring-fluid",
            Severity.STOP,
            "The stock NBR ring does not bear {fluid}.",
            "An NBR ring suits {fluid}.",
            "NBR in {fluid}: {source}",
            "Fit a ring of {instead}.",
            Source.house("fluid and elastomer table"));

    @Override
    public List<Finding> check(JointCase c) {
        if (!STOCK_RING.contains(c.seat())) {
            return List.of();
        }
        if (c.fluid().isEmpty()) {
            return List.of(Finding.notChecked(TEXT, c.about(), "fluid"));
        }
        Compatibility table = c.data().get(Compatibility.KEY);
        String fluid = c.fluid().get().id();
        Optional<Compatibility.Row> row = table.of(fluid, "NBR");
        if (row.isEmpty()) {
            return List.of(Finding.notChecked(
                    TEXT, c.about(), "word on NBR in " + c.fluid().get().name()));
        }
        return List.of(Finding.of(
                row.get().verdict() != Compatibility.Verdict.NEVER,
                TEXT,
                c.about(),
                Map.of(
                        "fluid", Figure.of(c.fluid().get().name()),
                        "source", Figure.of(row.get().source().text()),
                        "instead", Figure.of(table.sealFor(fluid).orElse("a compound its maker names")))));
    }
}
