package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.advice.Subject;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.Side;
import mellowflare.core.identify.Identification;
import mellowflare.core.lookalike.LookAlike;
import mellowflare.core.reference.Source;

/** A port that was not measured surely may be one of its look-alikes. */
final class LookAlikesOfPort implements Rule<HoseCase> {
    private static final RuleText UNSURE = new RuleText(
            "end.twin",
            Severity.WARN,
            "{place} was identified as {end} ({certainty} sure); it could also be {twin} ({alike}).",
            "{place} is {end} ({certainty} sure); its look-alikes are ruled out.",
            "{alike}: {forced}",
            "{tell}",
            Source.of("the end tables, twins computed"));
    private static final RuleText PICKED = new RuleText(
            "end.picked",
            Severity.NOTE,
            "{place} was picked as {end}, not measured; {twin} is easily confused with it ({alike}).",
            "{place} was picked as {end}; nothing in the tables is easily confused with it.",
            "{alike}: {forced}",
            "{tell}",
            Source.of("the end tables, twins computed"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream().map(LookAlikesOfPort::check).toList();
    }

    private static Finding check(Side s) {
        Subject about = s.which().end();
        if (s.port().isEmpty()) {
            return Finding.notChecked(UNSURE, about, Needs.port(s.which().end()));
        }
        RuleText text = s.certainty().isPresent() ? UNSURE : PICKED;
        boolean sure = s.certainty().filter(x -> x >= Identification.SETTLED).isPresent();
        Optional<LookAlike> lookAlike = s.lookAlikes().stream().findFirst();
        return Finding.of(
                lookAlike.isEmpty() || sure,
                text,
                about,
                Map.of(
                        "place", Figure.of(s.place()),
                        "end", Figure.of(s.port().get().brief()),
                        "certainty", new Figure.OfShare(s.certainty().orElse(1.0)),
                        "twin",
                                Figure.of(lookAlike
                                        .map(t -> t.other().brief())
                                        .orElse(Say.it("look-alikes-of-port.no-other"))),
                        "alike",
                                Figure.of(lookAlike
                                        .map(t -> t.kind().alike())
                                        .orElse(Say.it("look-alikes-of-port.no-look-alike-tables"))),
                        "forced",
                                Figure.of(
                                        lookAlike.map(t -> t.kind().ifForced()).orElse("none")),
                        "tell",
                                Figure.of(lookAlike
                                        .map(t -> t.kind().tellBy())
                                        .orElse(Say.it("look-alikes-of-port.nothing-tell-apart")))));
    }
}
