package mellowflare.core.hose.rules;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.hose.line.HoseCase;
import mellowflare.core.hose.line.HoseNeeds;
import mellowflare.core.hose.line.Side;
import mellowflare.core.parts.Catalogue;
import mellowflare.core.parts.Ferrule;
import mellowflare.core.reference.Source;

/** Ferrule, olive or clamp must be made for the hose's outside diameter: two hoses of one size may differ by millimetres. */
final class FerruleFits implements Rule<HoseCase> {
    private static final RuleText TEXT = new RuleText(
            "line.collar",
            Severity.STOP,
            "{collar} will not hold on {hose}: it is for {least} to {most} outside diameter, the hose has {outside}.",
            "{collar} fits the {outside} outside diameter of {hose}.",
            "{outside} against {least} to {most}",
            "Use the ferrule for {outside}, or the hose this one is made for: normal and reduced diameter do not mix.",
            Source.of("SAE J1273; house catalogue"));

    @Override
    public List<Finding> check(HoseCase c) {
        return c.sides().stream().flatMap(s -> check(c, s).stream()).toList();
    }

    private static Optional<Finding> check(HoseCase c, Side s) {
        Optional<Ferrule> ferrule =
                s.part().flatMap(p -> p.ferrule()).flatMap(c.data().get(Catalogue.KEY)::ferrule);
        return ferrule.map(k -> c.hose()
                .map(h -> Finding.of(
                        k.outside().holds(h.outside()),
                        TEXT,
                        s.which().hoseEnd(),
                        Map.of(
                                "collar", Figure.of(k.part()),
                                "least", Figure.of(k.outside().low()),
                                "most", Figure.of(k.outside().high()),
                                "hose", Figure.of(h.part()),
                                "outside", Figure.of(h.outside()))))
                .orElseGet(() -> Finding.notChecked(TEXT, s.which().hoseEnd(), HoseNeeds.HOSE)));
    }
}
