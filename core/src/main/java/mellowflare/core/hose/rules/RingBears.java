package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.connection.Seat;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.hose.Side;
import mellowflare.core.material.Compatibility;
import mellowflare.core.reference.Source;

/** Rings of the joints must bear the fluid: the stock compound is NBR. */
final class RingBears implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "joint.ring-fluid",
            Severity.STOP,
            "The stock NBR ring does not bear {fluid}.",
            "An NBR ring suits {fluid}.",
            "NBR in {fluid}: {source}",
            "Fit a ring of {instead}.",
            Source.house("fluid and elastomer table"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream()
                .filter(s -> s.seat().filter(Seat.PORT_ORING::equals).isPresent())
                .map(s -> check(c, s))
                .toList();
    }

    private static Finding check(HoseCase c, Side s) {
        Subject about = s.which().joint();
        if (c.fluid().isEmpty()) {
            return Finding.notChecked(TEXT, about, "fluid");
        }
        Compatibility table = c.data().get(Compatibility.KEY);
        String fluid = c.fluid().get().id();
        Optional<Compatibility.Row> row = table.of(fluid, "NBR");
        if (row.isEmpty()) {
            return Finding.notChecked(
                    TEXT, about, "word on NBR in " + c.fluid().get().name());
        }
        return Finding.of(
                row.get().verdict() != Compatibility.Verdict.NEVER,
                TEXT,
                about,
                Map.of(
                        "fluid", Figure.of(c.fluid().get().name()),
                        "source", Figure.of(row.get().source().text()),
                        "instead", Figure.of(table.sealFor(fluid).orElse("a compound its maker names"))));
    }
}
