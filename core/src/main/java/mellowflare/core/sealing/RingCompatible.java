package mellowflare.core.sealing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import mellowflare.core.advice.Figure;
import mellowflare.core.advice.Finding;
import mellowflare.core.advice.Needs;
import mellowflare.core.advice.Rule;
import mellowflare.core.advice.RuleText;
import mellowflare.core.advice.Severity;
import mellowflare.core.material.Compatibility;
import mellowflare.core.reference.Source;

/** The rubber of a joint must bear the fluid: rings, bonded washers and push-in rings alike. */
final class RingCompatible implements Rule<JointCase> {
    private static final RuleText NEVER = new RuleText(
            "joint.ring-fluid",
            Severity.STOP,
            "{rubber} is not compatible with {fluid}, and this joint usually comes with a {rubber} ring.",
            "{rubber} is compatible with {fluid}.",
            "{rubber} in {fluid}: {source}",
            "Fit {instead}.",
            Source.house("fluid and elastomer table"));
    private static final RuleText LIMITED = new RuleText(
            "joint.ring-limited",
            Severity.WARN,
            "{rubber} is compatible with {fluid} only for some grades and temperatures.",
            "{rubber} is compatible with {fluid}.",
            "{rubber} in {fluid}: {source}",
            "Ask the maker of the ring, or fit {instead}.",
            Source.house("fluid and elastomer table"));

    @Override
    public List<Finding> check(JointCase c) {
        Optional<String> rubber = c.data().get(Sealing.KEY).rubber(c.end(), c.seat());
        if (rubber.isEmpty()) {
            return List.of();
        }
        if (c.fluid().isEmpty()) {
            return List.of(Finding.notChecked(NEVER, c.about(), Needs.FLUID));
        }
        Compatibility table = c.data().get(Compatibility.KEY);
        String fluid = c.fluid().get().id();
        Optional<Compatibility.Row> row = table.of(fluid, rubber.get());
        if (row.isEmpty()) {
            return List.of(Finding.notChecked(
                    NEVER,
                    c.about(),
                    Needs.fromMaker(
                            "ring-" + rubber.get() + "-" + c.fluid().get().id(),
                            Say.it(
                                    "ring-compatible.ask-maker",
                                    "rubber",
                                    rubber.get(),
                                    "fluid",
                                    c.fluid().get().name()),
                            c.about())));
        }
        Map<String, Figure> figures = Map.of(
                "rubber", Figure.of(rubber.get()),
                "fluid", Figure.of(c.fluid().get().name()),
                "source", Figure.of(row.get().source().text()),
                "instead", Figure.of(table.sealFor(fluid).orElse(Say.it("ring-compatible.compound-that-its-maker"))));
        return List.of(
                switch (row.get().verdict()) {
                    case SUITS -> Finding.pass(NEVER, c.about(), figures);
                    case LIMITED -> Finding.fail(LIMITED, c.about(), figures);
                    case NEVER -> Finding.fail(NEVER, c.about(), figures);
                });
    }
}
