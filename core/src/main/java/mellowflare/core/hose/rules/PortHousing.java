package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.connection.End;
import mellowflare.core.hose.HoseCase;
import mellowflare.core.hose.Side;
import mellowflare.core.reference.Source;

/** A ring port must have the ring housing of its standard; one cut with a small lead-in chamfer lets a fitting turn home by hand and works loose. */
final class PortHousing implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "port.housing",
            Severity.STOP,
            "A fitting turns home by hand in the {end} port of {place}: the port has no ring housing.",
            "The ring of a fitting meets the {end} port of {place} before its shoulder does.",
            "in a sound port the ring touches first and the last turns take a wrench; here the ring has room or peeps out",
            "Do not use this port. Have its mouth cut to the ring housing of the standard, or replace the part.",
            Source.of("SAE J1926-1; ISO 11926-1; ISO 6149-1"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream()
                .filter(s -> s.port().filter(End::ringPort).isPresent())
                .map(PortHousing::check)
                .toList();
    }

    private static Finding check(Side s) {
        if (s.homeByHand().isEmpty()) {
            return Finding.notChecked(
                    TEXT, s.which().joint(), "whether a fitting turns home by hand in the port at end " + s.which());
        }
        return Finding.of(
                !s.homeByHand().get(),
                TEXT,
                s.which().joint(),
                Map.of(
                        "end", Figure.of(s.port().orElseThrow().brief()),
                        "place", Figure.of(s.place().isEmpty() ? "end " + s.which() : s.place())));
    }
}
